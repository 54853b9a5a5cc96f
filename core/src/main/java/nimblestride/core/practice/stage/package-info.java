/** The stages on the way to an exercise: which there might be, and what is played in each. */
package nimblestride.core.practice.stage;
