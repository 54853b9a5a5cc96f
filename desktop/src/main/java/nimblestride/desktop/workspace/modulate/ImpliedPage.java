package nimblestride.desktop.workspace.modulate;

import java.util.List;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.leadin.ThereAndBack;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.family.ImpliedModulations;
import nimblestride.core.insight.family.ImpliedModulations.BackBeat;
import nimblestride.core.insight.family.ImpliedModulations.Keeping;
import nimblestride.core.language.text.ValueText;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.ModulationDrawing.Kind;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;

/** Shows the implied modulation, with the written bars kept, beside the real one, and what each is for. */
final class ImpliedPage extends VBox implements Page {
    private final ExerciseDocument document;
    private final SelectedModulation gear;
    private final TypedField<NoteValue> late;
    private final ComboBox<BackBeat> backBeat = new ComboBox<>();
    private final ComboBox<Keeping> keeping = new ComboBox<>();
    private final Side implied = new Side("Implied: the bars stay", "implied", this::ask);
    private final Side real = new Side("Real: the tempo changes", "real", () -> {});
    private final Label problem = new Label();
    private final LatestOnly answers = new LatestOnly("working out an implied modulation");
    private NoteValue start = NoteValue.ZERO;

    /** One of the two ways, with its picture and what it is for. */
    private static final class Side extends VBox {
        private final ModulationPicture picture;
        private final Label about = new WrappedLabel();

        Side(String title, String id, Runnable changed) {
            getStyleClass().add("page");
            Label head = new WrappedLabel(title, "pane-title");
            picture = new ModulationPicture("picture-" + id, changed);
            about.setId("about-" + id);
            HBox.setHgrow(this, Priority.ALWAYS);
            setMinWidth(0);
            setPrefWidth(100);
            getChildren().setAll(head, picture, about);
        }
    }

    /** What the page shows of both, or why it shows nothing. */
    private record Seen(List<Drawing> implied, List<Drawing> real, String meeting, String tempo, String problem) {}

    ImpliedPage(ExerciseDocument document, SelectedModulation gear) {
        this.document = document;
        this.gear = gear;
        getStyleClass().add("page");
        late = new TypedField<>(
                ImpliedPage::readLate,
                NoteValue::toString,
                value -> {
                    start = value;
                    ask();
                },
                () -> {});
        late.field().setId("implied-late");
        late.field().setAccessibleText("How late the implied beat starts, such as 1/16");
        late.setPrefWidth(64);
        late.setMinWidth(64);
        late.show(NoteValue.ZERO);
        choice(backBeat, "implied-back-beat", List.of(BackBeat.values()), BackBeat::title, 170);
        choice(keeping, "implied-keeping", List.of(Keeping.values()), Keeping::title, 260);
        problem.getStyleClass().add("problem");
        FlowPane line = new FlowPane(
                new Caption("Start"),
                late,
                new Caption("late"),
                backBeat,
                keeping,
                new SmallButton("Add as a layer", "imply", () -> make(true)),
                new SmallButton("Change the tempo", "change-really", () -> make(false)));
        line.getStyleClass().add("gear-line");
        HBox sides = new HBox(implied, real);
        sides.getStyleClass().add("reasons");
        getChildren().setAll(problem, new VerticalScroll(sides), line);
        gear.onChange(this::ask);
    }

    private <T> void choice(ComboBox<T> box, String id, List<T> all, Function<T, String> title, double width) {
        box.setId(id);
        box.getItems().setAll(all);
        box.setValue(all.get(0));
        box.setConverter(new TitleConverter<>(title));
        box.setPrefWidth(width);
        box.setAccessibleText("What to play");
    }

    private static NoteValue readLate(String text) {
        return text.strip().equals("0") ? NoteValue.ZERO : ValueText.read(text);
    }

    @Override
    public void setPalette(Palette palette) {
        implied.picture.setPalette(palette);
        real.picture.setPalette(palette);
    }

    @Override
    public void show(Exercise exercise) {
        gear.show(exercise);
        ask();
    }

    private void ask() {
        if (getScene() == null || gear.exerciseProperty().get() == null || !implied.picture.isLaidOut()) {
            return;
        }
        Modulation shift = gear.shift();
        NoteValue startLate = start;
        double room = implied.picture.room();
        answers.ask(() -> seen(shift, startLate, room), this::show);
    }

    private static Seen seen(Modulation shift, NoteValue late, double room) {
        try {
            String tempo = Tempo.decimal(shift.after().perMinute());
            return new Seen(
                    ModulationPicture.rows(shift, Kind.IMPLIED, late, room),
                    ModulationPicture.rows(shift, Kind.REAL, NoteValue.ZERO, room),
                    shift.barLineRealignment(late)
                            .map(agreement -> "The implied 1 and the written 1 meet after "
                                    + Counted.count(agreement.oldBars(), "written bar") + ", "
                                    + Counted.count(agreement.newBars(), "implied bar") + ".")
                            .orElse("The implied 1 and the written 1 don't meet within "
                                    + Counted.number(Modulation.WITHIN_REASON) + " bars."),
                    tempo,
                    "");
        } catch (StrideException e) {
            return new Seen(List.of(), List.of(), "", "", e.getMessage() + ".");
        }
    }

    private void show(Seen seen) {
        problem.setText(seen.problem);
        problem.setManaged(!seen.problem.isEmpty());
        implied.picture.show(seen.implied, seen.meeting);
        real.picture.show(seen.real, "The real change");
        implied.about.setText(
                "For a few bars of tension inside a tune. Everybody else keeps reading; the backbeat is marked. "
                        + seen.meeting + " " + ImpliedModulations.CAUTION);
        real.about.setText(
                "For a whole section. Everybody changes to " + seen.tempo + " BPM, and everybody can find the 1.");
    }

    private void make(boolean felt) {
        try {
            Modulation shift = gear.shift();
            if (felt) {
                List<Layer> layers = ImpliedModulations.layers(
                        shift.pulse(), start, shift.oldBeat(), backBeat.getValue(), keeping.getValue());
                document.edit(exercise -> ThereAndBack.there(exercise, Pivot.NONE, exercise.phrase(), layers));
            } else {
                document.edit(exercise -> ThereAndBack.there(
                        exercise, gear.pivot(), gear.newBarsProperty().get()));
            }
        } catch (StrideException e) {
            problem.setText("I can't do this: " + e.getMessage() + ".");
            problem.setManaged(true);
        }
    }

    @Override
    public void close() {
        answers.close();
    }
}
