package nimblestride.desktop.workspace.place;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.PlacementEdits;
import nimblestride.core.exercise.edit.WrittenOut;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.PartCompletion;
import nimblestride.core.language.text.PartRemark;
import nimblestride.core.language.text.PartText;
import nimblestride.core.language.text.WrittenPart;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.time.meter.Phrase;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.LinesArea;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.LitStride;
import nimblestride.desktop.ui.page.Page;
import nimblestride.desktop.ui.page.StrideLight;
import nimblestride.desktop.view.staff.StaffView;

/**
 * Writes a part beat by beat, a bar in each line, with the staff below; what is placed elsewhere reads as the same text.
 */
final class WritePage extends VBox implements Page {
    private static final String SIGNS =
            "/ stride, | bar, + together, . rest, > accent, ( ) ghost, ' flam, '' drag, % the bar"
                    + " again, x3 three times. Tab completes; F4 loops the bar, Shift+F4 the next.";

    private static final int ROWS = 6;
    private static final double STAFF_HEIGHT = 84;
    private static final int USUAL_COLUMNS = 80;
    private static final int MOST_BARS_ENGRAVED = 64;

    private final ExerciseDocument document;
    private final StrideLight road;
    private final TypedField<List<Layer>> text;
    private final LinesArea area = new LinesArea(ROWS);
    private final PartMarks marks;
    private final PartRecorder recorder;
    private final StaffView staff;
    private final Label problem = new WrappedLabel("", "problem");
    private final Label question = new WrappedLabel("", "quiet");
    private final Label notHere = new WrappedLabel("", "quiet");
    private final HBox others;
    private Phrase phrase;
    /** Why the part can't be written as text; empty where it can. */
    private String unwritten = "";

    private Question asked;
    private WrittenPart lastRead;
    private int columns = USUAL_COLUMNS;

    private record Question(String text, Phrase phrase, NamedVoices voices) {}

    /**
     * @param road lights the stride that is being written
     * @param devices whose pads record
     * @param nanos a clock in nanoseconds
     */
    WritePage(ExerciseDocument document, StrideLight road, PlaybackDevices devices, LongSupplier nanos) {
        this.document = document;
        this.road = road;
        getStyleClass().add("page");
        text = TypedField.ofLines(
                area,
                this::read,
                this::lines,
                layers -> document.edit("part", exercise -> PlacementEdits.withPlaced(exercise, layers)),
                document::endBurst);
        setUp();
        marks = new PartMarks(area);
        recorder = new PartRecorder(
                SIGNS,
                this::exercise,
                () -> lines(PlacementEdits.placements(exercise())),
                area::replaceText,
                devices,
                nanos);
        staff = new StaffView(chosen -> {}, why -> showProblem(unwritten, why));
        staff.setMinHeight(STAFF_HEIGHT);
        VBox.setVgrow(staff, Priority.ALWAYS);
        question.setId("part-question");
        SmallButton writeOut = new SmallButton("Write them out", "part-write-out", () -> document.edit(WrittenOut::of));
        others = new HBox(notHere, writeOut);
        others.getStyleClass().add("wishes");
        showProblem("", "");
        ask("");
        getChildren().setAll(text, problem, question, others, recorder, staff);
    }

    private void setUp() {
        area.setId("part");
        area.setPrompt("kick . snare . / hi-hat+kick hi-hat | %");
        area.setAccessibleText("The part, beat by beat");
        area.addEventFilter(KeyEvent.KEY_PRESSED, this::complete);
        area.caretPositionProperty().addListener(change -> follow());
        area.focusedProperty().addListener(change -> follow());
        area.textProperty().addListener((property, old, now) -> check(now));
        area.widthProperty().addListener(change -> wrap());
        sceneProperty().addListener((property, old, scene) -> {
            if (scene == null) {
                road.unlight();
                recorder.stop();
            }
        });
    }

    private Exercise exercise() {
        return document.exerciseProperty().get();
    }

    private String lines(List<Layer> layers) {
        return PartText.lines(layers, exercise().phrase(), exercise().voices(), columns);
    }

    private List<Layer> read(String typed) {
        return typed.isBlank() ? List.of() : inKitOrder(written(typed).layers(), exercise());
    }

    /** Reads the text once for everything that asks about it. */
    private WrittenPart written(String typed) {
        Question now = new Question(typed, exercise().phrase(), exercise().voices());
        if (!now.equals(asked)) {
            asked = now;
            lastRead = new WrittenPart(now.text, now.phrase, now.voices);
        }
        return lastRead;
    }

    /** Returns what is played, in one order, however the text or the exercise lists it. */
    private static List<Layer> inKitOrder(List<Layer> layers, Exercise exercise) {
        List<Voice> voices = exercise.voices().all();
        return layers.stream()
                .map(layer -> Layer.of(layer.voice(), layer.pattern()))
                .sorted(Comparator.comparingInt(layer -> voices.indexOf(layer.voice())))
                .toList();
    }

    /** Completes a name or a bar before the caret; otherwise Tab goes on, as everywhere. */
    private void complete(KeyEvent event) {
        if (event.getCode() != KeyCode.TAB || event.isControlDown()) {
            return;
        }
        event.consume();
        Optional<String> rest = event.isShiftDown()
                ? Optional.empty()
                : PartCompletion.at(
                        area.getText(),
                        area.getCaretPosition(),
                        exercise().phrase(),
                        exercise().voices());
        rest.ifPresentOrElse(
                more -> area.insertText(area.getCaretPosition(), more), () -> text.leave(event.isShiftDown()));
    }

    /** Lights the stride at the caret. */
    private void follow() {
        if (area.isFocused()) {
            int caret = Math.min(area.getCaretPosition(), area.getLength());
            written(area.getText())
                    .placeAt(caret)
                    .map(place -> new LitStride(place.start(), place.end()))
                    .ifPresent(stride -> {
                        road.light(stride);
                        staff.light(stride);
                    });
        }
    }

    /** Underlines what is wrong, and asks about what is rarely meant. */
    private void check(String typed) {
        List<PartRemark> remarks = typed.isBlank() ? List.of() : written(typed).remarks();
        marks.show(remarks);
        ask(remarks.stream()
                .filter(remark -> !remark.wrong())
                .min(Comparator.comparingInt(remark -> Math.abs(remark.from() - area.getCaretPosition())))
                .map(PartRemark::words)
                .orElse(""));
    }

    private void ask(String words) {
        question.setText(words);
        question.setVisible(!words.isEmpty());
        question.setManaged(!words.isEmpty());
    }

    /** Breaks the lines where another width asks for it. */
    private void wrap() {
        int fitting = area.columns();
        if (fitting > 0 && fitting != columns) {
            columns = fitting;
            if (!area.isDisabled()) {
                text.rewrite();
            }
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
                check(area.getText());
            }
            text.setDisable(false);
            unwritten = "";
        } catch (StrideException e) {
            text.clear();
            text.setDisable(true);
            unwritten = "I can't write this part beat by beat: " + e.getMessage() + ".";
        }
        showProblem(unwritten, "");
        showOthers(exercise);
        staff.show(exercise, Math.min(MOST_BARS_ENGRAVED, PlacementEdits.bars(exercise)), ScoreStyle.DEFAULT);
    }

    private void showOthers(Exercise exercise) {
        String names = IntStream.range(0, exercise.layers().size())
                .filter(i -> !(exercise.layers().get(i).pattern() instanceof Pattern.Placed))
                .mapToObj(exercise.layerNames()::get)
                .collect(Collectors.joining(", "));
        notHere.setText("These layers play by a rule, so they are not in the text: " + names + ".");
        others.setVisible(!names.isEmpty());
        others.setManaged(!names.isEmpty());
    }

    private void showProblem(String ofText, String ofStaff) {
        String why = ofText.isEmpty() ? ofStaff : ofText;
        problem.setText(why);
        problem.setVisible(!why.isEmpty());
        problem.setManaged(!why.isEmpty());
    }

    /** Lights what is played, unless a stride is being written. */
    void follow(Playhead playhead) {
        if (!area.isFocused() || playhead.isShown()) {
            staff.follow(playhead);
        }
    }

    @Override
    public void setPalette(Palette palette) {
        staff.setPalette(palette);
    }

    @Override
    public void close() {
        staff.close();
    }
}
