package nimblestride.core.notation.alternative;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.BarPlan.Planned;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/** Rewrites bars: cut into shorter ones, in another unit, or at another tempo. */
final class RewrittenBars {
    private static final int GROUPS_TO_A_BAR = 3;
    private static final int LONG = 4;
    private static final int MIN_UNITS = 8;

    private RewrittenBars() {}

    /** Returns whether the denominator of a length is a power of two. */
    static boolean isPlain(NoteValue value) {
        return Long.bitCount(value.denominator()) == 1;
    }

    /** Returns whether all terms of a meter are over powers of two. */
    static boolean isPlain(Meter meter) {
        return isPlain(meter.unit());
    }

    /**
     * Cuts a bar into its inner bars; without any, cuts a long bar at its groups into two or three bars of similar
     * length. A shorter one stays as it is.
     */
    static List<Bar> cut(Bar bar) {
        if (bar.grouping().hasInnerBars()) {
            return bar.innerBars();
        }
        List<Integer> sizes = bar.grouping().sizes();
        boolean isLong = sizes.size() >= LONG
                && bar.meter().units() >= MIN_UNITS
                && bar.meter().unit().numerator() == 1;
        if (!isLong) {
            return List.of(bar);
        }
        int parts = (sizes.size() + GROUPS_TO_A_BAR - 1) / GROUPS_TO_A_BAR;
        int units = bar.meter().units();
        List<Bar> bars = new ArrayList<>();
        List<Integer> current = new ArrayList<>();
        int before = 0;
        for (int i = 0; i < sizes.size(); i++) {
            current.add(sizes.get(i));
            int upToHere = before + current.stream().mapToInt(Integer::intValue).sum();
            int next = i + 1 < sizes.size() ? upToHere + sizes.get(i + 1) : upToHere;
            double wanted = (double) units * (bars.size() + 1) / parts;
            boolean closer = Math.abs(upToHere - wanted) <= Math.abs(next - wanted);
            if (i + 1 == sizes.size() || (closer && bars.size() + 1 < parts)) {
                bars.add(of(bar.meter().unit(), new Grouping(current)));
                before = upToHere;
                current = new ArrayList<>();
            }
        }
        return bars;
    }

    private static Bar of(NoteValue unit, Grouping groups) {
        return new Bar(Meter.of(ExactMath.toInt(groups.units()), ExactMath.toInt(unit.denominator())), groups);
    }

    /** Returns a bar as a number of one unit: 10/8 in sixteenths is 20/16. */
    static Bar inUnits(Bar bar, NoteValue unit) {
        int factor = ExactMath.toInt(bar.meter().unit().wholePartsOf(unit));
        return of(unit, bar.grouping().times(factor));
    }

    /** Returns how much longer values are written so that a length over an odd denominator is over a power of two. */
    static BigFraction gear(NoteValue unit) {
        long odd = unit.denominator() >> Long.numberOfTrailingZeros(unit.denominator());
        return odd == 1 ? BigFraction.ONE : BigFraction.of(odd, Long.highestOneBit(odd));
    }

    /** Returns a bar at another tempo, in its unit: 13/20 stretched by 5/4 is 13/16. */
    static Planned inGear(Bar bar, BigFraction gear) {
        NoteValue unit = NoteValue.of(bar.meter().unit().fraction().multiply(gear));
        return new Planned(of(unit, bar.grouping()), gear);
    }

    /** Returns each term of a sum as a bar at its own tempo: 2/4+3/20 is 2/4, then 3/16 stretched by 5/4. */
    static List<Planned> eachInItsGear(Bar bar) {
        if (isPlain(bar.meter())) {
            return List.of(new Planned(bar, BigFraction.ONE));
        }
        List<Planned> planned = new ArrayList<>();
        NoteValue start = NoteValue.ZERO;
        for (Meter.Term term : bar.meter().terms()) {
            Meter own = new Meter(List.of(term));
            Bar part = bar.part(start, own);
            planned.add(isPlain(own) ? new Planned(part, BigFraction.ONE) : inGear(part, gear(own.unit())));
            start = start.plus(own.length());
        }
        return planned;
    }

    /** Returns bars that sound as long as they are written. */
    static BarPlan plain(List<Bar> bars) {
        return new BarPlan(
                bars.stream().map(bar -> new Planned(bar, BigFraction.ONE)).toList(), List.of());
    }
}
