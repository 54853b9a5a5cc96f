package nimblestride.desktop.workspace.place;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.analysis.Reckoning;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.score.Style;
import nimblestride.core.time.counting.CountingSchool;
import nimblestride.core.time.counting.Division;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.ui.control.Titles;
import nimblestride.desktop.ui.control.Wrapped;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.desktop.view.staff.StaffView;

/** What is played, on a staff. */
final class StaffPage extends VBox implements Page {
    private static final int MOST_BARS = 2_000;
    private static final int MOST_TOGETHER = 256;

    private final ObjectProperty<CountingSchool> school;
    private final ObjectProperty<Division> division;
    private final ComboBox<Style.Parts> parts = choice("staff-parts", "Stems", Style.Parts.values());
    private final ComboBox<Style.Lengths> lengths =
            choice("staff-lengths", "How long notes are written", Style.Lengths.values());
    private final ComboBox<Style.Stickings> stickings =
            choice("staff-stickings", "Stickings under the staff", Style.Stickings.values());
    private final CheckBox counts = new CheckBox("counts");
    private final CheckBox untilBack = new CheckBox("until all is back");
    private final Label told = new Wrapped("", "quiet");
    private final StaffView staff;
    private Optional<Exercise> shown = Optional.empty();

    /** @param choose is told the moment of a count that is chosen */
    StaffPage(ObjectProperty<CountingSchool> school, ObjectProperty<Division> division, Consumer<NoteValue> choose) {
        this.school = school;
        this.division = division;
        getStyleClass().add("page");
        staff = new StaffView(
                chosen -> {
                    told.setText(chosen.words());
                    shown.ifPresent(exercise -> choose.accept(
                            exercise.phrase().startOf(chosen.bar()).plus(chosen.at())));
                },
                problem -> {
                    if (!problem.isEmpty()) {
                        told.setText(problem);
                    }
                });
        VBox.setVgrow(staff, Priority.ALWAYS);
        parts.setConverter(new Titles<>(Style.Parts::title));
        lengths.setConverter(new Titles<>(Style.Lengths::title));
        stickings.setConverter(new Titles<>(Style.Stickings::title));
        parts.setValue(Style.USUAL.parts());
        lengths.setValue(Style.USUAL.lengths());
        stickings.setValue(Style.USUAL.stickings());
        counts.setId("staff-counts");
        counts.setSelected(true);
        counts.setMinWidth(USE_PREF_SIZE);
        untilBack.setId("staff-until-back");
        untilBack.setMinWidth(USE_PREF_SIZE);
        told.setId("staff-told");
        parts.valueProperty().addListener(change -> write());
        lengths.valueProperty().addListener(change -> write());
        stickings.valueProperty().addListener(change -> write());
        counts.selectedProperty().addListener(change -> write());
        untilBack.selectedProperty().addListener(change -> write());
        school.addListener(change -> write());
        division.addListener(change -> write());
        FlowPane choices = new FlowPane(parts, lengths, stickings, counts, untilBack, told);
        choices.getStyleClass().addAll("wishes", "compact");
        getChildren().setAll(choices, staff);
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
            told.setText("");
        }
        shown = Optional.of(exercise);
        write();
    }

    private void write() {
        if (shown.isEmpty()) {
            return;
        }
        Exercise exercise = shown.get();
        Optional<CountingSchool> counted = counts.isSelected() ? Optional.of(school.get()) : Optional.empty();
        Style style = Style.USUAL
                .with(parts.getValue())
                .with(lengths.getValue())
                .with(stickings.getValue())
                .counted(counted, division.get());
        int phrase = exercise.phrase().bars().size();
        long bars = untilBack.isSelected() ? untilBack(exercise).orElse((long) phrase) : phrase;
        staff.show(exercise, Math.min(MOST_BARS, bars), style);
    }

    /** How many bars until all layers are back, where that is not too long to write. */
    private static Optional<Long> untilBack(Exercise exercise) {
        return Reckoning.of(exercise)
                .together()
                .result()
                .map(Reckoning.Together::bars)
                .filter(bars ->
                        bars <= Math.max(MOST_TOGETHER, exercise.phrase().bars().size()));
    }

    @Override
    public void setPalette(Palette palette) {
        staff.setPalette(palette);
    }

    void follow(OptionalDouble moment) {
        staff.follow(moment);
    }

    @Override
    public void close() {
        staff.close();
    }
}
