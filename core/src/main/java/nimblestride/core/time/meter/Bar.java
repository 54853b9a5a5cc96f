package nimblestride.core.time.meter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/** A meter with its grouping. */
public final class Bar implements PhrasePart {
    private final Meter meter;
    private final Grouping grouping;
    /** Worked out when they are first asked for. Threads that ask at once work out the same. */
    private Beats beats;

    /**
     * Creates a bar.
     *
     * @throws InvalidValueException if the grouping does not fill the bar
     */
    public Bar(Meter meter, Grouping grouping) {
        this.meter = meter;
        this.grouping = grouping;
        long given = grouping.units();
        int needed = meter.units();
        if (given != needed) {
            throw new InvalidValueException("the groups add up to " + given + "; " + meter + " needs " + needed);
        }
    }

    /** Returns a bar of a meter in its default grouping. */
    public static Bar of(Meter meter) {
        return meter.usualBar();
    }

    /** Returns its meter. */
    public Meter meter() {
        return meter;
    }

    /** Returns its grouping. */
    public Grouping grouping() {
        return grouping;
    }

    /** Returns its beats: what the foot taps. */
    public Beats beats() {
        Beats found = beats;
        if (found == null) {
            found = Beats.of(this);
            beats = found;
        }
        return found;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Bar bar && meter.equals(bar.meter) && grouping.equals(bar.grouping);
    }

    @Override
    public int hashCode() {
        return 31 * meter.hashCode() + grouping.hashCode();
    }

    /** Returns how long the bar lasts. */
    public NoteValue length() {
        return meter.length();
    }

    /** Returns whether the bar has the default grouping of its meter. */
    public boolean hasUsualGrouping() {
        return grouping.equals(meter.defaultGrouping());
    }

    /**
     * Returns part of the bar as a bar: its groups where they fill the meter, the default ones otherwise.
     *
     * @param start from the start of this bar
     */
    public Bar part(NoteValue start, Meter partMeter) {
        NoteValue end = start.plus(partMeter.length());
        List<NoteValue> bounds = new ArrayList<>(groupStarts());
        bounds.add(length());
        List<Integer> groups = new ArrayList<>();
        for (int i = 0; i + 1 < bounds.size(); i++) {
            boolean within =
                    bounds.get(i).compareTo(start) >= 0 && bounds.get(i + 1).compareTo(end) <= 0;
            NoteValue size = bounds.get(i + 1).minus(bounds.get(i));
            if (within && size.isMultipleOf(partMeter.unit())) {
                groups.add(ExactMath.toInt(size.wholePartsOf(partMeter.unit())));
            }
        }
        int units = groups.stream().mapToInt(Integer::intValue).sum();
        return units == partMeter.units() ? new Bar(partMeter, new Grouping(groups)) : Bar.of(partMeter);
    }

    /** Returns the bars within the bar; the bar itself where it has one level. */
    public List<Bar> innerBars() {
        if (!grouping.hasInnerBars()) {
            return List.of(this);
        }
        List<Bar> bars = new ArrayList<>();
        NoteValue start = NoteValue.ZERO;
        for (Grouping inner : grouping.innerBars()) {
            NoteValue lasting = meter.unit().times(inner.units());
            NoteValue from = start;
            bars.add(termAt(start, lasting)
                    .map(term -> part(from, term))
                    .orElseGet(() -> new Bar(
                            Meter.of(
                                    ExactMath.toInt(inner.units()),
                                    ExactMath.toInt(meter.unit().denominator())),
                            inner)));
            start = start.plus(lasting);
        }
        return bars;
    }

    /**
     * Returns the bar with its groups in inner bars.
     *
     * @param lasting one meter for each inner bar, together as long as the bar
     * @throws InvalidValueException if a group crosses one of their bar lines, or they do not fill the bar
     */
    public Bar withInnerBars(List<Meter> lasting) {
        List<List<Integer>> inner = new ArrayList<>();
        int group = 0;
        for (Meter one : lasting) {
            NoteValue left = one.length();
            List<Integer> groups = new ArrayList<>();
            while (!left.isZero() && group < grouping.sizes().size()) {
                NoteValue size = meter.unit().times(grouping.sizes().get(group));
                if (size.compareTo(left) > 0) {
                    throw new InvalidValueException("a group of " + grouping + " crosses the end of " + one);
                }
                left = left.minus(size);
                groups.add(grouping.sizes().get(group++));
            }
            inner.add(groups);
        }
        return new Bar(meter, Grouping.ofInnerBars(inner));
    }

    /** Returns where each inner bar starts, from the start of the bar. */
    public List<NoteValue> innerBarStarts() {
        List<NoteValue> starts = new ArrayList<>();
        long units = 0;
        for (Grouping inner : grouping.innerBars()) {
            starts.add(meter.unit().times(units));
            units += inner.units();
        }
        return starts;
    }

    /** Returns the term of a sum that an inner bar is. */
    private Optional<Meter> termAt(NoteValue start, NoteValue lasting) {
        NoteValue at = NoteValue.ZERO;
        for (Meter.Term term : meter.terms()) {
            Meter own = new Meter(List.of(term));
            if (at.equals(start) && own.length().equals(lasting)) {
                return Optional.of(own);
            }
            at = at.plus(own.length());
        }
        return Optional.empty();
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

    /** Returns the meter with its grouping: {@code 7/8 (2+2+3)}. */
    @Override
    public String toString() {
        return meter + " (" + grouping + ")";
    }
}
