package nimblestride.core.notation.score;

import java.util.List;
import java.util.stream.Collectors;

/**
 * A rhythm on one line: {@code 8.} a dotted eighth, {@code r4} a quarter rest, {@code ~4} a quarter tied to what is before
 * it, {@code 3[ ]} a triplet, {@code ( )} a beam.
 */
final class Shorthand {
    private Shorthand() {}

    static String of(PartRhythm rhythm) {
        if (rhythm.isBarRest()) {
            return "rest";
        }
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < rhythm.written().size(); i++) {
            int at = i;
            List<TupletSpan> opening =
                    rhythm.tuplets().stream().filter(span -> span.from() == at).toList();
            opening.forEach(span -> text.append(span.tuplet().number()).append("["));
            if (rhythm.beams().stream().anyMatch(beam -> beam.first() == at)) {
                text.append("(");
            }
            WrittenNote written = rhythm.written().get(i);
            text.append(written.isRest() ? "r" : written.tied() ? "~" : "")
                    .append(written.shape().divisor())
                    .append(".".repeat(written.shape().dots()));
            if (rhythm.beams().stream().anyMatch(beam -> beam.last() == at)) {
                text.append(")");
            }
            rhythm.tuplets().stream().filter(span -> span.to() == at + 1).forEach(span -> text.append("]"));
            text.append(" ");
        }
        return text.toString().strip();
    }

    static String hands(Score score) {
        return score.bars().stream().map(bar -> of(bar.hands())).collect(Collectors.joining(" | "));
    }

    static String feet(Score score) {
        return score.bars().stream()
                .map(bar -> bar.feet().map(Shorthand::of).orElse("-"))
                .collect(Collectors.joining(" | "));
    }
}
