/**
 * Time signatures, groupings, bars, and phrases, and the name of each count in a bar. Begin with {@link
 * nimblestride.core.time.meter.Phrase}.
 */
package nimblestride.core.time.meter;
