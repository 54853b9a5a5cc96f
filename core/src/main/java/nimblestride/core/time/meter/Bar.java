package nimblestride.core.time.meter;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/** A meter with its grouping. */
public record Bar(Meter meter, Grouping grouping) implements PhrasePart {
    /** @throws InvalidValueException if the grouping does not fill the bar */
    public Bar {
        long given = grouping.units();
        int needed = meter.units();
        if (given != needed) {
            throw new InvalidValueException(grouping + " is " + given + ", and a bar of " + meter + " holds " + needed
                    + " units of " + meter.unit() + ": " + Math.abs(needed - given) + " too "
                    + (given < needed ? "few" : "many"));
        }
    }

    /** Returns a bar of a meter in its default grouping. */
    public static Bar of(Meter meter) {
        return new Bar(meter, meter.defaultGrouping());
    }

    /** Returns how long the bar lasts. */
    public NoteValue length() {
        return meter.length();
    }

    /** Returns whether the bar has the default grouping of its meter. */
    public boolean hasUsualGrouping() {
        return grouping.equals(meter.defaultGrouping());
    }

    /** Returns where each group starts, from the start of the bar. */
    public List<NoteValue> groupStarts() {
        List<NoteValue> starts = new ArrayList<>();
        NoteValue unit = meter.unit();
        long units = 0;
        for (int size : grouping.sizes()) {
            starts.add(unit.times(units));
            units += size;
        }
        return starts;
    }
}
