/** An exercise written as notes: how durations are spelled, tied, grouped under beams and put into tuplets. */
package nimblestride.core.notation.score;
