package nimblestride.core.value;

import java.util.Locale;

/** How numbers of things are put into words. */
public final class Tally {
    private Tally() {}

    /** {@code 15}, {@code 1,021}. */
    public static String number(long number) {
        // Most are small, and a format is slow to read.
        return number >= 0 && number < 1_000 ? Long.toString(number) : String.format(Locale.ROOT, "%,d", number);
    }

    /** {@code 1 bar}, {@code 15 bars}. */
    public static String count(long number, String thing) {
        return number(number) + " " + (number == 1 ? thing : thing + "s");
    }
}
