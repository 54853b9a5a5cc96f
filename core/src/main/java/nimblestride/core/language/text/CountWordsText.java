package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import nimblestride.core.time.counting.CountWords;
import nimblestride.core.time.counting.SixNotes;

/** Reads and prints the words a user counts with: {@code ap-ple, ba-na-na, wa-ter-mel-on}. */
public final class CountWordsText {
    private static final Pattern COMMA = Pattern.compile(",");

    private CountWordsText() {}

    /**
     * Reads words with commas between them; an empty text is no words.
     *
     * @throws TextException at the first word that can't be used
     */
    public static CountWords read(String text, SixNotes sixNotes) {
        TextCursor whole = new TextCursor(text);
        if (whole.isBlank()) {
            return new CountWords(sixNotes, List.of());
        }
        List<String> words = new ArrayList<>();
        for (TextCursor part : whole.split(COMMA)) {
            String word = part.content().strip();
            part.make(() -> new CountWords(sixNotes, List.of(word)), "");
            words.add(word);
        }
        return whole.make(() -> new CountWords(sixNotes, words), "");
    }

    /** Prints the user's own words as they would type them. */
    public static String write(CountWords words) {
        return String.join(", ", words.own());
    }
}
