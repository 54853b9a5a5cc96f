package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads and prints a bar's count, with a line between groups and two between inner bars: {@code 1 & | 2 & | 3 la li},
 * {@code 1 2 3 | 1 2 || 1 2 3}.
 */
public final class CountText {
    private static final Pattern INNER_BAR = Pattern.compile("\\|\\|");
    private static final Pattern GROUP = Pattern.compile("\\|");
    private static final Pattern SPACE = Pattern.compile("\\s+");
    private static final int MAX_GROUP = 64;
    private static final int MAX_TRIED = 100_000;

    private CountText() {}

    /** Prints the count of a bar. */
    public static String write(Bar bar, Counting counting, Subdivision subdivision) {
        Set<NoteValue> innerBars = new HashSet<>(bar.innerBarStarts());
        StringBuilder text = new StringBuilder();
        for (SpokenSyllable said : counting.count(bar, subdivision)) {
            if (!text.isEmpty()) {
                text.append(!said.startsGroup() ? " " : innerBars.contains(said.at()) ? " || " : " | ");
            }
            text.append(said.syllable());
        }
        return text.toString();
    }

    /** Prints the count of a bar in its own units, with the same line between all groups. */
    public static String writeGroups(Bar bar, Counting counting) {
        return write(bar, counting, Subdivision.AS_WRITTEN).replace("||", "|");
    }

    /** Prints a line for each bar, starting with its meter. */
    public static String write(List<Bar> bars, Counting counting, Subdivision subdivision) {
        return bars.stream()
                .map(bar -> bar.meter() + ": " + write(bar, counting, subdivision))
                .collect(Collectors.joining("\n"));
    }

    /**
     * Reads a count of a bar in its own units. Without bars between them, the groups are those that would be counted
     * this way, or the default ones where the counting system does not show groups.
     *
     * @throws TextException at the first syllable that does not belong there
     */
    public static Bar read(Meter meter, Counting counting, String text) {
        return counting.system() == CountingSystem.AUTOMATIC
                ? readInAny(meter, counting, text)
                : readIn(meter, counting, text);
    }

    /** Reads a count in whichever system suits the bar that comes out. */
    private static Bar readInAny(Meter meter, Counting counting, String text) {
        for (CountingSystem system : CountingSystem.values()) {
            try {
                if (system != CountingSystem.AUTOMATIC) {
                    Bar bar = readIn(meter, counting.in(system), text);
                    if (CountingSystem.AUTOMATIC.forBar(bar) == system) {
                        return bar;
                    }
                }
            } catch (TextException e) {
                // Another system may read it.
            }
        }
        return readIn(meter, counting.in(CountingSystem.AUTOMATIC.forBar(Bar.of(meter))), text);
    }

    private static Bar readIn(Meter meter, Counting counting, String text) {
        List<TextCursor> words = new ArrayList<>();
        List<List<Integer>> innerBars = new ArrayList<>();
        TextCursor whole = new TextCursor(text);
        for (TextCursor innerBar : whole.split(INNER_BAR)) {
            List<Integer> sizes = new ArrayList<>();
            for (TextCursor group : innerBar.split(GROUP)) {
                List<TextCursor> syllables = group.split(SPACE).stream()
                        .filter(one -> !one.isBlank())
                        .toList();
                words.addAll(syllables);
                if (!syllables.isEmpty()) {
                    sizes.add(syllables.size());
                }
            }
            if (!sizes.isEmpty()) {
                innerBars.add(sizes);
            }
        }
        if (words.size() != meter.units()) {
            throw whole.part(whole.end(), whole.end())
                    .error(meter.units() + " syllables for " + meter + "; this has " + words.size());
        }
        Bar bar = new Bar(
                meter,
                innerBars.size() > 1 || innerBars.get(0).size() > 1
                        ? Grouping.ofInnerBars(innerBars)
                        : grouping(
                                        meter,
                                        counting,
                                        words.stream().map(TextCursor::content).toList())
                                .orElse(meter.defaultGrouping()));
        List<String> expected = counting.count(bar);
        for (int i = 0; i < words.size(); i++) {
            TextCursor word = words.get(i);
            if (!word.content().equals(expected.get(i))) {
                throw word.error(
                        "\"" + expected.get(i) + "\" here, such as: " + write(bar, counting, Subdivision.AS_WRITTEN));
            }
        }
        return bar;
    }

    /** Returns the grouping that would be counted this way; empty where the counting system does not show groups. */
    private static Optional<Grouping> grouping(Meter meter, Counting counting, List<String> words) {
        if (!counting.system().tellsGroups()) {
            return Optional.empty();
        }
        int[] tries = {0};
        return groups(meter, counting, words, List.of(), 0, tries).map(Grouping::new);
    }

    /** Tries groups one after the other, larger ones first, for as long as their count is what was typed. */
    private static Optional<List<Integer>> groups(
            Meter meter, Counting counting, List<String> words, List<Integer> before, int filled, int[] tries) {
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
            List<String> said = counting.count(new Bar(meter, new Grouping(whole)));
            if (said.subList(filled, filled + size).equals(words.subList(filled, filled + size))) {
                Optional<List<Integer>> found = groups(meter, counting, words, groups, filled + size, tries);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }
}
