package nimblestride.desktop.ui.field;

import java.util.Locale;
import java.util.function.Function;
import nimblestride.core.foundation.failure.InvalidValueException;

/** Reads a number of bars. */
public final class BarCountParser {
    private BarCountParser() {}

    /** Returns a reader of numbers from 1 up to a limit, which refuses anything else with what would work. */
    public static Function<String, Integer> upTo(int most) {
        return text -> {
            String typed = text.strip();
            if (!typed.matches("\\d{1,9}") || Integer.parseInt(typed) < 1 || Integer.parseInt(typed) > most) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "type a number of bars from 1 to %,d, such as 4", most));
            }
            return Integer.parseInt(typed);
        };
    }
}
