package nimblestride.desktop.ui.look;

import java.util.Locale;
import java.util.stream.IntStream;

/** How large everything can be shown, in percent of its usual size. */
public final class DisplaySizes {
    public static final int DEFAULT = 100;

    private static final int[] ALL = {DEFAULT, 115, 130, 150, 175, 200};

    private DisplaySizes() {}

    /** The size nearest to what somebody asked for. */
    public static int nearest(double percent) {
        return IntStream.of(ALL)
                .boxed()
                .min((one, other) -> Double.compare(Math.abs(one - percent), Math.abs(other - percent)))
                .orElse(DEFAULT);
    }

    /** The next larger size; the largest has none and stays. */
    public static int larger(int percent) {
        return IntStream.of(ALL).filter(size -> size > percent).findFirst().orElse(ALL[ALL.length - 1]);
    }

    /** The next smaller size; the smallest has none and stays. */
    public static int smaller(int percent) {
        return IntStream.of(ALL).filter(size -> size < percent).max().orElse(ALL[0]);
    }

    /**
     * A stylesheet for what opens in windows of its own: menus, lists and hints.
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
