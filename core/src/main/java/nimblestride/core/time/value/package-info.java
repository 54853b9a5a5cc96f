/** Exact lengths of musical time, their names, and tempo. Nothing here rounds. */
package nimblestride.core.time.value;
