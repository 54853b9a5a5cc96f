package nimblestride.core.time.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;

/**
 * How finely a bar is counted: in its own units, in one note value throughout, or in so many notes a group. A group that
 * holds no whole number of the value keeps its own units.
 *
 * @param value the note value, if it is one throughout
 * @param notes how many notes in each group, going round, from 1 to {@value #MAX_NOTES}; empty where the value tells
 */
public record Subdivision(Optional<NoteValue> value, List<Integer> notes) {
    public static final int MAX_NOTES = 16;

    /** The bar's own units. */
    public static final Subdivision AS_WRITTEN = new Subdivision(Optional.empty(), List.of());

    /** The most notes of one bar. */
    private static final int MAX_IN_A_BAR = 20_000;

    /**
     * A group with the notes it is divided into.
     *
     * @param from the start of the bar
     */
    record Slot(NoteValue from, NoteValue note, int notes) {}

    public Subdivision {
        notes = List.copyOf(notes);
        if (notes.stream().anyMatch(count -> count < 1 || count > MAX_NOTES)) {
            throw new InvalidValueException("a group is divided into 1 to " + MAX_NOTES + " notes");
        }
        if (value.filter(NoteValue::isZero).isPresent()) {
            throw new InvalidValueException("a bar is counted in a value longer than zero");
        }
    }

    /** One note value throughout: 1/16, or 1/20 for quintuplet sixteenths. */
    public static Subdivision into(NoteValue value) {
        return new Subdivision(Optional.of(value), List.of());
    }

    /** So many notes in the first group, so many in the next, and so on round. */
    public static Subdivision mixed(List<Integer> notes) {
        return new Subdivision(Optional.empty(), notes);
    }

    List<Slot> slots(Bar bar) {
        NoteValue unit = bar.meter().unit();
        List<Slot> slots = new ArrayList<>();
        NoteValue from = NoteValue.ZERO;
        int group = 0;
        int all = 0;
        for (int size : bar.grouping().sizes()) {
            NoteValue length = unit.times(size);
            int count = notesIn(length, group++).orElse(size);
            all += count;
            slots.add(
                    all <= MAX_IN_A_BAR ? new Slot(from, length.dividedBy(count), count) : new Slot(from, unit, size));
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
