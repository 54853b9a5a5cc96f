package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nimblestride.core.time.meter.Phrase;

/** The bars of a part as they are written, before anyone reads their notes. */
final class PartLayout {
    static final Pattern STRIDE = Pattern.compile("/");

    private static final Pattern BAR_LINE = Pattern.compile("\\|");
    private static final Pattern REPEATED = Pattern.compile("\\s+x(\\d{1,6})$");
    /** The most characters of {@code x3} with a space before it. */
    private static final int LONGEST_REPEAT = 8;

    private static final String AGAIN = "%";

    private final TextCursor whole;
    private final List<WrittenBar> bars = new ArrayList<>();
    private final List<TextException> problems = new ArrayList<>();
    private int count;

    /**
     * A bar as it is written.
     *
     * @param content what stands there, perhaps {@code %}
     * @param notes what it plays: its content, or that of the bar before it that is written out
     * @param first number of the bar, from 0
     * @param times how often it plays in a row, one or more
     */
    record WrittenBar(TextCursor content, TextCursor notes, int first, int times) {
        boolean isAgain() {
            return notes != content;
        }

        /** Returns what it says stride by stride. */
        List<TextCursor> strides() {
            return notes.split(STRIDE);
        }
    }

    private PartLayout(String text) {
        this.whole = new TextCursor(text);
    }

    /** Lays out a part; what can't be laid out is among its problems. */
    static PartLayout of(String text) {
        PartLayout layout = new PartLayout(text);
        List<TextCursor> written = layout.whole.split(BAR_LINE);
        int last = written.size() - 1;
        // A bar line at the end ends the last bar.
        for (TextCursor bar : last > 0 && written.get(last).isBlank() ? written.subList(0, last) : written) {
            try {
                layout.add(bar.stripped());
            } catch (TextException e) {
                layout.problems.add(e);
                layout.count++;
            }
        }
        return layout;
    }

    private void add(TextCursor bar) {
        TextCursor ending = bar.part(Math.max(bar.start(), bar.end() - LONGEST_REPEAT), bar.end());
        Optional<MatchResult> repeat = ending.search(REPEATED);
        int times = repeat.map(match -> Integer.parseInt(match.group(1))).orElse(1);
        if (times == 0) {
            throw bar.part(bar.end() - 2, bar.end()).refuse("a bar plays at least once, such as x2");
        }
        if (count + times > Phrase.MAX_BARS) {
            throw bar.refuse(String.format(Locale.ROOT, "a part holds up to %,d bars", Phrase.MAX_BARS));
        }
        TextCursor content = bar.part(
                        bar.start(), repeat.map(MatchResult::start).orElse(bar.end()))
                .stripped();
        boolean again = content.content().equals(AGAIN);
        if (again && bars.isEmpty()) {
            throw content.error("the notes of bar 1; % plays the bar before once more");
        }
        bars.add(new WrittenBar(content, again ? bars.get(bars.size() - 1).notes : content, count, times));
        count += times;
    }

    List<WrittenBar> bars() {
        return bars;
    }

    List<TextException> problems() {
        return problems;
    }

    /** Returns how many bars it has, each as often as it plays. */
    int count() {
        return count;
    }

    /** Returns the bars of a phrase on which it is played: the phrase, or more of its rounds where the part is longer. */
    Phrase bars(Phrase phrase) {
        return isLonger(phrase) ? phrase.first(count) : phrase;
    }

    /** Returns whether it has more bars than a phrase, so that it runs across it. */
    boolean isLonger(Phrase phrase) {
        return count > phrase.bars().size();
    }

    /** Returns the bar in which a place of the text is; empty where none can be laid out. */
    Optional<WrittenBar> at(int index) {
        return bars.stream().filter(bar -> bar.content.start() <= index).reduce((one, next) -> next);
    }
}
