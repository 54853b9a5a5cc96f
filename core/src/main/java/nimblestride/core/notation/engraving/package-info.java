/**
 * Lays a score out in staff spaces, as plain drawing instructions. Begin with {@link
 * nimblestride.core.notation.engraving.Engraver}.
 */
package nimblestride.core.notation.engraving;
