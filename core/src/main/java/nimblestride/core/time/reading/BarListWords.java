package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** Puts a list of bars into words: {@code 4/4 + 7/16}, {@code 3 × 7/8}, {@code 4/4 with a sixteenth added}. */
final class BarListWords {
    /** A bar is close to a familiar one if it differs by at most this part of it. */
    private static final int PART_OF_FAMILIAR = 4;

    private BarListWords() {}

    /** Returns whether a list is a familiar bar with a little added, or bars side by side. */
    static ReadingApproach approach(List<Meter> bars) {
        return isFamiliarWithMore(bars) ? ReadingApproach.FAMILIAR : ReadingApproach.PAIRED_BARS;
    }

    static String of(List<Meter> bars) {
        if (isFamiliarWithMore(bars)) {
            NoteValue more = bars.get(bars.size() - 1).length();
            String added = NoteName.of(more).isPresent() ? NoteName.one(more) : more.toString();
            return runs(bars.subList(0, bars.size() - 1)) + " with " + added + " added";
        }
        return runs(bars);
    }

    private static String runs(List<Meter> bars) {
        List<String> runs = new ArrayList<>();
        for (int from = 0; from < bars.size(); ) {
            int to = from;
            while (to < bars.size() && bars.get(to).equals(bars.get(from))) {
                to++;
            }
            runs.add((to - from > 1 ? to - from + " × " : "") + bars.get(from));
            from = to;
        }
        return String.join(" + ", runs);
    }

    /** Returns whether it is a familiar bar, perhaps several times, and a little added. */
    static boolean isFamiliarWithMore(List<Meter> bars) {
        Meter last = bars.get(bars.size() - 1);
        List<Meter> before = bars.subList(0, bars.size() - 1);
        return !before.isEmpty()
                && before.stream().distinct().count() == 1
                && last.length().times(PART_OF_FAMILIAR).compareTo(before.get(0).length()) <= 0
                && KnownBar.ALL.stream().anyMatch(bar -> bar.meter().equals(before.get(0)) && bar.cost() <= 1);
    }
}
