package nimblestride.desktop.view.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.desktop.playback.Playhead;

/**
 * Shows the count in its own window, large enough to read from a music stand, and lights the syllable to say during
 * playback. Space plays and stops, plus and minus change the size, F11 fills the screen, Escape closes it.
 */
public final class MusicStand {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final int MAX_BARS = 200;
    private static final PseudoClass UNDERLINED = PseudoClass.getPseudoClass("underlined");

    /**
     * The largest area that may flash more than three times per second, in square pixels: a quarter of a field of 341
     * by 256 (WCAG 2.2, success criterion 2.3.1). Larger words are underlined instead.
     */
    private static final double MAX_LIT = 341 * 256 / 4.0;

    private static final double MIN_SIZE = 18;
    private static final double MAX_SIZE = 120;
    private static final double DEFAULT_SIZE = 44;
    private static final double STEP = 1.15;

    private final Stage stage = new Stage();
    private final VBox lines = new VBox();
    private final ScrollPane scroll = new ScrollPane(lines);
    private final List<Spoken> spoken = new ArrayList<>();
    private final Runnable play;
    private Phrase phrase;
    private Label lit;
    private double size = DEFAULT_SIZE;

    /** A syllable, and when to say it, in whole notes from the start of the phrase. */
    private record Spoken(double from, double to, Label label) {}

    /**
     * @param owner window whose look it takes on
     * @param play plays and stops
     */
    public MusicStand(Window owner, Runnable play) {
        this.play = play;
        stage.initOwner(owner);
        stage.setTitle("Stand - Nimble Stride");
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        lines.getStyleClass().add("stand");
        Scene scene = new Scene(scroll, 1000, 640);
        scene.getRoot().getStyleClass().add("window");
        scene.getStylesheets().setAll(owner.getScene().getStylesheets());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::press);
        stage.setScene(scene);
        stage.setOnHidden(event -> forget());
    }

    private void press(KeyEvent event) {
        KeyCode code = event.getCode();
        if (code == KeyCode.PLUS || code == KeyCode.ADD || code == KeyCode.EQUALS) {
            resize(size * STEP);
        } else if (code == KeyCode.MINUS || code == KeyCode.SUBTRACT) {
            resize(size / STEP);
        } else if (code == KeyCode.SPACE) {
            play.run();
        } else if (code == KeyCode.F11) {
            stage.setFullScreen(!stage.isFullScreen());
        } else if (code == KeyCode.ESCAPE && !stage.isFullScreen()) {
            stage.close();
        } else {
            return;
        }
        event.consume();
    }

    private void resize(double wanted) {
        size = Math.max(MIN_SIZE, Math.min(MAX_SIZE, wanted));
        lines.setStyle(String.format(Locale.ROOT, "-fx-font-size: %.1fpx;", size));
    }

    /** Returns whether the window is open. */
    public boolean isShowing() {
        return stage.isShowing();
    }

    /**
     * Opens the window on the count of an exercise.
     *
     * @param colors style of the main window's root
     */
    public void show(Exercise exercise, Counting counting, Subdivision subdivision, String colors) {
        put(exercise, counting, subdivision, colors);
        stage.show();
        stage.toFront();
    }

    /**
     * Updates the count without opening the window.
     *
     * @param colors style of the main window's root
     */
    public void put(Exercise exercise, Counting counting, Subdivision subdivision, String colors) {
        stage.getScene().getRoot().setStyle(colors);
        phrase = exercise.phrase();
        lit = null;
        spoken.clear();
        lines.getChildren().clear();
        resize(size);
        List<Bar> bars = phrase.bars();
        for (int number = 0; number < Math.min(bars.size(), MAX_BARS); number++) {
            lines.getChildren().add(line(number, bars.get(number), counting, subdivision));
        }
        if (bars.size() > MAX_BARS) {
            lines.getChildren().add(label("…", "stand-number"));
        }
    }

    private HBox line(int number, Bar bar, Counting counting, Subdivision subdivision) {
        FlowPane words = new FlowPane();
        words.getStyleClass().add("stand-words");
        HBox.setHgrow(words, Priority.ALWAYS);
        double start = phrase.startOf(number).toDouble();
        for (SpokenSyllable said : counting.count(bar, subdivision)) {
            Label word = label(said.syllable(), said.startsGroup() ? "stand-foot" : "stand-word");
            double from = start + said.at().toDouble();
            spoken.add(new Spoken(from, from + said.length().toDouble(), word));
            words.getChildren().add(word);
        }
        Label name = label((number + 1) + "  " + bar.meter(), "stand-number");
        HBox line = new HBox(name, words);
        line.getStyleClass().add("stand-line");
        return line;
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setMinWidth(Label.USE_PREF_SIZE);
        return label;
    }

    /** Lights the syllable to say now. */
    public void follow(Playhead playhead) {
        if (!stage.isShowing() || phrase == null) {
            return;
        }
        Label now = null;
        if (playhead.isShown()) {
            double within = playhead.moment().getAsDouble() % phrase.length().toDouble();
            now = spoken.stream()
                    .filter(word -> word.from <= within && within < word.to)
                    .map(Spoken::label)
                    .findFirst()
                    .orElse(null);
        }
        if (now != lit) {
            light(lit, false);
            light(now, true);
            lit = now;
        }
    }

    private void light(Label word, boolean on) {
        if (word == null) {
            return;
        }
        boolean glares = word.getWidth() * word.getHeight() > MAX_LIT;
        word.pseudoClassStateChanged(LIT, on && !glares);
        word.pseudoClassStateChanged(UNDERLINED, on && glares);
        if (on) {
            bringIntoView(word);
        }
    }

    private void bringIntoView(Label word) {
        double line = word.getParent().getParent().getBoundsInParent().getMinY();
        double height = lines.getHeight() - scroll.getViewportBounds().getHeight();
        if (height > 0) {
            double wanted = line - scroll.getViewportBounds().getHeight() / 3;
            scroll.setVvalue(Math.max(0, Math.min(1, wanted / height)));
        }
    }

    private void forget() {
        spoken.clear();
        lines.getChildren().clear();
        phrase = null;
    }

    /** Closes the window. */
    public void close() {
        stage.close();
    }
}
