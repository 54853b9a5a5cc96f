package nimblestride.desktop.workspace.group;

import java.util.function.LongSupplier;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Label;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Break bench: a bar, and what can be asked of it. */
public final class GroupWorkspace extends PagedPane implements Workspace {
    private final BarChoice bars;
    private final Label felt = new WrappedLabel("", "quiet");

    /** @param nanos a clock in nanoseconds, for taps */
    public GroupWorkspace(
            ExerciseDocument document,
            ObjectProperty<CountingSystem> countingSystem,
            ObjectProperty<Subdivision> subdivision,
            LongSupplier nanos) {
        bars = new BarChoice(document);
        addBeside(bars);
        add(
                "Readings",
                "The ways to feel this bar in groups, the best of each school first",
                () -> new ReadingsPage(document, bars, felt::setText));
        add(
                "Count",
                "How this bar is counted aloud, school by school",
                () -> new CountPage(document, bars, countingSystem, subdivision));
        add("What fits?", "Which cells fill a length exactly, and in how many ways", () -> new FitPage(document));
        LazyPage<FillPage> fill = add(
                "Does it fill?",
                "Whether a pattern comes out even with the bar, and what mends it",
                () -> new FillPage(document));
        add(
                "What meter?",
                "Tap what you hear, or type where the accents fall, and be told which meters it may be",
                () -> new ListenPage(document, nanos, pattern -> {
                    fill.get().hold(pattern);
                    choose("Does it fill?");
                }));
        felt.setId("felt");
        addBeside(felt);
        choose("Readings");
    }

    @Override
    protected void prepare(Exercise exercise) {
        bars.show(exercise);
    }
}
