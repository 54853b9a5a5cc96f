/**
 * Where layers land on the bar line, realign, and meet, by number theory and not by walking the cycle. Begin with
 * {@link nimblestride.core.layer.alignment.Alignment}.
 */
package nimblestride.core.layer.alignment;
