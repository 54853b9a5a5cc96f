package nimblestride.desktop.workspace.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.sentence.StageSentence;
import nimblestride.core.language.text.StageText;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.stage.HardBars;
import nimblestride.core.practice.stage.StageSuggestions;
import nimblestride.core.practice.stage.StagedExercise;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.ui.control.SentenceRow;
import nimblestride.desktop.ui.control.SentenceRows;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.store.book.Book;

/** Shows the stages that lead to the exercise, as a picture and as a list: suggested, typed, and played. */
final class StagesPage extends VBox implements Page {
    private static final int LAST_ENTRIES = 40;

    private final ExerciseDocument document;
    private final OpenBook book;
    private final LatestOnly reading = new LatestOnly("suggesting stages");
    private final Transport transport;
    private final Status status;
    private final SentenceRows list = new SentenceRows("Stages, in the order of practice", this::remove, this::move);
    private final List<SentenceRow> rows = new ArrayList<>();
    private final StageSteps way = new StageSteps(list::focus);
    private final Label none = new WrappedLabel("", "quiet");
    private final SmallButton itself;
    private List<Stage> shown = List.of();
    private final List<TypedField<Stage>> fields = new ArrayList<>();
    private final List<ToggleButton> plays = new ArrayList<>();

    StagesPage(ExerciseDocument document, OpenBook book, Transport transport, Status status) {
        this.document = document;
        this.book = book;
        this.transport = transport;
        this.status = status;
        getStyleClass().add("page");
        itself = new SmallButton("Play the whole exercise", "stage-none", this::playExercise);
        HBox buttons = new HBox(
                8,
                new SmallButton("Suggest stages", "stages-propose", this::propose),
                new SmallButton("Add a stage", "stage-add", () -> add(Stage.of(StageTask.AS_WRITTEN))),
                itself);
        none.setText(
                "Learn the exercise in small steps: count it aloud, play it on the pad, one limb at a time, then all limbs, then add accents and"
                        + " ornaments. Press Suggest stages, or type your own, such as:"
                        + " right hand solo in 3+1 at 70 %.");
        getChildren().setAll(buttons, none, way, new VerticalScroll(list));
        transport.settings().stageProperty().addListener(change -> mark());
        sceneProperty().addListener(change -> mark());
    }

    private void edit(List<Stage> stages) {
        document.edit(exercise -> exercise.withPractice(exercise.practice().withStages(stages)));
    }

    private void propose() {
        Exercise exercise = document.exerciseProperty().get();
        Optional<UUID> id = document.inBookProperty().get().map(InBook::id);
        Optional<Book> open = book.book();
        reading.ask(
                () -> StageSuggestions.leadingTo(
                        exercise,
                        id.flatMap(one -> open.map(log -> hardBars(one, log))).orElse(List.of())),
                stages -> {
                    if (document.exerciseProperty().get().equals(exercise)) {
                        edit(stages);
                    }
                });
    }

    private static List<Integer> hardBars(UUID exercise, Book open) {
        try {
            return HardBars.of(open.log().hardPlaces(LogOwner.USER, exercise, LAST_ENTRIES));
        } catch (StrideException e) {
            // The Book shows what is wrong with it; then no bar comes first.
            return List.of();
        }
    }

    private void add(Stage stage) {
        if (shown.size() >= PracticePlan.MAX_STAGES) {
            status.show("An exercise holds up to " + PracticePlan.MAX_STAGES + " stages.");
            return;
        }
        List<Stage> stages = new ArrayList<>(shown);
        stages.add(stage);
        edit(stages);
        list.focus(stages.size() - 1);
    }

    private void playExercise() {
        transport.settings().stageProperty().set(Optional.empty());
        transport.settings().percentProperty().set(100);
        play();
    }

    private void play(Stage stage) {
        try {
            StagedExercise.of(document.exerciseProperty().get(), stage);
        } catch (StrideException e) {
            status.show("I can't play this stage: " + e.getMessage() + ".");
            mark();
            return;
        }
        transport.settings().stageProperty().set(Optional.of(stage));
        transport.settings().percentProperty().set(stage.percent());
        play();
    }

    private void play() {
        if (!transport.playingProperty().get()) {
            transport.toggle();
        }
    }

    @Override
    public void show(Exercise exercise) {
        List<Stage> stages = exercise.practice().stages();
        boolean sameRows = stages.size() == fields.size();
        shown = stages;
        none.setVisible(stages.isEmpty());
        none.setManaged(stages.isEmpty());
        if (!sameRows) {
            build();
        }
        for (int i = 0; i < stages.size(); i++) {
            // Keeps the text of a field that has the focus.
            fields.get(i).show(stages.get(i));
            rows.get(i).say(StageSentence.of(exercise, stages.get(i)));
        }
        way.show(exercise);
        mark();
    }

    private void build() {
        rows.clear();
        plays.clear();
        fields.clear();
        for (int i = 0; i < shown.size(); i++) {
            rows.add(row(i));
        }
        list.setRows(rows);
    }

    @Override
    public void close() {
        reading.close();
    }

    private SentenceRow row(int index) {
        Label number = new Label(String.valueOf(index + 1));
        number.getStyleClass().addAll("section-number", "stage-number");
        TypedField<Stage> field = field(index);
        fields.add(field);
        HBox.setHgrow(field, Priority.ALWAYS);
        ToggleButton play = new ToggleButton("Play");
        play.setId("stage-play-" + index);
        play.getStyleClass().add("stage");
        play.setMinWidth(USE_PREF_SIZE);
        play.setAccessibleText("Play stage " + (index + 1));
        play.setOnAction(event -> {
            if (play.isSelected()) {
                play(shown.get(index));
            } else {
                transport.stop();
            }
            mark();
        });
        plays.add(play);
        HBox controls = new HBox(8, field, new SmallButton("Remove", "stage-remove-" + index, () -> remove(index)));
        SentenceRow row = SentenceRow.edited(controls).lead(number, play);
        row.setId("stage-row-" + index);
        return row;
    }

    private TypedField<Stage> field(int index) {
        TypedField<Stage> field = new TypedField<>(
                StageText::read,
                StageText::write,
                stage -> document.edit(this, with(index, stage)),
                document::endBurst);
        field.field().setId("stage-" + index);
        field.field().setAccessibleText("Stage " + (index + 1) + ", such as right hand solo in 3+1 at 70 %");
        return field;
    }

    private UnaryOperator<Exercise> with(int index, Stage stage) {
        List<Stage> stages = new ArrayList<>(shown);
        stages.set(index, stage);
        return exercise -> exercise.withPractice(exercise.practice().withStages(stages));
    }

    private void move(int from, int to) {
        List<Stage> stages = new ArrayList<>(shown);
        stages.add(to, stages.remove(from));
        edit(stages);
    }

    private void remove(int index) {
        List<Stage> stages = new ArrayList<>(shown);
        stages.remove(index);
        edit(stages);
    }

    @Override
    public void setPalette(Palette palette) {
        way.setPalette(palette);
    }

    /** Highlights the stage that plays. */
    private void mark() {
        Optional<Stage> stage = transport.settings().stageProperty().get();
        for (int i = 0; i < plays.size(); i++) {
            plays.get(i).setSelected(stage.equals(Optional.of(shown.get(i))));
        }
        way.mark(stage.map(shown::indexOf).orElse(-1));
        itself.setDisable(stage.isEmpty());
    }
}
