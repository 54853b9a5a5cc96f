package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import nimblestride.core.layer.pattern.Reset;

/** Reads and prints where a layer resets: {@code bar}, {@code phrase}, {@code never}, {@code bars 3 7}. */
public final class ResetText {
    private static final String EXPECTED =
            "bar, phrase, never, or bars and their numbers. For example: kick every 3/16 reset bars 3 7";

    private ResetText() {}

    /**
     * Reads a reset.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Reset read(String text) {
        TextCursor cursor = new TextCursor(text);
        Reset reset = read(cursor);
        if (!cursor.atEnd()) {
            throw cursor.atNext(EXPECTED);
        }
        return reset;
    }

    static Reset read(TextCursor cursor) {
        if (cursor.atEnd()) {
            throw cursor.atNext(EXPECTED);
        }
        if (cursor.peekWord().is("bars")) {
            return atBars(cursor);
        }
        for (Reset.Usual reset : Reset.Usual.values()) {
            if (cursor.peekWord().is(write(reset))) {
                cursor.takeWord();
                return reset;
            }
        }
        throw cursor.atNext(EXPECTED);
    }

    private static Reset atBars(TextCursor cursor) {
        TextCursor.Word keyword = cursor.takeWord();
        List<Integer> bars = new ArrayList<>();
        while (!cursor.atEnd()
                && !PatternText.ENDINGS.contains(cursor.peekWord().text())) {
            TextCursor.Word word = cursor.takeWord();
            for (String number : word.text().split("[,&]|and", -1)) {
                if (!number.isEmpty()) {
                    bars.add(numbered(cursor, word, number));
                }
            }
        }
        return cursor.make(keyword.from(), () -> new Reset.AtBars(bars));
    }

    private static int numbered(TextCursor cursor, TextCursor.Word word, String number) {
        if (!number.matches("\\d{1,6}") || Integer.parseInt(number) == 0) {
            throw cursor.at(word, "a bar number from 1 up. For example: kick every 3/16 reset bars 3 7");
        }
        return Integer.parseInt(number) - 1;
    }

    /** Prints a reset as a user would type it. */
    public static String write(Reset reset) {
        return reset instanceof Reset.AtBars chosen
                ? chosen.bars().stream()
                        .map(bar -> String.valueOf(bar + 1))
                        .collect(Collectors.joining(" ", "bars ", ""))
                : ((Reset.Usual) reset).name().toLowerCase(Locale.ROOT);
    }
}
