package nimblestride.core.time.counting;

import java.util.ArrayList;
import java.util.Collections;
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

    private static final List<List<String>> KONNAKOL = List.of(
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

    /** Takadimi by the notes in a beat (Hoffman, Pelto, and White 1996). */
    private static final List<List<String>> TAKADIMI = List.of(
            List.of(),
            List.of("ta"),
            List.of("ta", "di"),
            List.of("ta", "ki", "da"),
            List.of("ta", "ka", "di", "mi"),
            List.of("ta", "ka", "di", "mi", "ti"),
            List.of("ta", "va", "ki", "di", "da", "ma"),
            List.of("ta", "va", "ki", "di", "da", "ma", "ti"));

    /** Gordon by the notes in an even beat (Gordon 1993). */
    private static final List<List<String>> GORDON = List.of(
            List.of(),
            List.of("du"),
            List.of("du", "de"),
            List.of("du", "da", "di"),
            List.of("du", "ta", "de", "ta"),
            List.of("du", "ta", "ta", "ta", "ta"),
            List.of("du", "ta", "da", "ta", "di", "ta"));

    /** Eastman after the number of the beat (McHose and Tibbs 1945). */
    private static final List<List<String>> EASTMAN = List.of(
            List.of(),
            List.of(),
            List.of("te"),
            List.of("la", "li"),
            List.of("ta", "te", "ta"),
            List.of("ta", "ta", "ta", "ta"),
            List.of("ta", "la", "ta", "li", "ta"));

    private static final List<List<String>> GORDON_UNEVEN = List.of(
            List.of(), List.of("du"), List.of("du", "be"), List.of("du", "ba", "bi"), List.of("du", "ta", "be", "ta"));

    private static final int FOUR = 4;

    private Syllables() {}

    /** Returns what follows the number of a group; a group without syllables of its own counts on from 2. */
    static List<String> within(int notes) {
        List<String> own = notes < AFTER_THE_NUMBER.size() ? AFTER_THE_NUMBER.get(notes) : List.of();
        return own.isEmpty()
                ? IntStream.rangeClosed(2, notes).mapToObj(Integer::toString).toList()
                : own;
    }

    /** Returns the konnakol words of a group; a longer group goes in fours with the rest last. */
    static List<String> konnakol(int notes) {
        return inFours(notes, KONNAKOL);
    }

    /** Returns the Takadimi syllables of a beat; more notes than it names go in fours with the rest last. */
    static List<String> takadimi(int notes) {
        return inFours(notes, TAKADIMI);
    }

    private static List<String> inFours(int notes, List<List<String>> known) {
        List<String> said = new ArrayList<>();
        int left = notes;
        while (left >= known.size()) {
            said.addAll(known.get(FOUR));
            left -= FOUR;
        }
        said.addAll(known.get(left));
        return said;
    }

    /**
     * Returns the Gordon syllables of a beat.
     *
     * @param uneven whether the beats of the bar are unequal
     */
    static List<String> gordon(int notes, boolean uneven) {
        return inFours(notes, uneven && notes < GORDON_UNEVEN.size() ? GORDON_UNEVEN : GORDON);
    }

    /** Returns the Eastman syllables after the number of a beat. */
    static List<String> eastman(int notes) {
        if (notes < EASTMAN.size()) {
            return EASTMAN.get(notes);
        }
        return Collections.nCopies(notes - 1, "ta");
    }
}
