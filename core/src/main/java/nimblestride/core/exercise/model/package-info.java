/** The exercise that every view shows, its history, its edits, and all that can be reckoned from it. */
package nimblestride.core.exercise.model;
