package nimblestride.core.layer.modulation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * A click that runs on through a modulation and fits both tempos: once every so many beats, or so many times per beat,
 * before and after.
 *
 * @param before what it clicks, in old values
 * @param after the same in new values
 * @param perMinute clicks per minute
 */
public record MetronomeSetting(NoteValue before, NoteValue after, BigFraction perMinute) {
    /** More clicks per beat, or beats per click, than this help nobody. */
    private static final int MAX = 9;

    private static final int LISTED = 4;

    /** Returns whether an ordinary metronome can be set to it: a whole number in its range. */
    public boolean isOnAnOrdinaryMetronome() {
        return perMinute.getDenominator().bitLength() == 1 && isInRange();
    }

    private boolean isInRange() {
        return perMinute.compareTo(BigFraction.of(ModulationChain.METRONOME_FROM)) >= 0
                && perMinute.compareTo(BigFraction.of(ModulationChain.METRONOME_TO)) <= 0;
    }

    /**
     * Returns settings, the most useful first: those an ordinary metronome has, then those nearest to both beats.
     * Where none is near to both, it is the subdivision that runs through both.
     */
    public static List<MetronomeSetting> of(Modulation shift) {
        NoteValue oldBeat = shift.oldBeat();
        NoteValue newBeat = shift.oldUnits(shift.newBeat());
        List<MetronomeSetting> found = new ArrayList<>();
        for (int many = MAX; many >= 1; many--) {
            addIfUseful(shift, oldBeat.dividedBy(many), newBeat, found);
        }
        for (int many = 2; many <= MAX; many++) {
            addIfUseful(shift, oldBeat.times(many), newBeat, found);
        }
        if (found.isEmpty()) {
            found.add(setting(shift, shift.subdivision()));
        }
        return found.stream()
                .sorted(Comparator.comparing((MetronomeSetting one) -> !one.isOnAnOrdinaryMetronome())
                        .thenComparing(one -> !one.isInRange())
                        .thenComparingInt(one -> steps(one.before, oldBeat) + steps(one.before, newBeat)))
                .limit(LISTED)
                .toList();
    }

    private static void addIfUseful(Modulation shift, NoteValue tick, NoteValue newBeat, List<MetronomeSetting> found) {
        if (steps(tick, newBeat) <= MAX) {
            found.add(setting(shift, tick));
        }
    }

    private static MetronomeSetting setting(Modulation shift, NoteValue tick) {
        return new MetronomeSetting(
                tick, shift.newUnits(tick), BigFraction.of(60).divide(shift.seconds(tick)));
    }

    /**
     * Returns how many clicks fill the beat, or beats the click; more than the maximum where neither divides the
     * other.
     */
    private static int steps(NoteValue tick, NoteValue beat) {
        BigFraction clicks = beat.fraction().divide(tick.fraction());
        BigFraction whole = clicks.compareTo(BigFraction.ONE) < 0 ? clicks.reciprocal() : clicks;
        boolean even = whole.getDenominator().bitLength() == 1;
        return even && whole.compareTo(BigFraction.of(MAX)) <= 0 ? whole.intValue() : MAX + 1;
    }
}
