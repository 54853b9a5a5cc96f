/**
 * Scores to and from MusicXML 4.0, plain and compressed. Begin with {@link nimblestride.formats.musicxml.ScoreXml} and
 * {@link nimblestride.formats.musicxml.MusicXmlImport}.
 */
package nimblestride.formats.musicxml;
