/** The forms in which an exercise leaves the program. */
package nimblestride.formats.export;
