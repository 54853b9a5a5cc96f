package nimblestride.desktop.workspace.group;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.GapsText;
import nimblestride.core.time.listening.Listening;
import nimblestride.core.time.listening.PatternGuess;
import nimblestride.core.time.listening.Taps;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TapKey;
import nimblestride.desktop.ui.page.Page;

/** Finds the meter of what the user taps with the T key or the button, or types as the lengths between accents. */
final class ListenPage extends VBox implements Page {
    private static final long NANOS_IN_A_MICRO = 1_000;
    private static final String HOW = "Tap the accents of a repeating pattern with the T key: at least three times"
            + " through, then once more on the 1. Or type the gaps between accents.";

    private final ExerciseDocument document;
    private final LongSupplier nanos;
    private final Consumer<String> hold;
    private final Button tap = new Button("Tap  (T)");
    private final Button again = new Button("Start again");
    private final TextField lengths = new TextField();
    private final Label answer = new WrappedLabel(HOW);
    private final GridPane found = new GridPane();
    private Taps taps = Taps.none();

    /**
     * @param nanos a clock in nanoseconds
     * @param hold receives the pattern found, to compare it with the bars
     */
    ListenPage(ExerciseDocument document, LongSupplier nanos, Consumer<String> hold) {
        this.document = document;
        this.nanos = nanos;
        this.hold = hold;
        getStyleClass().add("page");
        tap.setId("tap");
        tap.setMinWidth(Region.USE_PREF_SIZE);
        tap.setOnMousePressed(event -> tap());
        again.setId("tap-again");
        again.setMinWidth(Region.USE_PREF_SIZE);
        again.setOnAction(event -> startAgain());
        lengths.setId("gaps");
        lengths.setPromptText("3 3 2 of 1/8");
        lengths.setAccessibleText("Gaps between accents, such as: 3 3 2 of 1/8");
        lengths.textProperty().addListener(change -> typed());
        HBox.setHgrow(lengths, Priority.ALWAYS);
        HBox line = new HBox(tap, again, lengths);
        line.getStyleClass().add("add-line");
        found.getStyleClass().add("ways");
        getChildren().setAll(line, answer, new VerticalScroll(found));
        new TapKey(this, this::tap);
    }

    private void tap() {
        long now = nanos.getAsLong() / NANOS_IN_A_MICRO;
        List<Long> before = taps.micros();
        if (!before.isEmpty() && now <= before.get(before.size() - 1)) {
            return;
        }
        taps = taps.and(now);
        lengths.clear();
        listen();
    }

    private void listen() {
        try {
            List<PatternGuess> heard = Listening.to(taps);
            say(taps.micros().size() + " taps.", "label");
            show(heard, true);
        } catch (StrideException e) {
            say(
                    taps.micros().size() + (taps.micros().size() == 1 ? " tap: " : " taps: ") + e.getMessage() + ".",
                    "quiet");
            found.getChildren().clear();
        }
    }

    private void startAgain() {
        taps = Taps.none();
        lengths.clear();
        found.getChildren().clear();
        say(HOW, "label");
    }

    private void typed() {
        if (lengths.getText().isBlank()) {
            return;
        }
        taps = Taps.none();
        try {
            PatternGuess heard = Listening.to(
                    GapsText.read(lengths.getText()),
                    document.exerciseProperty().get().tempo());
            say("From the gaps you typed:", "label");
            show(List.of(heard), false);
        } catch (StrideException e) {
            found.getChildren().clear();
            say(e.getMessage(), "problem");
        }
    }

    private void say(String text, String style) {
        answer.getStyleClass().setAll("label", style);
        answer.setText(text);
    }

    private void show(List<PatternGuess> heard, boolean tapped) {
        found.getChildren().clear();
        for (PatternGuess one : heard) {
            Label bars = new WrappedLabel(BarsText.write(one.phrase()), "reading-grouping");
            String sure = tapped ? one.sure() + ", " + one.why() + ", quarter = " + one.tempo() : one.why();
            String meters =
                    one.bars().stream().map(bar -> bar.grouping().toString()).collect(Collectors.joining(", "));
            Label why = new WrappedLabel(meters + ": " + sure, "quiet");
            VBox both = new VBox(bars, why);
            GridPane.setHgrow(both, Priority.ALWAYS);
            Button take = new SmallButton("Use this meter", () -> take(one, tapped));
            take.setId("heard-" + heard.indexOf(one));
            Button fill = new SmallButton("Does it fill?", () -> hold.accept(one.written() + " of " + one.unit()));
            found.addRow(found.getRowCount(), both, take, fill);
        }
    }

    private void take(PatternGuess heard, boolean tapped) {
        document.edit(exercise -> {
            Exercise taken = exercise.withPhrase(heard.phrase());
            return tapped && taken.allowsTempo(heard.tempo()) ? taken.withTempo(heard.tempo()) : taken;
        });
    }

    @Override
    public void show(Exercise exercise) {
        // The result does not depend on the open exercise.
    }
}
