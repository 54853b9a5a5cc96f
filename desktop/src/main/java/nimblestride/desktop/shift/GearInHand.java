package nimblestride.desktop.shift;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Section;
import nimblestride.core.meter.Phrase;
import nimblestride.core.modulation.Pivot;
import nimblestride.core.modulation.Shift;
import nimblestride.core.value.NoteValue;

/**
 * The change of gear the pages of this bench are about: out of the feel in hand, by a pivot that is typed or chosen, into
 * bars of any meters. Where the exercise goes on by a modulation, it begins as that one; after the last section, as the way
 * back to the first.
 */
final class GearInHand {
    /** What is shown before anybody has typed a pivot. */
    private static final Pivot USUAL = new Pivot(NoteValue.of(3, 8), NoteValue.HALF);

    private final ObjectProperty<Pivot> pivot = new SimpleObjectProperty<>(USUAL);
    private final ReadOnlyObjectWrapper<Phrase> newBars = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Exercise> exercise = new ReadOnlyObjectWrapper<>();
    private Runnable changed = () -> {};
    private boolean barsTyped;

    /** The exercise with the feel in hand. */
    ReadOnlyObjectProperty<Exercise> exercise() {
        return exercise.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Phrase> newBars() {
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
                || old.inHand() != now.inHand()
                || !old.sections().equals(now.sections())
                || !old.name().equals(now.name());
        exercise.set(now);
        if (elsewhere) {
            barsTyped = false;
            if (now.hasSections()) {
                Section next = next(now);
                pivot.set(pivotInto(now));
                newBars.set(now.feels().get(next.feel()).phrase());
                barsTyped = true;
            }
        }
        if (!barsTyped) {
            newBars.set(now.phrase());
        }
        changed.run();
    }

    private static Section next(Exercise exercise) {
        List<Section> sections = exercise.sections();
        return sections.get((exercise.firstSection() + 1) % sections.size());
    }

    private static Pivot pivotInto(Exercise exercise) {
        int next = exercise.firstSection() + 1;
        return next < exercise.sections().size()
                ? exercise.sections().get(next).entered()
                : Pivot.toward(
                        exercise.tempo(), exercise.start(), exercise.chain().pivots());
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

    Shift shift() {
        return new Shift(exercise.get().tempo(), pivot.get(), exercise.get().phrase(), newBars.get());
    }
}
