/** Exercises to and from JSON, as docs/file-format.md describes it. */
package nimblestride.formats.json;
