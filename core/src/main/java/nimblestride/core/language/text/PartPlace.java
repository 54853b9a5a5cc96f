package nimblestride.core.language.text;

import java.util.List;
import java.util.Optional;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * The stride that some place of a written part stands for.
 *
 * @param bar number from 0, counted on through the rounds of the phrase
 * @param stride number in the bar, from 0
 * @param start when it begins, from the start of the part
 * @param end when it ends
 */
public record PartPlace(int bar, int stride, NoteValue start, NoteValue end) {
    static Optional<PartPlace> at(PartLayout layout, int index, Phrase phrase) {
        return layout.at(index).flatMap(written -> {
            TextCursor content = written.content();
            long stride = content.part(content.start(), Math.max(content.start(), Math.min(index, content.end())))
                    .content()
                    .chars()
                    .filter(sign -> sign == '/')
                    .count();
            return at(layout.bars(phrase), written.first(), (int) stride);
        });
    }

    private static Optional<PartPlace> at(Phrase bars, int number, int stride) {
        if (number >= bars.bars().size()) {
            return Optional.empty();
        }
        Bar bar = bars.bars().get(number);
        List<NoteValue> starts = bar.groupStarts();
        if (stride >= starts.size()) {
            return Optional.empty();
        }
        NoteValue start = bars.startOf(number);
        NoteValue end = stride + 1 < starts.size() ? starts.get(stride + 1) : bar.length();
        return Optional.of(new PartPlace(number, stride, start.plus(starts.get(stride)), start.plus(end)));
    }
}
