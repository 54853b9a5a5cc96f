package nimblestride.core.notation.engraving;

import java.util.List;
import java.util.Optional;

/**
 * What stands on one line.
 *
 * @param segments bars, or parts of them, at least one
 * @param next with which the next line begins; empty for the last line
 */
record LineOfBars(List<BarSegment> segments, Optional<BarSegment> next) {
    LineOfBars {
        segments = List.copyOf(segments);
    }

    /** Returns the room for the signature that the next line begins with; 0 for none. */
    double courtesy() {
        return next.map(BarSegment::courtesy).orElse(0.0);
    }
}
