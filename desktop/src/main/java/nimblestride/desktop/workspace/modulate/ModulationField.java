package nimblestride.desktop.workspace.modulate;

import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.layout.FlowPane;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.look.Palette;

/** Takes the pivot, typed, clicked, or as a regrouping, and the bars after it. */
final class ModulationField extends FlowPane {
    private final SelectedModulation gear;
    private final TypedField<Pivot> pivot;
    private final TypedField<Phrase> bars;
    private final TypedField<Integer> notes;
    private final TypedField<Integer> group;
    private final NoteValueChoice old;
    private final NoteValueChoice now;

    ModulationField(SelectedModulation gear) {
        this.gear = gear;
        getStyleClass().add("gear-line");
        pivot = new TypedField<>(PivotText::read, ModulationField::write, gear::setPivot, () -> {});
        pivot.field().setId("pivot");
        pivot.field().setAccessibleText("Pivot: old value = new value");
        ControlTip.on(
                pivot.field(),
                "dotted quarter = half, or 3/16 = 1/4, or 5 in groups of 4, or 4 quintuplet sixteenths = quarter");
        pivot.setPrefWidth(236);
        old = new NoteValueChoice(
                "Old", "pivot-old", value -> set(value, gear.pivot().newValue()));
        now = new NoteValueChoice("New", "pivot-new", value -> set(gear.pivot().oldValue(), value));
        notes = number(
                "pivot-notes",
                "Notes per beat",
                value -> regroup(value, shown(gear.shift().group())));
        group = number(
                "pivot-group",
                "In groups of",
                value -> regroup(shown(gear.shift().notesPerBeat()), value));
        bars = new TypedField<>(BarsText::read, BarsText::write, gear::setNewBars, () -> {});
        bars.field().setId("new-bars");
        bars.field().setAccessibleText("The bars after the change, such as: 7/8, 5/16");
        bars.setPrefWidth(150);
        getChildren()
                .setAll(
                        pivot,
                        old,
                        now,
                        notes,
                        new Caption("per beat in groups of"),
                        group,
                        new Caption("then bars of"),
                        bars);
    }

    private static String write(Pivot pivot) {
        return NoteName.say(pivot.oldValue()) + " = " + NoteName.say(pivot.newValue());
    }

    private TypedField<Integer> number(String id, String what, Consumer<Integer> taken) {
        Function<String, Integer> reader = text -> {
            if (!text.strip().matches("\\d{1,2}") || Integer.parseInt(text.strip()) < 1) {
                throw new InvalidValueException("type a number from 1 to " + Pivot.MAX_NOTES + ", such as 4");
            }
            return Integer.parseInt(text.strip());
        };
        TypedField<Integer> field = new TypedField<>(reader, String::valueOf, taken, () -> {});
        field.field().setId(id);
        field.field().setAccessibleText(what);
        field.setPrefWidth(44);
        field.setMinWidth(44);
        return field;
    }

    /** Limits a grouping from a file, which may be larger than the field allows. */
    private static int shown(long number) {
        return (int) Math.min(number, Pivot.MAX_NOTES);
    }

    private void set(NoteValue oldValue, NoteValue newValue) {
        gear.setPivot(new Pivot(oldValue, newValue));
    }

    private void regroup(int notesPerBeat, int inGroups) {
        if (notesPerBeat <= Pivot.MAX_NOTES && inGroups <= Pivot.MAX_NOTES) {
            Modulation shift = gear.shift();
            NoteValue beat = shift.oldBeat();
            gear.setPivot(new Pivot(beat.times(inGroups).dividedBy(notesPerBeat), shift.newBeat()));
        }
    }

    void show() {
        pivot.show(gear.pivot());
        bars.show(gear.newBarsProperty().get());
        try {
            notes.show(shown(gear.shift().notesPerBeat()));
            group.show(shown(gear.shift().group()));
        } catch (ExactOverflowException e) {
            // The page reports what can't be counted; these keep what they showed.
            notes.rewrite();
        }
    }

    void setPalette(Palette palette) {
        old.setPalette(palette);
        now.setPalette(palette);
    }
}
