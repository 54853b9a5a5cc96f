/**
 * The fonts that ship with the program, Lato for text and Bravura for music: files, measures, and outlines. Begin with
 * {@link nimblestride.formats.font.Fonts}.
 */
package nimblestride.formats.font;
