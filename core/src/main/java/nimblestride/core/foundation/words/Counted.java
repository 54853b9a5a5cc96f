package nimblestride.core.foundation.words;

import java.util.Locale;

/** Puts numbers of things into words. */
public final class Counted {
    private Counted() {}

    /** Returns a number with commas between thousands: {@code 15}, {@code 1,021}. */
    public static String number(long number) {
        if (number < 0) {
            return String.format(Locale.ROOT, "%,d", number);
        }
        // Parsing a format string is slow, and the findings of one exercise hold hundreds of numbers.
        return number < 1_000
                ? Long.toString(number)
                : number(number / 1_000) + ","
                        + Long.toString(1_000 + number % 1_000).substring(1);
    }

    /** Returns a number with its noun: {@code 1 bar}, {@code 15 bars}. */
    public static String count(long number, String thing) {
        return number(number) + " " + (number == 1 ? thing : thing + "s");
    }
}
