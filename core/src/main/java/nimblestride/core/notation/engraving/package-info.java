/** A score laid out: where every sign stands, in staff spaces, as plain drawing instructions. */
package nimblestride.core.notation.engraving;
