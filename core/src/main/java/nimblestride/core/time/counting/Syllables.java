package nimblestride.core.time.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** The syllables within a group (common practice; teachers vary the words). */
final class Syllables {
    /** What follows the number in groups of one to four notes, of six, and of eight. */
    private static final List<List<String>> AFTER_THE_NUMBER = List.of(
            List.of(),
            List.of(),
            List.of("&"),
            List.of("la", "li"),
            List.of("e", "&", "a"),
            List.of(),
            List.of("ta", "la", "ta", "li", "ta"),
            List.of(),
            List.of("ta", "e", "ta", "&", "ta", "a", "ta"));

    private static final List<List<String>> SPOKEN = List.of(
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

    private static final int FOUR = 4;

    private Syllables() {}

    /** Returns what follows the number of a group; a group without syllables of its own counts on from 2. */
    static List<String> within(int notes) {
        List<String> own = notes < AFTER_THE_NUMBER.size() ? AFTER_THE_NUMBER.get(notes) : List.of();
        return own.isEmpty()
                ? IntStream.rangeClosed(2, notes).mapToObj(Integer::toString).toList()
                : own;
    }

    static List<String> spoken(int notes) {
        List<String> said = new ArrayList<>();
        int left = notes;
        while (left >= SPOKEN.size()) {
            said.addAll(SPOKEN.get(FOUR));
            left -= FOUR;
        }
        said.addAll(SPOKEN.get(left));
        return said;
    }
}
