package nimblestride.desktop.workspace.group;

import java.util.Random;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import javafx.beans.property.ObjectProperty;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Group workspace: how to group, count, fill, and find a bar. */
public final class GroupWorkspace extends PagedPane implements Workspace {
    private final BarChoice bars;
    private final SmallButton split;

    /**
     * Creates the pages.
     *
     * @param nanos a clock in nanoseconds, for taps
     * @param log adds a line to the practice log
     */
    public GroupWorkspace(
            ExerciseDocument document,
            ObjectProperty<Counting> counting,
            ObjectProperty<Subdivision> subdivision,
            Transport transport,
            LongSupplier nanos,
            Consumer<String> log) {
        bars = new BarChoice(document);
        split = new SmallButton(
                "Split into bars",
                "split-inner-bars",
                () -> document.edit(exercise -> RewriteEdits.splitInnerBars(exercise, bars.number())));
        ControlTip.on(
                split, "Turn the inner bars into separate bars. To go back, choose Edit > Write as one long bar.");
        bars.chosenProperty().addListener(change -> offerSplit());
        addBeside(bars);
        addBeside(split);
        add(PageId.READINGS, () -> new ReadingsPage(document, bars, counting, transport));
        add(PageId.COUNT, () -> new CountPage(document, bars, counting, subdivision));
        add(PageId.WHAT_FITS, () -> new FitPage(document));
        LazyPage<FillPage> fill = add(PageId.DOES_IT_FILL, () -> new FillPage(document));
        add(
                PageId.WHAT_METER,
                () -> new ListenPage(document, nanos, pattern -> {
                    fill.get().hold(pattern);
                    open(PageId.DOES_IT_FILL);
                }));
        add(PageId.EAR, () -> new EarPage(bars, transport, nanos, new Random(), log));
        open(PageId.READINGS);
    }

    @Override
    protected void prepare(Exercise exercise) {
        bars.show(exercise);
        offerSplit();
    }

    /** Shows the button only where the bar has inner bars. */
    private void offerSplit() {
        boolean inner = bars.bar().grouping().hasInnerBars();
        split.setVisible(inner);
        split.setManaged(inner);
    }
}
