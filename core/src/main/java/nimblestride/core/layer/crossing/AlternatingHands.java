package nimblestride.core.layer.crossing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Which hand gets the hits of a layer when both hands alternate beneath it. An odd number of strokes from one hit to
 * the next changes the hand; an even number does not (arithmetic).
 *
 * @param stroke value of one stroke beneath
 * @param strokesPerCycle strokes in one cycle of the layer
 * @param hits hand of each hit of two cycles, starting with the lead hand
 */
public record AlternatingHands(NoteValue stroke, long strokesPerCycle, List<Limb> hits) {
    private static final long MAX_STROKES = 256;

    /** Returns whether each cycle starts on the other hand than the one before. */
    public boolean changes() {
        return strokesPerCycle % 2 == 1;
    }

    /**
     * Returns the hands under a layer; empty for layers that do not repeat a length of their own, that write out their
     * hands, that a foot plays, or that no plain value runs under.
     */
    public static Optional<AlternatingHands> under(Layer layer, Phrase phrase, LeadHand lead) {
        Pattern pattern = layer.pattern();
        if (!(pattern.span() instanceof Span.Length span)
                || pattern instanceof Pattern.Stuck
                || !layer.voice().isByHand()) {
            return Optional.empty();
        }
        NoteValue note = span.value().dividedBy(pattern.parts());
        NoteValue stroke = phrase.kinds().stream()
                .map(bar -> bar.meter().unit())
                .reduce(note, NoteValue::greatestCommonDivisor)
                .greatestCommonDivisor(layer.offset().isZero() ? note : layer.offset());
        long strokes = span.value().wholePartsOf(stroke);
        if (strokes < 2 || strokes > MAX_STROKES || !isPlain(stroke)) {
            return Optional.empty();
        }
        long late = layer.offset().wholePartsOf(stroke);
        long each = note.wholePartsOf(stroke);
        List<Limb> hits = new ArrayList<>();
        for (long round = 0; round < 2; round++) {
            for (int part = 0; part < pattern.parts(); part++) {
                if (pattern.strokeAt(part).isPresent()) {
                    long number = late + round * strokes + part * each;
                    hits.add(number % 2 == 0 ? lead.hand() : lead.hand().other());
                }
            }
        }
        return Optional.of(new AlternatingHands(stroke, strokes, List.copyOf(hits)));
    }

    /** Returns whether a value is at least a sixty-fourth, or a triplet of one. */
    private static boolean isPlain(NoteValue stroke) {
        long denominator = stroke.denominator() % 3 == 0 ? stroke.denominator() / 3 : stroke.denominator();
        return denominator <= 64 && Long.bitCount(denominator) == 1;
    }
}
