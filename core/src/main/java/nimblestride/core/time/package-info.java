/**
 * Holds exact lengths, tempos, meters, groupings, and the ways to read and count a bar. Depends on {@code foundation}
 * only. Begin with {@link nimblestride.core.time.value.NoteValue}, then {@link nimblestride.core.time.meter.Phrase}.
 */
package nimblestride.core.time;
