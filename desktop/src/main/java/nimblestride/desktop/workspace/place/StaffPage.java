package nimblestride.desktop.workspace.place;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.desktop.view.staff.StaffView;

/** Shows the exercise on a staff. */
final class StaffPage extends VBox implements Page {
    private static final int MAX_BARS = 2_000;
    private static final int MAX_TOGETHER = 256;

    private final ObjectProperty<Counting> counting;
    private final ObjectProperty<Subdivision> subdivision;
    private final ComboBox<ScoreStyle.Parts> parts = choice("staff-parts", "Stems", ScoreStyle.Parts.values());
    private final ComboBox<ScoreStyle.Lengths> lengths =
            choice("staff-lengths", "Note lengths", ScoreStyle.Lengths.values());
    private final ComboBox<ScoreStyle.Stickings> stickings =
            choice("staff-stickings", "Stickings below the staff", ScoreStyle.Stickings.values());
    private final CheckBox counts = new CheckBox("counts");
    private final CheckBox untilBack = new CheckBox("the whole cycle");
    private final Label hint = new WrappedLabel("", "quiet");
    private final StaffView staff;
    private Optional<Exercise> shown = Optional.empty();

    /** @param choose receives the moment of a selected count */
    StaffPage(ObjectProperty<Counting> counting, ObjectProperty<Subdivision> subdivision, Consumer<NoteValue> choose) {
        this.counting = counting;
        this.subdivision = subdivision;
        getStyleClass().add("page");
        staff = new StaffView(
                chosen -> {
                    hint.setText(chosen.words());
                    shown.ifPresent(exercise -> choose.accept(
                            exercise.phrase().startOf(chosen.bar()).plus(chosen.at())));
                },
                problem -> {
                    if (!problem.isEmpty()) {
                        hint.setText(problem);
                    }
                });
        VBox.setVgrow(staff, Priority.ALWAYS);
        parts.setConverter(new TitleConverter<>(ScoreStyle.Parts::title));
        lengths.setConverter(new TitleConverter<>(ScoreStyle.Lengths::title));
        stickings.setConverter(new TitleConverter<>(ScoreStyle.Stickings::title));
        parts.setValue(ScoreStyle.DEFAULT.parts());
        lengths.setValue(ScoreStyle.DEFAULT.lengths());
        stickings.setValue(ScoreStyle.DEFAULT.stickings());
        counts.setId("staff-counts");
        counts.setSelected(true);
        counts.setMinWidth(USE_PREF_SIZE);
        untilBack.setId("staff-until-back");
        untilBack.setMinWidth(USE_PREF_SIZE);
        hint.setId("staff-told");
        parts.valueProperty().addListener(change -> write());
        lengths.valueProperty().addListener(change -> write());
        stickings.valueProperty().addListener(change -> write());
        counts.selectedProperty().addListener(change -> write());
        untilBack.selectedProperty().addListener(change -> write());
        counting.addListener(change -> write());
        subdivision.addListener(change -> write());
        FlowPane choices = new FlowPane(parts, lengths, stickings, counts, untilBack, hint);
        choices.getStyleClass().addAll("wishes", "compact");
        getChildren().setAll(staff, choices);
    }

    private static <T> ComboBox<T> choice(String id, String what, T[] values) {
        ComboBox<T> choice = new ComboBox<>();
        choice.setId(id);
        choice.setAccessibleText(what);
        choice.getItems().setAll(values);
        choice.setMinWidth(USE_PREF_SIZE);
        return choice;
    }

    @Override
    public void show(Exercise exercise) {
        boolean sameBars = shown.filter(before -> before.phrase().equals(exercise.phrase()))
                .isPresent();
        if (!sameBars) {
            staff.chooseNone();
            hint.setText("");
        }
        shown = Optional.of(exercise);
        write();
    }

    private void write() {
        if (shown.isEmpty()) {
            return;
        }
        Exercise exercise = shown.get();
        ScoreStyle uncounted = ScoreStyle.DEFAULT
                .with(parts.getValue())
                .with(lengths.getValue())
                .with(stickings.getValue());
        ScoreStyle style = counts.isSelected() ? uncounted.counted(counting.get(), subdivision.get()) : uncounted;
        int phrase = exercise.phrase().bars().size();
        long bars = untilBack.isSelected() ? untilBack(exercise).orElse((long) phrase) : phrase;
        staff.show(exercise, Math.min(MAX_BARS, bars), style);
    }

    /** Returns how many bars pass until all layers realign, if they are few enough to write. */
    private static Optional<Long> untilBack(Exercise exercise) {
        return Analysis.of(exercise)
                .together()
                .result()
                .map(Analysis.Together::bars)
                .filter(bars ->
                        bars <= Math.max(MAX_TOGETHER, exercise.phrase().bars().size()));
    }

    @Override
    public void setPalette(Palette palette) {
        staff.setPalette(palette);
    }

    void follow(Playhead playhead) {
        staff.follow(playhead);
    }

    @Override
    public void close() {
        staff.close();
    }
}
