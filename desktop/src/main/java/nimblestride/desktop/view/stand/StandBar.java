package nimblestride.desktop.view.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.text.Text;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.desktop.ui.look.Typefaces;

/** Shows the count of one bar in large type, and lights the syllable to say. */
final class StandBar extends FlowPane {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass UNDERLINED = PseudoClass.getPseudoClass("underlined");

    /**
     * The largest area that may flash more than three times per second, in square pixels: a quarter of a field of 341
     * by 256 (WCAG 2.2, success criterion 2.3.1). Larger words are underlined instead.
     */
    private static final double MAX_LIT = 341 * 256 / 4.0;

    private static final double MIN_SIZE = 28;
    private static final double MAX_SIZE = 400;
    private static final double MEASURED_AT = 100;
    private static final int MAX_ROWS = 6;
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
        for (SpokenSyllable said : count) {
            Label word = new Label(said.syllable());
            word.getStyleClass().add(said.startsGroup() ? "stand-foot" : "stand-word");
            word.setMinWidth(USE_PREF_SIZE);
            double from = said.at().toDouble();
            spoken.add(new Spoken(from, from + said.length().toDouble(), word));
        }
        getChildren().setAll(spoken.stream().map(Spoken::label).toList());
    }

    /**
     * Makes the letters as large as there is room for.
     *
     * @param width of the room, in pixels
     * @param height of the room, in pixels
     * @param factor how much larger than that they are to be
     */
    void fit(double width, double height, double factor) {
        double wide = spoken.stream()
                .mapToDouble(one -> widthOf(one.label.getText()) + GAP * MEASURED_AT)
                .sum();
        double best = 0;
        for (int rows = 1; rows <= MAX_ROWS && wide > 0; rows++) {
            // A row is filled only up to where its last syllable would not fit.
            double filled = rows == 1 ? width : width * 0.85 * rows;
            best = Math.max(best, Math.min(filled / wide * MEASURED_AT, height / (rows * ROW)));
        }
        setStyle(String.format(
                Locale.ROOT, "-fx-font-size: %.1fpx;", Math.max(MIN_SIZE, Math.min(MAX_SIZE, best * factor))));
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
