package nimblestride.desktop.view.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import nimblestride.core.time.counting.SpokenSyllable;

/** Shows the count of one bar in large type, and lights the syllable to say. */
final class StandBar extends FlowPane {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass UNDERLINED = PseudoClass.getPseudoClass("underlined");

    /**
     * The largest area that may flash more than three times per second, in square pixels: a quarter of a field of 341
     * by 256 (WCAG 2.2, success criterion 2.3.1). Larger words are underlined instead.
     */
    private static final double MAX_LIT = 341 * 256 / 4.0;

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
