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
 * The modulation the pages of this workspace are about: out of the selected section, by a pivot that is typed or
 * chosen, into bars of any meters. Where the exercise goes on by a modulation, it starts as that one; after the last
 * section, as the way back to the first.
 */
final class SelectedModulation {
    /** What is shown before anybody has typed a pivot. */
    private static final Pivot DEFAULT = new Pivot(NoteValue.of(3, 8), NoteValue.HALF);

    private final ObjectProperty<Pivot> pivot = new SimpleObjectProperty<>(DEFAULT);
    private final ReadOnlyObjectWrapper<Phrase> newBars = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Exercise> exercise = new ReadOnlyObjectWrapper<>();
    private Runnable changed = () -> {};
    private boolean barsTyped;

    /** The exercise with the feel in hand. */
    ReadOnlyObjectProperty<Exercise> exerciseProperty() {
        return exercise.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Phrase> newBarsProperty() {
        return newBars.getReadOnlyProperty();
    }

    Pivot pivot() {
        return pivot.get();
    }

    /** Has every change of it told. */
    void onChange(Runnable listener) {
        Runnable before = changed;
        changed = () -> {
            before.run();
            listener.run();
        };
    }

    /** Shows an exercise, or the same one with another feel in hand. */
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

    /** The next one after the feel in hand; where there is none, the way back to the first section. */
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
