package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads lengths between accents: {@code 3 3 2 of 1/8} (units; eighths by default) or {@code 3/16 3/16 1/8}. Commas and
 * plus signs may stand between them.
 */
public final class GapsText {
    /** The most lengths. */
    public static final int MAX = 1_024;

    private static final String EXAMPLE = "For example: 3 3 2 of 1/8, or 3/16 3/16 1/8";
    private static final NoteValue EIGHTH = NoteValue.of(1, 8);
    private static final Pattern BETWEEN = Pattern.compile("[\\s,+]+");
    private static final Pattern LENGTH = Pattern.compile("\\d+(/\\d+)?");

    private GapsText() {}

    /**
     * Reads lengths.
     *
     * @throws TextException at the first place that can't be read
     */
    public static List<NoteValue> read(String text) {
        TextCursor whole = new TextCursor(text);
        Optional<TextCursor> of = whole.find(" of ", 0);
        NoteValue unit = of.map(found -> ValueText.read(whole.part(found.end(), whole.end())))
                .orElse(EIGHTH);
        TextCursor list = whole.part(0, of.map(TextCursor::start).orElse(whole.end()));
        List<NoteValue> lengths = new ArrayList<>();
        for (TextCursor word : list.split(BETWEEN)) {
            if (!word.isBlank()) {
                lengths.add(length(word, unit));
                if (lengths.size() > MAX) {
                    throw word.error(String.format(Locale.ROOT, "at most %,d gaps", MAX));
                }
            }
        }
        if (lengths.isEmpty()) {
            throw list.error("the gaps between accents. " + EXAMPLE);
        }
        return lengths;
    }

    private static NoteValue length(TextCursor word, NoteValue unit) {
        if (word.match(LENGTH).isEmpty()) {
            throw word.error("a gap: a number of units, or a value such as 3/16. " + EXAMPLE);
        }
        NoteValue read = ValueText.read(word);
        NoteValue length = word.content().contains("/")
                ? read
                : word.make(() -> unit.times(read.wholePartsOf(NoteValue.WHOLE)), ". " + EXAMPLE);
        if (length.isZero()) {
            throw word.error("a gap longer than zero. " + EXAMPLE);
        }
        return length;
    }
}
