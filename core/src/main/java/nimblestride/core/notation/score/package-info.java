/**
 * Writes an exercise as notes: spelling, ties, tuplets, and beams. Begin with {@link
 * nimblestride.core.notation.score.ScoreWriter}.
 */
package nimblestride.core.notation.score;
