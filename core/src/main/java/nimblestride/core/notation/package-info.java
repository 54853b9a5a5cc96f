/**
 * Holds the exercise as notes: spelled, beamed, engraved, and set on pages. Depends on {@code insight}, {@code
 * exercise}, and the parents before them. Begin with {@link nimblestride.core.notation.score.ScoreWriter}, then {@link
 * nimblestride.core.notation.engraving.Engraver}.
 */
package nimblestride.core.notation;
