package nimblestride.desktop.ui.field;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.sound.render.Loop;

/** Reads and prints bars to repeat: {@code 2 to 3}, {@code 4}, {@code all}. */
public final class LoopText {
    private static final Pattern BARS = Pattern.compile("\\s*(\\d{1,6})(?:\\s*(?:to|-)\\s*(\\d{1,6}))?\\s*");

    /** Stands for all bars, one after the other. */
    public static final String ALL = "all";

    private LoopText() {}

    /**
     * Reads a loop.
     *
     * @param bars how many bars there are
     */
    public static Optional<Loop> read(String text, int bars) {
        if (text.strip().equalsIgnoreCase(ALL)) {
            return Optional.empty();
        }
        Matcher typed = BARS.matcher(text);
        if (typed.matches()) {
            int from = Integer.parseInt(typed.group(1));
            int to = typed.group(2) == null ? from : Integer.parseInt(typed.group(2));
            if (from >= 1 && from <= to && to <= bars) {
                return Optional.of(new Loop(from - 1, to));
            }
        }
        throw new InvalidValueException("type bars from 1 to " + bars + ", such as 1 to " + bars + ", or all");
    }

    /** Prints a loop. */
    public static String write(Loop loop) {
        return loop.to() - loop.from() == 1 ? String.valueOf(loop.to()) : (loop.from() + 1) + " to " + loop.to();
    }

    /** Reads one bar. */
    public static int bar(String text, int bars) {
        Optional<Loop> one = read(text, bars);
        if (one.isEmpty() || one.get().to() - one.get().from() != 1) {
            throw new InvalidValueException("type a bar from 1 to " + bars);
        }
        return one.get().to();
    }
}
