package nimblestride.core.notation.engraving;

import nimblestride.core.notation.engraving.Mark.Weight;

/** The measures of a text face. */
public interface TextMetrics {
    /** Returns the width of a text at one unit per em. */
    double width(String text, Weight weight);

    /** Returns the width of a text at a size. */
    default double width(String text, Weight weight, double size) {
        return width(text, weight) * size;
    }
}
