package nimblestride.core.notation.engraving;

import nimblestride.core.notation.engraving.Mark.Weight;

/** The measures of a text face. */
public interface TextMetrics {
    /** How wide words are, for letters of one unit to the em. */
    double width(String text, Weight weight);

    /** How wide words are at a size. */
    default double width(String text, Weight weight, double size) {
        return width(text, weight) * size;
    }
}
