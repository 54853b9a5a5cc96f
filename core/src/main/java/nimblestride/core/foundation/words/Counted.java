package nimblestride.core.foundation.words;

import java.util.Locale;

/** How numbers of things are put into words. */
public final class Counted {
    private Counted() {}

    /** {@code 15}, {@code 1,021}. */
    public static String number(long number) {
        if (number < 0) {
            return String.format(Locale.ROOT, "%,d", number);
        }
        // A format is slow to read, and there are hundreds of numbers in the findings of one exercise.
        return number < 1_000
                ? Long.toString(number)
                : number(number / 1_000) + ","
                        + Long.toString(1_000 + number % 1_000).substring(1);
    }

    /** {@code 1 bar}, {@code 15 bars}. */
    public static String count(long number, String thing) {
        return number(number) + " " + (number == 1 ? thing : thing + "s");
    }
}
