package nimblestride.desktop.workspace.place;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.PitchNames;
import nimblestride.core.kit.voice.Voice;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SentenceRow;
import nimblestride.desktop.ui.control.SentenceRows;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/**
 * Edits voices of the player's own: what plays them, their sound in General MIDI, and their place on the staff; the
 * pitches of riffs; and the short names of all voices.
 */
final class VoicesPage extends VBox implements Page {
    private static final int FIRST_KEY = 64;

    private final ExerciseDocument document;
    private final TextField name = new TextField();
    private final ComboBox<Limb> limb = new ComboBox<>();
    private final ComboBox<Integer> key = new ComboBox<>();
    private final ComboBox<Integer> place = new ComboBox<>();
    private final Label problem = new WrappedLabel("", "problem");
    private final SentenceRows list = new SentenceRows("Voices", this::remove);
    private final List<SentenceRow> rows = new ArrayList<>();
    private final Label none =
            new WrappedLabel("No voices of your own yet. Select a voice to give it a short name.", "quiet");
    private List<Voice> shown = List.of();

    VoicesPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        name.setId("voice-name");
        name.setPromptText("frame drum");
        name.setPrefWidth(130);
        name.setAccessibleText("Name of the new voice");
        name.setOnAction(event -> add());
        limb.setId("voice-limb");
        limb.getItems().setAll(Limb.values());
        limb.setValue(Limb.RIGHT_HAND);
        limb.setConverter(new TitleConverter<>(Limb::title));
        limb.setMinWidth(116);
        limb.setAccessibleText("The limb that plays it");
        key.setId("voice-key");
        key.getItems()
                .setAll(IntStream.rangeClosed(Voice.MIN_KEY, Voice.MAX_KEY)
                        .boxed()
                        .toList());
        key.setValue(FIRST_KEY);
        key.setMinWidth(76);
        key.setAccessibleText("Its General MIDI key");
        place.setId("voice-place");
        place.getItems()
                .setAll(IntStream.rangeClosed(Voice.MIN_PLACE, Voice.MAX_PLACE)
                        .boxed()
                        .toList());
        place.setValue(2);
        place.setMinWidth(70);
        place.setAccessibleText("Its place on the staff, counted up from the middle line");
        Button add = new Button("Add this voice");
        add.setId("voice-add");
        add.getStyleClass().add("small");
        add.setMinWidth(USE_PREF_SIZE);
        add.setOnAction(event -> add());
        FlowPane row =
                new FlowPane(name, limb, new Caption("General MIDI key"), key, new Caption("staff place"), place, add);
        row.getStyleClass().add("wishes");
        getChildren().setAll(row, problem, none, new VerticalScroll(list));
    }

    private void add() {
        try {
            Voice voice = new Voice(
                    NamedVoices.tidy(name.getText()),
                    key.getValue(),
                    limb.getValue(),
                    place.getValue(),
                    NoteheadShape.NORMAL);
            document.edit(exercise -> exercise.withVoices(exercise.voices().and(voice)));
            name.clear();
            problem.setText("");
        } catch (StrideException e) {
            problem.setText(e.getMessage());
        }
    }

    private void remove(int index) {
        Voice voice = shown.get(index);
        Exercise now = document.exerciseProperty().get();
        if (!now.voices().custom().contains(voice)) {
            problem.setText("The kit's voices are always there.");
            return;
        }
        if (now.uses(voice)) {
            problem.setText("A layer plays the " + voice.name() + ". Remove that layer first.");
            return;
        }
        problem.setText("");
        document.edit(exercise -> exercise.withVoices(exercise.voices().without(voice)));
    }

    @Override
    public void show(Exercise exercise) {
        List<Voice> own = exercise.voices().custom();
        List<Voice> all = new ArrayList<>(exercise.voices().all());
        all.removeAll(Kit.voices());
        all.addAll(Kit.voices());
        if (!all.equals(shown)) {
            shown = all;
            rows.clear();
            for (int i = 0; i < all.size(); i++) {
                rows.add(row(all.get(i), i, own.contains(all.get(i))));
            }
            list.setRows(rows);
        }
        for (int i = 0; i < all.size(); i++) {
            rows.get(i).say(words(exercise, all.get(i)));
        }
        none.setVisible(own.isEmpty());
        none.setManaged(own.isEmpty());
    }

    private SentenceRow row(Voice voice, int index, boolean isOwn) {
        TextField shortName = new TextField();
        shortName.setId("short-name-" + index);
        shortName.setPromptText("short name");
        shortName.setPrefColumnCount(6);
        shortName.setAccessibleText("Short name of the " + voice.name() + ", for writing parts");
        document.exerciseProperty().get().voices().shortName(voice).ifPresent(shortName::setText);
        shortName.setOnAction(event -> shorten(voice, shortName.getText()));
        shortName.focusedProperty().addListener((property, was, focused) -> {
            if (!focused) {
                shorten(voice, shortName.getText());
            }
        });
        HBox fields = new HBox(8);
        if (voice.isRiff()) {
            fields.getChildren().add(new PitchChoice(voice, index, pitch -> tune(voice, pitch)));
        }
        fields.getChildren().add(shortName);
        if (isOwn) {
            fields.getChildren().add(new SmallButton("Remove", "remove-voice-" + index, () -> remove(index)));
        }
        SentenceRow row = SentenceRow.with(fields);
        row.setId("voice-row-" + index);
        return row;
    }

    private static String words(Exercise exercise, Voice voice) {
        return Capitalized.of(voice.name()) + ": "
                + exercise.voices()
                        .shortName(voice)
                        .map(one -> one + " for short, ")
                        .orElse("")
                + voice.limb()
                        .map(limb -> limb.title() + ", General MIDI key " + voice.midiKey() + ", staff place "
                                + voice.staffPlace())
                        .orElseGet(() -> "another player, on " + PitchNames.of(voice.midiKey()))
                + (exercise.uses(voice) ? ", in use" : "");
    }

    private void tune(Voice riff, int pitch) {
        document.edit(exercise -> exercise.withVoices(exercise.voices().withRiff(Voice.riff(riff.name(), pitch))));
        problem.setText("");
    }

    private void shorten(Voice voice, String typed) {
        NamedVoices voices = document.exerciseProperty().get().voices();
        if (NamedVoices.tidy(typed).equals(voices.shortName(voice).orElse(""))) {
            return;
        }
        try {
            NamedVoices shortened = voices.withShortName(voice, typed);
            document.edit(exercise -> exercise.withVoices(shortened));
            problem.setText("");
        } catch (StrideException e) {
            problem.setText(Capitalized.of(e.getMessage()) + ".");
        }
    }
}
