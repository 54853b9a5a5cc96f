package nimblestride.core.time.counting;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The words a user counts with.
 *
 * @param own the user's own words for groups, each with as many syllables as its group has notes, joined by hyphens:
 *     {@code ap-ple} for two, {@code ba-na-na} for three
 */
public record CountWords(SixNotes sixNotes, List<String> own) {
    /** What most users start with. */
    public static final CountWords DEFAULT = new CountWords(SixNotes.TA_LA, List.of());

    /** The most syllables in a word. */
    public static final int MAX_SYLLABLES = 16;

    private static final String EXAMPLE = "For example: ap-ple, ba-na-na, wa-ter-mel-on";

    /**
     * @throws InvalidValueException if a word or a syllable is empty, a word contains spaces or a line, or two words
     *     have equally many syllables
     */
    public CountWords {
        own = List.copyOf(own);
        Map<Integer, String> known = new HashMap<>();
        for (String word : own) {
            check(word);
            String other = known.put(syllables(word).size(), word);
            if (other != null) {
                throw new InvalidValueException("\"" + other + "\" and \"" + word + "\" both have "
                        + syllables(word).size() + " syllables; keep one word per group size. " + EXAMPLE);
            }
        }
    }

    private static void check(String word) {
        if (word.isBlank()) {
            throw new InvalidValueException("a word can't be empty. " + EXAMPLE);
        }
        if (word.chars().anyMatch(Character::isWhitespace)) {
            throw new InvalidValueException(
                    "\"" + word + "\" contains a space; join its syllables with hyphens. " + EXAMPLE);
        }
        if (word.contains("|") || word.contains(",")) {
            throw new InvalidValueException(
                    "\"" + word + "\" contains a comma or bar; use letters and hyphens. " + EXAMPLE);
        }
        List<String> syllables = syllables(word);
        if (syllables.contains("")) {
            throw new InvalidValueException("\"" + word + "\" has an empty syllable. " + EXAMPLE);
        }
        if (syllables.size() > MAX_SYLLABLES) {
            throw new InvalidValueException("\"" + word + "\" has " + syllables.size() + " syllables; up to "
                    + MAX_SYLLABLES + " fit in a group");
        }
    }

    private static List<String> syllables(String word) {
        return Arrays.asList(word.split("-", -1));
    }

    /** Returns the syllables of the user's own word for a group; empty if there is none. */
    Optional<List<String>> ownFor(int notes) {
        return own.stream()
                .map(CountWords::syllables)
                .filter(syllables -> syllables.size() == notes)
                .findFirst();
    }
}
