package nimblestride.core.notation.engraving;

import java.util.Map;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The measures of a music font, from its SMuFL metadata, in staff spaces; y grows upward, as in the metadata.
 *
 * @param boxes of each glyph
 * @param stems where stems meet noteheads
 * @param lines how thick lines are with this font
 */
public record MusicFontMetrics(Map<Glyph, Box> boxes, Map<Glyph, StemAnchors> stems, Lines lines) {
    /** The corners of a glyph: south-west and north-east. */
    public record Box(double west, double south, double east, double north) {
        /** Returns how wide the glyph is. */
        public double width() {
            return east - west;
        }
    }

    /** Where an up stem's right edge and a down stem's left edge meet a notehead. */
    public record StemAnchors(double upX, double upY, double downX, double downY) {}

    /** The engraving defaults of SMuFL that are in use. */
    public record Lines(
            double staff,
            double stem,
            double beam,
            double beamSpacing,
            double legerLine,
            double legerLineExtension,
            double tie,
            double thinBarLine,
            double thickBarLine,
            double barLineSeparation,
            double repeatDotSeparation,
            double tupletBracket) {}

    public MusicFontMetrics {
        boxes = Map.copyOf(boxes);
        stems = Map.copyOf(stems);
        for (Glyph glyph : Glyph.values()) {
            if (!boxes.containsKey(glyph)) {
                throw new InvalidValueException("the music face has no " + glyph.smuflName());
            }
        }
    }

    Box box(Glyph glyph) {
        return boxes.get(glyph);
    }

    double width(Glyph glyph) {
        return boxes.get(glyph).east();
    }

    StemAnchors stem(Glyph head) {
        Box box = boxes.get(head);
        return stems.getOrDefault(head, new StemAnchors(box.east(), 0, box.west(), 0));
    }
}
