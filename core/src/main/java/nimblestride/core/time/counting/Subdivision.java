package nimblestride.core.time.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;

/**
 * How finely a bar is counted: in its own units, in one note value, or in a number of notes per group. A group that
 * the value does not divide keeps its own units.
 *
 * @param value one note value throughout; empty for none
 * @param notes notes in each group in turn, from 1 to {@value #MAX_NOTES}; empty where a value is given
 */
public record Subdivision(Optional<NoteValue> value, List<Integer> notes) {
    /** The most notes in a group. */
    public static final int MAX_NOTES = 16;

    /** The bar's own units. */
    public static final Subdivision AS_WRITTEN = new Subdivision(Optional.empty(), List.of());

    /** The most notes in a bar. */
    static final int MAX_IN_A_BAR = 20_000;

    /**
     * A group with its notes.
     *
     * @param from the start of the bar
     * @param isOne whether the group is one unit that is not divided
     */
    record Slot(NoteValue from, NoteValue note, int notes, boolean isOne) {
        NoteValue length() {
            return note.times(notes);
        }

        /** Returns the group as it stands in a bar that starts earlier or later. */
        Slot fromStartOf(NoteValue bar) {
            return new Slot(from.minus(bar), note, notes, isOne);
        }

        /** Returns the notes of each group, with a run of undivided units as one group. */
        static List<Integer> withRunsOfOnes(List<Slot> slots) {
            List<Integer> notes = new ArrayList<>();
            boolean run = false;
            for (Slot slot : slots) {
                if (slot.isOne && run) {
                    notes.set(notes.size() - 1, notes.get(notes.size() - 1) + 1);
                } else {
                    notes.add(slot.notes);
                }
                run = slot.isOne;
            }
            return notes;
        }
    }

    /**
     * @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range, or a value and
     *     numbers are given
     */
    public Subdivision {
        notes = List.copyOf(notes);
        if (notes.stream().anyMatch(count -> count < 1 || count > MAX_NOTES)) {
            throw new InvalidValueException("divide a group into 1 to " + MAX_NOTES + " notes");
        }
        if (value.filter(NoteValue::isZero).isPresent()) {
            throw new InvalidValueException("count in a value longer than zero");
        }
    }

    /** Returns a subdivision in one note value: 1/16, or 1/20 for quintuplet sixteenths. */
    public static Subdivision into(NoteValue value) {
        return new Subdivision(Optional.of(value), List.of());
    }

    /** Returns a subdivision with a number of notes for each group in turn. */
    public static Subdivision mixed(List<Integer> notes) {
        return new Subdivision(Optional.empty(), notes);
    }

    List<Slot> slots(Bar bar) {
        return slots(bar, bar.grouping().sizes());
    }

    /** Returns the beats of a bar with their notes. */
    List<Slot> beatSlots(Bar bar) {
        return slots(bar, bar.beats().sizes());
    }

    private List<Slot> slots(Bar bar, List<Integer> sizes) {
        NoteValue unit = bar.meter().unit();
        List<Slot> slots = new ArrayList<>();
        NoteValue from = NoteValue.ZERO;
        int group = 0;
        int all = 0;
        for (int size : sizes) {
            NoteValue length = unit.times(size);
            int count = notesIn(length, group++).orElse(size);
            all += count;
            slots.add(
                    all <= MAX_IN_A_BAR
                            ? new Slot(from, length.dividedBy(count), count, size == 1 && count == 1)
                            : new Slot(from, unit, size, size == 1));
            from = from.plus(length);
        }
        return slots;
    }

    private Optional<Integer> notesIn(NoteValue length, int group) {
        if (!notes.isEmpty()) {
            return Optional.of(notes.get(group % notes.size()));
        }
        return value.filter(length::isMultipleOf)
                .map(length::wholePartsOf)
                .filter(count -> count <= MAX_IN_A_BAR)
                .map(Math::toIntExact);
    }
}
