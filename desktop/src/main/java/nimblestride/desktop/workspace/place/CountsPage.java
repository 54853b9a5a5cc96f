package nimblestride.desktop.workspace.place;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.PlacementEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.PlacingText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;

/** Places voices by naming counts, by clicking them, or with the arrow keys; the count lines below show each limb. */
final class CountsPage extends VBox implements Page {
    private final ExerciseDocument document;
    private final TypedField<List<Layer>> text;
    private final SelectedVoice hand = new SelectedVoice();
    private final CountLines lines;
    private Phrase phrase;

    CountsPage(
            ExerciseDocument document,
            ObjectProperty<Counting> counting,
            ObjectProperty<Subdivision> subdivision,
            ReadOnlyIntegerProperty stage) {
        this.document = document;
        getStyleClass().add("page");
        text = new TypedField<>(
                typed -> PlacingText.read(
                        typed,
                        document.exerciseProperty().get().phrase(),
                        document.exerciseProperty().get().voices()),
                layers -> PlacingText.write(
                        layers, document.exerciseProperty().get().phrase()),
                layers -> document.edit("placing", exercise -> PlacementEdits.withPlacedOnPhrase(exercise, layers)),
                document::endBurst);
        text.field().setId("placing");
        text.field().setPromptText("kick 1, 4; snare a of 2; ride every third count");
        text.field().setAccessibleText("Voices placed by naming counts");
        lines = new CountLines(document, counting, subdivision, stage, this::place, this::moveNote);
        VerticalScroll scroll = new VerticalScroll(lines);
        scroll.setFitToHeight(true);
        getChildren().setAll(text, hand, scroll);
    }

    /** Puts the selected voice on a count, or takes it away. */
    void place(int bar, NoteValue position) {
        Placement placement = new Placement(bar, position, hand.stroke());
        Exercise now = document.exerciseProperty().get();
        if (now.layers().size() < Exercise.MAX_LAYERS || PlacementEdits.isPlaced(now, hand.voice(), bar, position)) {
            document.edit(exercise -> PlacementEdits.toggle(exercise, hand.voice(), placement));
        }
        lines.pointAt(
                bar,
                position,
                PlacementEdits.isPlaced(document.exerciseProperty().get(), hand.voice(), bar, position));
    }

    /** Moves the note of the selected voice from one count to another. */
    private void moveNote(CountLines.Spot from, CountLines.Spot to) {
        if (PlacementEdits.isPlaced(document.exerciseProperty().get(), hand.voice(), from.bar(), from.position())) {
            Placement placement = new Placement(from.bar(), from.position(), hand.stroke());
            document.edit(
                    "moving a note",
                    exercise -> PlacementEdits.move(exercise, hand.voice(), placement, to.bar(), to.position()));
        }
    }

    @Override
    public void show(Exercise exercise) {
        hand.show(exercise.voices());
        text.show(PlacementEdits.placements(exercise));
        if (!exercise.phrase().equals(phrase)) {
            // The same notes have other counts in other bars.
            phrase = exercise.phrase();
            text.rewrite();
        }
    }

    @Override
    public void show(AnalyzedExercise answer) {
        lines.show(answer);
    }

    @Override
    public void setPalette(Palette palette) {
        lines.setPalette(palette);
    }
}
