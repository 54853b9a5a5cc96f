package nimblestride.desktop.workspace.place;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.Placing;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.PlacingText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.counting.CountingSchool;
import nimblestride.core.time.counting.Division;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.Answer;
import nimblestride.desktop.document.exercise.Desk;
import nimblestride.desktop.ui.control.DownScroll;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;

/** Voices placed by naming counts, by clicking them, or with the arrow keys; below, the count lines limb by limb. */
final class CountsPage extends VBox implements Page {
    private final Desk desk;
    private final TypedField<List<Layer>> text;
    private final VoiceInHand hand = new VoiceInHand();
    private final CountLines lines;
    private Phrase phrase;

    CountsPage(
            Desk desk,
            ObjectProperty<CountingSchool> school,
            ObjectProperty<Division> division,
            ReadOnlyIntegerProperty stage) {
        this.desk = desk;
        getStyleClass().add("page");
        text = new TypedField<>(
                typed -> PlacingText.read(
                        typed,
                        desk.exercise().get().phrase(),
                        desk.exercise().get().voices()),
                layers -> PlacingText.write(layers, desk.exercise().get().phrase()),
                layers -> desk.edit("placing", exercise -> Placing.withPlaced(exercise, layers)),
                desk::endBurst);
        text.field().setId("placing");
        text.field().setPromptText("kick 1, 4; snare a of 2; ride every third count");
        text.field().setAccessibleText("Voices placed by naming counts");
        lines = new CountLines(desk, school, division, stage, this::place, this::moveNote);
        DownScroll scroll = new DownScroll(lines);
        scroll.setFitToHeight(true);
        getChildren().setAll(text, hand, scroll);
    }

    /** Puts the voice in hand on a count, or takes it away. */
    void place(int bar, NoteValue position) {
        Placement placement = new Placement(bar, position, hand.stroke());
        Exercise now = desk.exercise().get();
        if (now.layers().size() < Exercise.MOST_LAYERS || Placing.isPlaced(now, hand.voice(), bar, position)) {
            desk.edit(exercise -> Placing.toggled(exercise, hand.voice(), placement));
        }
        lines.pointAt(bar, position, Placing.isPlaced(desk.exercise().get(), hand.voice(), bar, position));
    }

    /** Moves the note of the voice in hand from one count to another. */
    private void moveNote(CountLines.Spot from, CountLines.Spot to) {
        if (Placing.isPlaced(desk.exercise().get(), hand.voice(), from.bar(), from.position())) {
            Placement placement = new Placement(from.bar(), from.position(), hand.stroke());
            desk.edit(
                    "moving a note",
                    exercise -> Placing.moved(exercise, hand.voice(), placement, to.bar(), to.position()));
        }
    }

    @Override
    public void show(Exercise exercise) {
        hand.show(exercise.voices());
        text.show(Placing.placed(exercise));
        if (!exercise.phrase().equals(phrase)) {
            // The same notes have other names in other bars.
            phrase = exercise.phrase();
            text.rewrite();
        }
    }

    @Override
    public void show(Answer answer) {
        lines.show(answer);
    }

    @Override
    public void setPalette(Palette palette) {
        lines.setPalette(palette);
    }
}
