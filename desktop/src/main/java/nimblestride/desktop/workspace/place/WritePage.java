package nimblestride.desktop.workspace.place;

import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.PlacementEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.PartText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Writes a part beat by beat, a bar in each line; what is placed elsewhere reads as the same text. */
final class WritePage extends VBox implements Page {
    private static final Pattern TIMES = Pattern.compile("x(\\d{1,4})\\s*$");
    private static final Pattern NAME_BEFORE = Pattern.compile("[\\p{Ll}][\\p{Ll}\\p{N}-]*$");

    private static final int ROWS = 5;

    private final ExerciseDocument document;
    private final Consumer<NoteValue> choose;
    private final TypedField<List<Layer>> text;
    private final Label problem = new WrappedLabel("", "problem");
    private Phrase phrase;

    /** @param choose brings a moment into view: the bar that is being written */
    WritePage(ExerciseDocument document, Consumer<NoteValue> choose) {
        this.document = document;
        this.choose = choose;
        getStyleClass().add("page");
        text = TypedField.ofLines(
                this::read,
                layers -> PartText.lines(layers, exercise().phrase()),
                layers -> document.edit("part", exercise -> PlacementEdits.withPlaced(exercise, layers)),
                document::endBurst);
        TextArea area = (TextArea) text.input();
        area.setId("part");
        area.getStyleClass().add("part");
        area.setPromptText("kick . snare . / hi-hat+kick hi-hat | %");
        area.setAccessibleText("The part, beat by beat");
        area.setWrapText(true);
        area.setPrefRowCount(ROWS);
        area.addEventFilter(KeyEvent.KEY_PRESSED, this::complete);
        area.caretPositionProperty().addListener(change -> follow(area));
        VBox.setVgrow(area, Priority.ALWAYS);
        VBox.setVgrow(text, Priority.ALWAYS);
        showProblem("");
        getChildren()
                .setAll(
                        text,
                        problem,
                        new WrappedLabel(
                                "/ between strides, | between bars; the notes of a stride share it evenly. + together,"
                                        + " . rest, > accent, ( ) ghost, ' flam, '' drag, % the bar again, x3 three"
                                        + " times. Tab completes a name.",
                                "quiet"));
    }

    private Exercise exercise() {
        return document.exerciseProperty().get();
    }

    private List<Layer> read(String typed) {
        return typed.isBlank()
                ? List.of()
                : inKitOrder(
                        PartText.read(typed, exercise().phrase(), exercise().voices()), exercise());
    }

    /** Returns what is played, in one order, however the text or the exercise lists it. */
    private static List<Layer> inKitOrder(List<Layer> layers, Exercise exercise) {
        List<Voice> voices = exercise.voices().all();
        return layers.stream()
                .map(layer -> Layer.of(layer.voice(), layer.pattern()))
                .sorted(Comparator.comparingInt(layer -> voices.indexOf(layer.voice())))
                .toList();
    }

    /** Completes the name before the caret where only one voice begins like it; otherwise Tab goes on, as everywhere. */
    private void complete(KeyEvent event) {
        if (event.getCode() != KeyCode.TAB || event.isControlDown() || !(event.getSource() instanceof TextArea area)) {
            return;
        }
        event.consume();
        Matcher name = NAME_BEFORE.matcher(area.getText(0, area.getCaretPosition()));
        List<String> names = !name.find() || event.isShiftDown()
                ? List.of()
                : exercise().voices().all().stream()
                        .map(voice -> voice.name().replace(' ', '-'))
                        .filter(one -> one.startsWith(name.group())
                                && one.length() > name.group().length())
                        .toList();
        if (names.size() == 1) {
            area.insertText(
                    area.getCaretPosition(), names.get(0).substring(name.group().length()));
        } else {
            // In a text of many lines, the toolkit leaves it on Ctrl+Tab.
            area.fireEvent(
                    new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.TAB, event.isShiftDown(), true, false, false));
        }
    }

    /** Brings the bar at the caret into view. */
    private void follow(TextArea area) {
        if (!area.isFocused()) {
            return;
        }
        String[] bars = area.getText(0, area.getCaretPosition()).split("\\|", -1);
        int number = 0;
        for (int i = 0; i < bars.length - 1; i++) {
            Matcher times = TIMES.matcher(bars[i]);
            number += times.find() ? Integer.parseInt(times.group(1)) : 1;
        }
        Phrase now = exercise().phrase();
        if (number < now.bars().size()) {
            choose.accept(now.startOf(number));
        }
    }

    @Override
    public void show(Exercise exercise) {
        try {
            text.show(inKitOrder(PlacementEdits.placements(exercise), exercise));
            if (!exercise.phrase().equals(phrase)) {
                // The same notes fall in other strides of other bars.
                phrase = exercise.phrase();
                text.rewrite();
            }
            text.setDisable(false);
            showProblem("");
        } catch (StrideException e) {
            text.clear();
            text.setDisable(true);
            showProblem("I can't write this part beat by beat: " + e.getMessage() + ".");
        }
    }

    private void showProblem(String why) {
        problem.setText(why);
        problem.setVisible(!why.isEmpty());
        problem.setManaged(!why.isEmpty());
    }
}
