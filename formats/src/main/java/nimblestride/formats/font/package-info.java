/** The faces that ship with the program, Lato for text and Bravura for music: their files, measures and outlines. */
package nimblestride.formats.font;
