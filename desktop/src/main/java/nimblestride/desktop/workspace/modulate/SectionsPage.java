package nimblestride.desktop.workspace.modulate;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.leadin.ThereAndBack;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.SwingText;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Swing;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SentenceRows;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Shows the sections of the exercise in order, and whether their tempos come home. */
final class SectionsPage extends VBox implements Page {
    private static final Set<String> ABOUT_SECTIONS = Set.of("sections", "drifted");

    private static final double SWING_WIDTH = 120;

    private final ExerciseDocument document;
    private final Transport transport;
    private final SentenceRows list;
    private final TypedField<Swing> swing;
    private final Label summary = new WrappedLabel();
    private final Label problem = new WrappedLabel("", "problem");
    private final List<SectionRow> rows = new ArrayList<>();

    SectionsPage(ExerciseDocument document, Transport transport) {
        this.document = document;
        this.transport = transport;
        getStyleClass().add("page");
        CheckBox all = new CheckBox("Play all sections in order");
        all.setId("all-sections");
        all.selectedProperty().bindBidirectional(transport.settings().allSectionsProperty());
        ControlTip.on(all, "Off: loop only the section shown");
        SmallButton again = new SmallButton("Repeat", "section-again", () -> edit("again", this::again));
        ControlTip.on(again, "Repeat the section shown at the end");
        SmallButton other = new SmallButton("Add section", "section-new", () -> edit("new", this::other));
        ControlTip.on(other, "Add a section after the one shown, at the same tempo");
        SmallButton back = new SmallButton("Back to the first", "section-back", () -> edit("back", ThereAndBack::back));
        ControlTip.on(back, "Play the first section again after the one shown, at its own tempo");
        all.setMinWidth(USE_PREF_SIZE);
        swing = new TypedField<>(
                SwingText::read,
                SwingText::write,
                typed -> edit("section-swing", exercise -> exercise.withSwing(typed)),
                document::endBurst);
        swing.field().setId("swing");
        swing.field().setAccessibleText("Swing of this section, such as eighths 67 %, sixteenths 2:1, or straight");
        ControlTip.on(
                swing.field(), "The share of the first note of each pair: eighths 67 %, sixteenths 2:1, or straight");
        swing.setPrefWidth(SWING_WIDTH);
        swing.setMinWidth(SWING_WIDTH);
        FlowLine line = new FlowLine(all, other, again, back, new Caption("Swing"), swing);
        summary.setId("sections-told");
        problem.setId("sections-problem");
        showProblem("");
        list = new SentenceRows(
                "Sections, in the order of playing",
                index -> edit(this, exercise -> SectionEdits.remove(exercise, index)),
                (from, to) -> edit(this, exercise -> SectionEdits.move(exercise, from, to)));
        getChildren().setAll(problem, summary, new VerticalScroll(list), line);
        transport.sectionProperty().addListener(change -> light());
    }

    private Exercise other(Exercise exercise) {
        return ThereAndBack.there(exercise, Pivot.NONE, exercise.phrase());
    }

    private Exercise again(Exercise exercise) {
        Pivot home = Pivot.toward(
                exercise.chain().tempos().get(exercise.sections().size() - 1),
                exercise.tempo(),
                exercise.chain().pivots());
        return SectionEdits.repeat(exercise, exercise.sections().size(), exercise.selected(), 1, home);
    }

    private void edit(Object from, UnaryOperator<Exercise> change) {
        try {
            document.edit(from, change);
            showProblem("");
        } catch (StrideException e) {
            showProblem("I can't do this: " + e.getMessage() + ".");
        }
        if (!(from instanceof String typed && typed.startsWith("section-"))) {
            document.endBurst();
        }
    }

    private void showProblem(String text) {
        problem.setText(text);
        problem.setManaged(!text.isEmpty());
        problem.setVisible(!text.isEmpty());
    }

    @Override
    public void show(Exercise exercise) {
        int count = exercise.sections().size();
        boolean sameRows = rows.size() == count;
        if (!sameRows) {
            rows.clear();
            for (int i = 0; i < count; i++) {
                int section = i;
                rows.add(new SectionRow(i, document, this::edit, () -> transport.playFromSection(section)));
            }
        }
        rows.forEach(row -> row.show(exercise));
        if (!sameRows) {
            list.setRows(rows.stream().map(SectionRow::row).toList());
        }
        swing.show(exercise.swing());
        light();
    }

    private void light() {
        for (int i = 0; i < rows.size(); i++) {
            rows.get(i).setHeard(transport.sectionProperty().get() == i);
        }
    }

    /** Shows what the findings say about the order of sections. */
    @Override
    public void show(AnalyzedExercise answer) {
        String known = answer.findings().stream()
                .filter(finding -> ABOUT_SECTIONS.contains(finding.code()))
                .map(finding -> finding.sentence() + " " + finding.sum())
                .collect(Collectors.joining("\n"));
        summary.setText(
                known.isEmpty()
                        ? "One section so far. Use Add section for more bars at this tempo, or the Pivot page for"
                                + " a new tempo."
                        : known);
    }
}
