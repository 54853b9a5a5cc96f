/** Drawings as pictures: PDF, SVG and PNG. */
package nimblestride.formats.picture;
