package nimblestride.desktop.workspace.group;

import java.util.function.LongSupplier;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Label;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.counting.CountingSchool;
import nimblestride.core.time.counting.Division;
import nimblestride.desktop.document.exercise.Desk;
import nimblestride.desktop.ui.control.Wrapped;
import nimblestride.desktop.ui.page.Bench;
import nimblestride.desktop.ui.page.LatePage;
import nimblestride.desktop.ui.page.Pages;

/** The Break bench: a bar, and what can be asked of it. */
public final class BreakBench extends Pages implements Bench {
    private final BarChoice bars;
    private final Label felt = new Wrapped("", "quiet");

    /** @param nanos a clock in nanoseconds, for taps */
    public BreakBench(
            Desk desk, ObjectProperty<CountingSchool> school, ObjectProperty<Division> division, LongSupplier nanos) {
        bars = new BarChoice(desk);
        addBeside(bars);
        add(
                "Readings",
                "The ways to feel this bar in groups, the best of each school first",
                () -> new ReadingsPage(desk, bars, felt::setText));
        add(
                "Count",
                "How this bar is counted aloud, school by school",
                () -> new CountPage(desk, bars, school, division));
        add("What fits?", "Which cells fill a length exactly, and in how many ways", () -> new FitPage(desk));
        LatePage<FillPage> fill = add(
                "Does it fill?",
                "Whether a pattern comes out even with the bar, and what mends it",
                () -> new FillPage(desk));
        add(
                "What meter?",
                "Tap what you hear, or type where the accents fall, and be told which meters it may be",
                () -> new ListenPage(desk, nanos, pattern -> {
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
