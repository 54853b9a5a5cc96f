package nimblestride.desktop.workspace.place;

import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.formats.font.Fonts;

/**
 * Spaces counts so that no syllable touches the next one or a bar line.
 *
 * @param scale pixels per whole note
 * @param lead from a bar line to the first count, in pixels
 */
record CountSpacing(double scale, double lead) {
    /** The width of the limbs' names, in pixels. */
    static final double NAMES = 85;

    /** The spacing before there is anything to space. */
    static final CountSpacing EMPTY = new CountSpacing(200, 11);

    private static final double LETTERS = 15;
    private static final int FIRST_BARS = 8;
    private static final int FIRST_COUNTS = 200;
    private static final double MAX_WIDTH = 4_000;
    private static final double BETWEEN_COUNTS = 27;
    private static final double BETWEEN_WORDS = 8;
    private static final double LEAD = 11;
    private static final double BESIDE_BAR_LINE = 4;

    /** Computes the spacing from the first bars: their two closest syllables, and their longest. */
    static CountSpacing of(CountLineText words, List<CountLines.Line> lines) {
        SortedMap<NoteValue, Double> widths = widths(words, lines);
        double scale = BETWEEN_COUNTS;
        NoteValue before = null;
        for (NoteValue moment : widths.keySet()) {
            if (before != null) {
                double apart = (widths.get(before) + widths.get(moment)) / 2 + BETWEEN_WORDS;
                scale = Math.max(
                        scale,
                        Math.max(BETWEEN_COUNTS, apart) / moment.minus(before).toDouble());
            }
            before = moment;
        }
        double longest = widths.values().stream().max(Double::compare).orElse(0.0);
        return new CountSpacing(Math.min(MAX_WIDTH, scale), Math.max(LEAD, longest / 2 + BESIDE_BAR_LINE));
    }

    /** Returns the greatest width at each moment of the first bars. */
    private static SortedMap<NoteValue, Double> widths(CountLineText words, List<CountLines.Line> lines) {
        Phrase phrase = words.phrase();
        int bars = Math.min(FIRST_BARS, phrase.bars().size());
        NoteValue end = phrase.startOf(bars);
        SortedMap<NoteValue, Double> widths = new TreeMap<>();
        for (int number = 0; number < bars; number++) {
            NoteValue start = phrase.startOf(number);
            words.said(phrase.bars().get(number)).stream()
                    .limit(FIRST_COUNTS)
                    .forEach(said -> widths.merge(start.plus(said.at()), width(said.syllable()), Math::max));
        }
        lines.stream()
                .flatMap(line -> line.notes().stream().limit(FIRST_COUNTS))
                .filter(note -> note.at().compareTo(end) < 0)
                .forEach(note -> widths.merge(note.at(), width(words.of(note)), Math::max));
        words.sticking(lines).entrySet().stream()
                .filter(hands -> widths.containsKey(hands.getKey()))
                .forEach(hands -> widths.merge(hands.getKey(), width(hands.getValue()), Math::max));
        return widths;
    }

    private static double width(String word) {
        return Fonts.get().width(word, Weight.BOLD, LETTERS);
    }

    /** Returns the place of a moment, in whole notes after the left edge. */
    double x(double moment) {
        return NAMES + lead + moment * scale;
    }

    /** Returns the moment at a place, in whole notes after the left edge. */
    double moment(double x) {
        return (x - NAMES - lead) / scale;
    }

    /** Returns how many whole notes fit in a width. */
    double seen(double width) {
        return Math.max(0, moment(width));
    }
}
