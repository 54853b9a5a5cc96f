package nimblestride.core.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Place;

/** Ways to count a bar aloud, one syllable for each unit. Good teachers differ; none is the right one. */
public enum CountingSchool {
    /** Beats are numbers, and what lies between has syllables: {@code 1 e & a}. It shows where the quarters are. */
    BEATS("beats and syllables") {
        @Override
        public List<String> count(Bar bar) {
            return IntStream.range(0, bar.meter().units())
                    .mapToObj(unit -> new Place(bar.meter(), bar.meter().unit().times(unit)).syllable())
                    .toList();
        }
    },
    /** Every unit a number, through the bar: one always knows how far it is. */
    STRAIGHT("straight through the bar") {
        @Override
        public List<String> count(Bar bar) {
            return IntStream.rangeClosed(1, bar.meter().units())
                    .mapToObj(Integer::toString)
                    .toList();
        }
    },
    /** Every group begins at 1 again: one feels the strides. */
    GROUPS("again from 1 in each group") {
        @Override
        public List<String> count(Bar bar) {
            List<String> count = new ArrayList<>();
            for (int size : bar.grouping().sizes()) {
                IntStream.rangeClosed(1, size).mapToObj(Integer::toString).forEach(count::add);
            }
            return count;
        }
    },
    /** The number of the group, then syllables within it: {@code 1 & 2 & 3 la li}. */
    GROUP_SYLLABLES("a number for each group") {
        @Override
        public List<String> count(Bar bar) {
            List<String> count = new ArrayList<>();
            int number = 1;
            for (int size : bar.grouping().sizes()) {
                count.add(Integer.toString(number++));
                for (int unit = 1; unit < size; unit++) {
                    count.add(syllableWithin(size, unit));
                }
            }
            return count;
        }
    },
    /**
     * Spoken rhythm: a word for each group of two to nine, as in the solkattu of South Indian drumming (common practice,
     * quoted from memory; teachers vary the words). Longer groups are spoken as fours with the rest last.
     */
    SPOKEN("spoken rhythm") {
        @Override
        public List<String> count(Bar bar) {
            List<String> count = new ArrayList<>();
            for (int size : bar.grouping().sizes()) {
                addSpoken(size, count);
            }
            return count;
        }
    };

    private static final List<List<String>> WITHIN =
            List.of(List.of(), List.of(), List.of("&"), List.of("la", "li"), List.of("e", "&", "a"));

    private static final List<List<String>> WORDS = List.of(
            List.of(),
            List.of("ta"),
            List.of("ta", "ka"),
            List.of("ta", "ki", "ta"),
            List.of("ta", "ka", "di", "mi"),
            List.of("ta", "di", "gi", "na", "tom"),
            List.of("ta", "ka", "di", "mi", "ta", "ka"),
            List.of("ta", "ki", "ta", "ta", "ka", "di", "mi"),
            List.of("ta", "ka", "di", "mi", "ta", "ka", "ju", "nu"),
            List.of("ta", "ka", "di", "mi", "ta", "di", "gi", "na", "tom"));

    private final String title;

    CountingSchool(String title) {
        this.title = title;
    }

    /** Its name for people. */
    public String title() {
        return title;
    }

    /** What is said on each unit of a bar, in order. */
    public abstract List<String> count(Bar bar);

    private static String syllableWithin(int size, int unit) {
        return size < WITHIN.size() ? WITHIN.get(size).get(unit - 1) : Integer.toString(unit + 1);
    }

    private static void addSpoken(int size, List<String> count) {
        int left = size;
        while (left >= WORDS.size()) {
            count.addAll(WORDS.get(4));
            left -= 4;
        }
        count.addAll(WORDS.get(left));
    }
}
