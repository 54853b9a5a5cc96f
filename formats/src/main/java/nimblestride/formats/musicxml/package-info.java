/** Scores as MusicXML 4.0, plain and compressed. */
package nimblestride.formats.musicxml;
