/**
 * Other ways to write the same music, with the pros and cons of each. Begin with {@link
 * nimblestride.core.notation.alternative.NotationOptions}.
 */
package nimblestride.core.notation.alternative;
