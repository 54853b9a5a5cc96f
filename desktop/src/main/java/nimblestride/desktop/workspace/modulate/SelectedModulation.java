package nimblestride.desktop.workspace.modulate;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * The modulation the pages of this workspace show: out of the selected section, by a typed or chosen pivot, into bars
 * of any meters. It starts as the exercise's own next modulation; after the last section, as the way back to the
 * first.
 */
final class SelectedModulation {
    /** The pivot before the user types one. */
    private static final Pivot DEFAULT = new Pivot(NoteValue.of(3, 8), NoteValue.HALF);

    private final ObjectProperty<Pivot> pivot = new SimpleObjectProperty<>(DEFAULT);
    private final ReadOnlyObjectWrapper<Phrase> newBars = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Exercise> exercise = new ReadOnlyObjectWrapper<>();
    private Runnable changed = () -> {};
    private boolean barsTyped;

    /** The exercise at its selected section. */
    ReadOnlyObjectProperty<Exercise> exerciseProperty() {
        return exercise.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Phrase> newBarsProperty() {
        return newBars.getReadOnlyProperty();
    }

    Pivot pivot() {
        return pivot.get();
    }

    /** Calls a listener after every change. */
    void onChange(Runnable listener) {
        Runnable before = changed;
        changed = () -> {
            before.run();
            listener.run();
        };
    }

    /** Shows an exercise, or another selected section of the same one. */
    void show(Exercise now) {
        Exercise old = exercise.get();
        if (now.equals(old)) {
            return;
        }
        boolean elsewhere = old == null
                || old.selected() != now.selected()
                || !old.sections().equals(now.sections())
                || !old.name().equals(now.name());
        exercise.set(now);
        if (elsewhere) {
            barsTyped = false;
            if (now.hasSections()) {
                followNextModulation(now);
                barsTyped = true;
            }
        }
        if (!barsTyped) {
            newBars.set(now.phrase());
        }
        changed.run();
    }

    /** Follows the exercise's next modulation; after the last section, the way back to the first. */
    private void followNextModulation(Exercise now) {
        List<Section> sections = now.sections();
        int next = now.firstSection() + 1;
        while (next < sections.size() && sections.get(next).pivot().isNone()) {
            next++;
        }
        boolean found = next < sections.size();
        Section after = sections.get(found ? next : 0);
        pivot.set(
                found
                        ? after.pivot()
                        : Pivot.toward(now.tempo(), now.start(), now.chain().pivots()));
        newBars.set(now.contents().get(after.content()).phrase());
    }

    void setPivot(Pivot now) {
        pivot.set(now);
        changed.run();
    }

    void setNewBars(Phrase bars) {
        barsTyped = true;
        newBars.set(bars);
        changed.run();
    }

    Modulation shift() {
        return new Modulation(
                exercise.get().tempo(), pivot.get(), exercise.get().phrase(), newBars.get());
    }
}
