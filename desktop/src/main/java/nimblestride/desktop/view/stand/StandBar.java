package nimblestride.desktop.view.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.text.Text;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.desktop.ui.look.Typefaces;

/** Shows the count of one bar in large type, group by group, and lights the syllable to say. */
final class StandBar extends FlowPane {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass UNDERLINED = PseudoClass.getPseudoClass("underlined");

    /**
     * The largest area that may flash more than three times per second, in square pixels: a quarter of a field of 341
     * by 256 (WCAG 2.2, success criterion 2.3.1). Larger words are underlined instead.
     */
    private static final double MAX_LIT = 341 * 256 / 4.0;

    private static final double MIN_SIZE = 28;
    /** The largest letters, in pixels. */
    static final double MAX_SIZE = 400;

    private static final double MEASURED_AT = 100;
    private static final int MAX_ROWS = 8;
    /** How much larger the letters must get for one more row. */
    private static final double WORTH_A_ROW = 1.2;
    /** The most syllables that stay together on a line. */
    private static final int MAX_TOGETHER = 8;
    /** How much smaller the next size is that is tried. */
    private static final double SMALLER = 0.96;
    /** What a row takes beside the letters: a line and its gap, in parts of the letter size. */
    private static final double ROW = 1.45;
    /** The gap between syllables, in parts of the letter size. */
    private static final double GAP = 0.5;

    private final List<Spoken> spoken = new ArrayList<>();
    private Optional<Label> lit = Optional.empty();

    /** A syllable, and when to say it, in whole notes from the start of the bar. */
    private record Spoken(double from, double to, Label label) {}

    StandBar(String id) {
        setId(id);
        getStyleClass().add("stand-words");
    }

    /** Shows another count. */
    void show(List<SpokenSyllable> count) {
        spoken.clear();
        lit = Optional.empty();
        List<HBox> groups = new ArrayList<>();
        for (SpokenSyllable said : count) {
            Label word = new Label(said.syllable());
            word.getStyleClass().add(said.startsGroup() ? "stand-foot" : "stand-word");
            word.setMinWidth(USE_PREF_SIZE);
            double from = said.at().toDouble();
            spoken.add(new Spoken(from, from + said.length().toDouble(), word));
            int last = groups.size() - 1;
            if (last < 0 || said.startsGroup() || groups.get(last).getChildren().size() == MAX_TOGETHER) {
                HBox group = new HBox();
                group.getStyleClass().add("stand-group");
                groups.add(group);
                last++;
            }
            groups.get(last).getChildren().add(word);
        }
        getChildren().setAll(groups);
    }

    /**
     * Makes the letters as large as there is room for.
     *
     * @param width of the room, in pixels
     * @param height of the room, in pixels
     * @param factor how much larger than that they are to be
     * @param most the largest letters, in pixels
     * @return how large they are, in pixels
     */
    double fit(double width, double height, double factor, double most) {
        List<Double> groups = getChildren().stream()
                .map(group -> ((HBox) group)
                        .getChildren().stream()
                                .mapToDouble(word -> widthOf(((Label) word).getText()) + GAP * MEASURED_AT)
                                .sum())
                .toList();
        double size = largest(groups, width, height, 1);
        for (int rows = 2; rows <= MAX_ROWS; rows++) {
            double larger = largest(groups, width, height, rows);
            if (larger > size * WORTH_A_ROW) {
                size = larger;
            }
        }
        double chosen = Math.max(MIN_SIZE, Math.min(Math.min(MAX_SIZE, most), size * factor));
        setStyle(String.format(Locale.ROOT, "-fx-font-size: %.1fpx;", chosen));
        return chosen;
    }

    private static double largest(List<Double> groups, double width, double height, int rows) {
        double size = Math.min(MAX_SIZE, height / (rows * ROW));
        while (size > MIN_SIZE && rows(groups, width * MEASURED_AT / size) > rows) {
            size *= SMALLER;
        }
        return size;
    }

    /** Returns how many rows groups take; very many where one alone has no room. */
    private static int rows(List<Double> groups, double width) {
        int rows = 1;
        double used = 0;
        for (double group : groups) {
            if (group > width) {
                return Integer.MAX_VALUE;
            }
            if (used + group > width) {
                rows++;
                used = 0;
            }
            used += group;
        }
        return rows;
    }

    private static double widthOf(String syllable) {
        Text measured = new Text(syllable);
        measured.setFont(Typefaces.bold(MEASURED_AT));
        return measured.getLayoutBounds().getWidth();
    }

    /** Lights the syllable at a moment within the bar, in whole notes. */
    void light(double moment) {
        Optional<Label> word = spoken.stream()
                .filter(one -> one.from <= moment && moment < one.to)
                .map(Spoken::label)
                .findFirst();
        if (!word.equals(lit)) {
            darken();
            word.ifPresent(now -> light(now, true));
            lit = word;
        }
    }

    /** Lights none. */
    void darken() {
        lit.ifPresent(before -> light(before, false));
        lit = Optional.empty();
    }

    private static void light(Label word, boolean on) {
        boolean glares = word.getWidth() * word.getHeight() > MAX_LIT;
        word.pseudoClassStateChanged(LIT, on && !glares);
        word.pseudoClassStateChanged(UNDERLINED, on && glares);
    }
}
