/**
 * Rows of lists as sentences: what a layer plays, what to do in a stage, what a section is. Begin with {@link
 * nimblestride.core.language.sentence.LayerSentence}.
 */
package nimblestride.core.language.sentence;
