package nimblestride.desktop.ui.look;

import java.util.Locale;
import java.util.stream.IntStream;

/** The sizes everything can be shown at, in percent. */
public final class DisplaySizes {
    /** The default size, in percent. */
    public static final int DEFAULT = 100;

    private static final int[] ALL = {DEFAULT, 115, 130, 150, 175, 200};

    private DisplaySizes() {}

    /** Returns the size nearest to one asked for. */
    public static int nearest(double percent) {
        return IntStream.of(ALL)
                .boxed()
                .min((one, other) -> Double.compare(Math.abs(one - percent), Math.abs(other - percent)))
                .orElse(DEFAULT);
    }

    /** Returns the next larger size; the largest stays. */
    public static int larger(int percent) {
        return IntStream.of(ALL).filter(size -> size > percent).findFirst().orElse(ALL[ALL.length - 1]);
    }

    /** Returns the next smaller size; the smallest stays. */
    public static int smaller(int percent) {
        return IntStream.of(ALL).filter(size -> size < percent).max().orElse(ALL[0]);
    }

    /**
     * Returns a stylesheet for what opens in windows of its own: menus, lists, and tips.
     *
     * @return a URL
     */
    public static String stylesheet(int percent) {
        return "data:text/css,"
                + String.format(
                                Locale.ROOT,
                                ".context-menu,.combo-box-popup,.dialog-pane{-fx-font-size:%.1fpx;}"
                                        + ".tooltip{-fx-font-size:%.1fpx;}",
                                14 * percent / 100.0,
                                13 * percent / 100.0)
                        .replace("{", "%7B")
                        .replace("}", "%7D");
    }
}
