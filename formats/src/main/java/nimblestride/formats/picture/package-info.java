/** Drawings as PDF, SVG, and PNG. Begin with {@link nimblestride.formats.picture.PdfFile}. */
package nimblestride.formats.picture;
