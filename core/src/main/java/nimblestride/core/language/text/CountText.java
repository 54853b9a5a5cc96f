package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;

/** Reads and prints a bar's count, with a bar between groups: {@code 1 & | 2 & | 3 la li}. */
public final class CountText {
    private static final Pattern BAR = Pattern.compile("\\|");
    private static final Pattern SPACE = Pattern.compile("\\s+");
    private static final int MAX_GROUP = 64;
    private static final int MAX_TRIED = 100_000;

    private CountText() {}

    /** Prints the count of a bar. */
    public static String write(Bar bar, CountingSystem countingSystem, Subdivision subdivision) {
        List<String> groups = new ArrayList<>();
        StringBuilder group = new StringBuilder();
        for (SpokenSyllable said : countingSystem.count(bar, subdivision)) {
            if (said.startsGroup() && !group.isEmpty()) {
                groups.add(group.toString());
                group.setLength(0);
            }
            group.append(group.isEmpty() ? "" : " ").append(said.syllable());
        }
        groups.add(group.toString());
        return String.join(" | ", groups);
    }

    /** Prints a line for each bar, starting with its meter. */
    public static String write(List<Bar> bars, CountingSystem countingSystem, Subdivision subdivision) {
        return bars.stream()
                .map(bar -> bar.meter() + ": " + write(bar, countingSystem, subdivision))
                .collect(Collectors.joining("\n"));
    }

    /**
     * Reads a count of a bar in its own units. Without bars between them, the groups are those that would be counted
     * this way, or the default ones where the counting system does not show groups.
     *
     * @throws TextException at the first syllable that does not belong there
     */
    public static Bar read(Meter meter, CountingSystem countingSystem, String text) {
        return countingSystem == CountingSystem.AUTOMATIC
                ? readInAny(meter, text)
                : readIn(meter, countingSystem, text);
    }

    /** Reads a count in whichever system suits the bar that comes out. */
    private static Bar readInAny(Meter meter, String text) {
        for (CountingSystem system : CountingSystem.values()) {
            try {
                if (system != CountingSystem.AUTOMATIC) {
                    Bar bar = readIn(meter, system, text);
                    if (CountingSystem.AUTOMATIC.forBar(bar) == system) {
                        return bar;
                    }
                }
            } catch (TextException e) {
                // Another system may read it.
            }
        }
        return readIn(meter, CountingSystem.AUTOMATIC.forBar(Bar.of(meter)), text);
    }

    private static Bar readIn(Meter meter, CountingSystem countingSystem, String text) {
        List<TextCursor> words = new ArrayList<>();
        List<Integer> sizes = new ArrayList<>();
        TextCursor whole = new TextCursor(text);
        for (TextCursor group : whole.split(BAR)) {
            List<TextCursor> syllables =
                    group.split(SPACE).stream().filter(one -> !one.isBlank()).toList();
            words.addAll(syllables);
            if (!syllables.isEmpty()) {
                sizes.add(syllables.size());
            }
        }
        if (words.size() != meter.units()) {
            throw whole.part(whole.end(), whole.end())
                    .error("expected " + meter.units() + " syllables for " + meter + ", and there are " + words.size());
        }
        Bar bar = new Bar(
                meter,
                sizes.size() > 1
                        ? new Grouping(sizes)
                        : grouping(
                                        meter,
                                        countingSystem,
                                        words.stream().map(TextCursor::content).toList())
                                .orElse(meter.defaultGrouping()));
        List<String> expected = countingSystem.count(bar);
        for (int i = 0; i < words.size(); i++) {
            TextCursor word = words.get(i);
            if (!word.content().equals(expected.get(i))) {
                throw word.error("expected \"" + expected.get(i) + "\" here, as in: "
                        + write(bar, countingSystem, Subdivision.AS_WRITTEN));
            }
        }
        return bar;
    }

    /** Returns the grouping that would be counted this way; empty where the counting system does not show groups. */
    private static Optional<Grouping> grouping(Meter meter, CountingSystem countingSystem, List<String> words) {
        if (!countingSystem.tellsGroups()) {
            return Optional.empty();
        }
        int[] tries = {0};
        return groups(meter, countingSystem, words, List.of(), 0, tries).map(Grouping::new);
    }

    /** Tries groups one after the other, larger ones first, for as long as their count is what was typed. */
    private static Optional<List<Integer>> groups(
            Meter meter,
            CountingSystem countingSystem,
            List<String> words,
            List<Integer> before,
            int filled,
            int[] tries) {
        if (filled == words.size()) {
            return Optional.of(before);
        }
        for (int size = Math.min(MAX_GROUP, words.size() - filled); size > 0; size--) {
            if (tries[0]++ > MAX_TRIED) {
                return Optional.empty();
            }
            List<Integer> groups = new ArrayList<>(before);
            groups.add(size);
            int left = words.size() - filled - size;
            List<Integer> whole = new ArrayList<>(groups);
            if (left > 0) {
                whole.add(left);
            }
            List<String> said = countingSystem.count(new Bar(meter, new Grouping(whole)));
            if (said.subList(filled, filled + size).equals(words.subList(filled, filled + size))) {
                Optional<List<Integer>> found = groups(meter, countingSystem, words, groups, filled + size, tries);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }
}
