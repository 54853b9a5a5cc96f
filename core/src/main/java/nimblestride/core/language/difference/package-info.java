/**
 * What differs between two states of an exercise, in the words in which one would type it. Begin with {@link
 * nimblestride.core.language.difference.Differences}.
 */
package nimblestride.core.language.difference;
