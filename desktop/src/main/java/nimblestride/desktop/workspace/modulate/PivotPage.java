package nimblestride.desktop.workspace.modulate;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.leadin.LeadIn;
import nimblestride.core.exercise.leadin.ThereAndBack;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.ModulationWords;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.ModulationDrawing;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;

/** Shows the pivot: the new tempo with its sum, both tempos to scale, and sections made of it. */
final class PivotPage extends VBox implements Page {
    private final ExerciseDocument document;
    private final SelectedModulation gear;
    private final ModulationField line;
    private final ModulationPicture picture = new ModulationPicture("both-feels", this::ask);
    private final Label headline = new WrappedLabel("", "said");
    private final GridPane statements = new GridPane();
    private final CheckBox leadIns = new CheckBox("with a lead-in");
    private final Label problem = new WrappedLabel("", "problem");
    private final LatestOnly answers = new LatestOnly("working out a pivot");

    /** What the page shows of a modulation, or why it shows nothing. */
    private record Seen(List<ModulationWords.Statement> statements, List<Drawing> rows, String problem) {}

    PivotPage(ExerciseDocument document, SelectedModulation gear) {
        this.document = document;
        this.gear = gear;
        getStyleClass().add("page");
        line = new ModulationField(gear);
        headline.setId("new-tempo");
        statements.setId("pivot-told");
        statements.getStyleClass().add("ways");
        problem.setManaged(false);
        leadIns.setId("with-lead-ins");
        leadIns.setSelected(true);
        HBox make = new HBox(
                new SmallButton("Change tempo", "go-there", () -> make(this::there)),
                new SmallButton("There and back", "there-and-back", () -> make(this::thereAndBack)),
                leadIns);
        make.getStyleClass().add("add-line");
        line.getChildren().add(make);
        VBox all = new VBox(headline, picture, statements);
        all.getStyleClass().add("told");
        getChildren().setAll(line, problem, new VerticalScroll(all));
        gear.onChange(this::refresh);
    }

    @Override
    public void setPalette(Palette palette) {
        picture.setPalette(palette);
        line.setPalette(palette);
    }

    @Override
    public void show(Exercise exercise) {
        gear.show(exercise);
        refresh();
    }

    private void refresh() {
        if (getScene() != null) {
            line.show();
            ask();
        }
    }

    private void ask() {
        if (gear.exerciseProperty().get() == null || !picture.isLaidOut()) {
            return;
        }
        Modulation shift = gear.shift();
        double width = picture.room();
        answers.ask(() -> seen(shift, width), this::show);
    }

    private static Seen seen(Modulation shift, double width) {
        try {
            // The words come first, because they explain why there may be nothing to draw.
            List<ModulationWords.Statement> statements = ModulationWords.of(shift);
            return new Seen(
                    statements, ModulationPicture.rows(shift, ModulationDrawing.Kind.REAL, NoteValue.ZERO, width), "");
        } catch (StrideException e) {
            return new Seen(List.of(), List.of(), e.getMessage() + ".");
        }
    }

    private void show(Seen seen) {
        showProblem(seen.problem);
        picture.show(
                seen.rows,
                seen.statements.stream()
                        .map(ModulationWords.Statement::sentence)
                        .collect(Collectors.joining(" ")));
        headline.setText(seen.statements.stream()
                .findFirst()
                .map(tempo -> tempo.sentence() + "  " + tempo.sum())
                .orElse(""));
        statements.getChildren().clear();
        for (ModulationWords.Statement one :
                seen.statements.subList(Math.min(1, seen.statements.size()), seen.statements.size())) {
            Caption about = new Caption(one.about());
            Label sentence = new WrappedLabel(one.sentence());
            Label sum = new WrappedLabel(one.sum(), "finding-sum");
            VBox words = one.sum().isEmpty() ? new VBox(sentence) : new VBox(sentence, sum);
            GridPane.setHgrow(words, Priority.ALWAYS);
            GridPane.setValignment(about, VPos.TOP);
            statements.addRow(statements.getRowCount(), about, words);
        }
    }

    private void showProblem(String text) {
        problem.setText(text);
        problem.setManaged(!text.isEmpty());
        problem.setVisible(!text.isEmpty());
    }

    private void make(UnaryOperator<Exercise> change) {
        try {
            document.edit(change);
        } catch (StrideException e) {
            showProblem("I can't do this: " + e.getMessage() + ".");
        }
    }

    private Exercise there(Exercise exercise) {
        Exercise there = ThereAndBack.there(
                exercise, gear.pivot(), gear.newBarsProperty().get());
        return ledInto(there, there.firstSection());
    }

    private Exercise thereAndBack(Exercise exercise) {
        Exercise there = ThereAndBack.there(
                exercise, gear.pivot(), gear.newBarsProperty().get());
        int section = there.firstSection();
        Exercise back = ThereAndBack.back(there);
        return ledInto(ledInto(back, section + 1), section);
    }

    private Exercise ledInto(Exercise exercise, int section) {
        boolean changes = !exercise.sections().get(section).pivot().isNone();
        return leadIns.isSelected() && changes ? LeadIn.before(exercise, section, 1) : exercise;
    }

    @Override
    public void close() {
        answers.close();
    }
}
