/**
 * Exercises, logs, and Books as JSON, as docs/file-format.md describes it. Begin with {@link
 * nimblestride.formats.json.ExerciseJson}.
 */
package nimblestride.formats.json;
