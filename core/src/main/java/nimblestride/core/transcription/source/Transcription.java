package nimblestride.core.transcription.source;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Bar;

/**
 * Rhythm from a file of another program, with what could not come across.
 *
 * @param title never blank
 * @param bars as they are played, with repeats played out; at least one, at most {@value #MAX_BARS}
 * @param tempos in order, the first for bar 0
 * @param parts at least one, each with a hit, all within the bars
 * @param leftOut what did not come across, in sentences
 */
public record Transcription(
        String title,
        List<Bar> bars,
        MeterSource meters,
        List<TempoMark> tempos,
        List<ImportedPart> parts,
        List<String> leftOut) {
    /** The most bars. */
    public static final int MAX_BARS = 4_000;

    /** The most hits of all parts together. */
    public static final int MAX_STROKES = 50_000;

    /** @throws InvalidValueException if there are no bars or parts, or too many, or a hit is outside the bars */
    public Transcription {
        bars = List.copyOf(bars);
        tempos = List.copyOf(tempos);
        parts = List.copyOf(parts);
        leftOut = List.copyOf(leftOut);
        if (bars.isEmpty() || bars.size() > MAX_BARS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "an import holds 1 to %,d bars, not %,d", MAX_BARS, bars.size()));
        }
        if (tempos.isEmpty() || tempos.get(0).bar() != 0) {
            throw new InvalidValueException("the first tempo must start at the first bar");
        }
        if (parts.isEmpty() || parts.stream().anyMatch(part -> part.strokes().isEmpty())) {
            throw new InvalidValueException("no part has any hits");
        }
        if (parts.stream().mapToLong(part -> part.strokes().size()).sum() > MAX_STROKES) {
            throw new InvalidValueException(String.format(Locale.ROOT, "an import holds up to %,d hits", MAX_STROKES));
        }
    }

    /**
     * Returns the index of the part that is most likely meant: the first percussion part, or else the one with the
     * most hits.
     */
    public int likeliestPart() {
        return IntStream.range(0, parts.size())
                .filter(i -> parts.get(i).percussion())
                .findFirst()
                .orElseGet(() -> IntStream.range(0, parts.size())
                        .reduce((a, b) -> parts.get(b).strokes().size()
                                        > parts.get(a).strokes().size()
                                ? b
                                : a)
                        .orElseThrow());
    }
}
