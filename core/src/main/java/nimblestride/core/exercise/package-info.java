/** The exercise that every view shows, its history, and what the program knows about it. */
package nimblestride.core.exercise;
