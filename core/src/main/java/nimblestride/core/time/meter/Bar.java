package nimblestride.core.time.meter;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/** A meter and the grouping it is felt in. */
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

    /** A bar in its usual grouping. */
    public static Bar of(Meter meter) {
        return new Bar(meter, meter.defaultGrouping());
    }

    public NoteValue length() {
        return meter.length();
    }

    public boolean hasUsualGrouping() {
        return grouping.equals(meter.defaultGrouping());
    }

    /** Where each group begins, from the start of the bar. */
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
