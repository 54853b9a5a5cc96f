/**
 * Exact note values, their names, and tempos. Nothing here rounds. Begin with {@link
 * nimblestride.core.time.value.NoteValue}.
 */
package nimblestride.core.time.value;
