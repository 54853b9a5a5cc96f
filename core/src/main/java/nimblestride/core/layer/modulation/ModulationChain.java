package nimblestride.core.layer.modulation;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.LongStream;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Modulations one after the other, from a first tempo. A chain multiplies its ratios, and is home when their product
 * is 1.
 *
 * @param start tempo before the first modulation
 * @param pivots at most {@value #MAX}
 */
public record ModulationChain(Tempo start, List<Pivot> pivots) {
    /** The most pivots in a chain. */
    public static final int MAX = 32;

    /** The slowest setting of an ordinary metronome, in beats per minute (common practice). */
    public static final int METRONOME_FROM = 40;

    /** The fastest setting of an ordinary metronome, in beats per minute (common practice). */
    public static final int METRONOME_TO = 208;

    private static final int FRIENDLY = 5;

    /** @throws InvalidValueException if there are too many pivots, or a tempo on the way can't be played */
    public ModulationChain {
        pivots = List.copyOf(pivots);
        if (pivots.size() > MAX) {
            throw new InvalidValueException("a chain has at most " + MAX + " modulations, not " + pivots.size());
        }
        BigFraction tempo = start.perMinute();
        for (int i = 0; i < pivots.size(); i++) {
            tempo = tempo.multiply(pivots.get(i).ratio());
            if (tempo.compareTo(BigFraction.of(Tempo.MIN)) < 0 || tempo.compareTo(BigFraction.of(Tempo.MAX)) > 0) {
                throw new InvalidValueException(String.format(
                        Locale.ROOT,
                        "modulation %d, %s, would lead to %s BPM; tempos run from %d to %d",
                        i + 1,
                        pivots.get(i),
                        Tempo.decimal(tempo),
                        Tempo.MIN,
                        Tempo.MAX));
            }
        }
    }

    /** Returns what the tempo has been multiplied by after each pivot; 1 before the first. */
    public List<BigFraction> ratios() {
        List<BigFraction> ratios = new ArrayList<>(List.of(BigFraction.ONE));
        for (Pivot pivot : pivots) {
            ratios.add(ratios.get(ratios.size() - 1).multiply(pivot.ratio()));
        }
        return ratios;
    }

    /** Returns every tempo, including the first, in the same note value. */
    public List<Tempo> tempos() {
        return ratios().stream()
                .map(ratio -> new Tempo(start.beat(), start.perMinute().multiply(ratio)))
                .toList();
    }

    /** Returns what the whole chain multiplies the tempo by. */
    public BigFraction ratio() {
        List<BigFraction> ratios = ratios();
        return ratios.get(ratios.size() - 1);
    }

    /** Returns whether it ends at the tempo it started with. */
    public boolean isHome() {
        return ratio().compareTo(BigFraction.ONE) == 0;
    }

    /**
     * Returns the pivots that lead back to the first tempo, so that each can be played: a single pivot reversed, or the
     * plainest one where both its values have a name, else every step reversed, last first. Empty where it is home.
     *
     * @throws ExactOverflowException if a value can't be written
     */
    public List<Pivot> wayBack() {
        if (isHome()) {
            return List.of();
        }
        if (pivots.size() > 1) {
            Pivot plainest = Pivot.reaching(ratio().reciprocal(), List.of());
            if (plainest.isNamed()) {
                return List.of(plainest);
            }
        }
        List<Pivot> back = new ArrayList<>();
        for (Pivot pivot : pivots) {
            back.add(0, pivot.back());
        }
        return List.copyOf(back);
    }

    /**
     * Returns whole starting tempos on an ordinary metronome that make every tempo of the chain whole: those nearest
     * to the start, in order. The beat is the tempo's own.
     */
    public List<Integer> friendlyTempos() {
        return friendlyTempos(start.beat());
    }

    /**
     * Returns whole starting tempos that make every tempo of the chain whole and put the felt beat on an ordinary
     * metronome: those nearest to the start, in order.
     *
     * @param feltBeat what the foot taps, such as a dotted quarter under a tempo in eighths
     */
    public List<Integer> friendlyTempos(NoteValue feltBeat) {
        double felt = start.beat().toDouble() / feltBeat.toDouble();
        BigInteger unit = ratios().stream()
                .map(BigFraction::getDenominator)
                .reduce(BigInteger.ONE, (a, b) -> a.multiply(b).divide(a.gcd(b)));
        if (unit.bitLength() > 30) {
            return List.of();
        }
        double now = start.perMinute().doubleValue();
        return LongStream.iterate(
                        unit.longValue(), tempo -> tempo * felt <= METRONOME_TO, tempo -> tempo + unit.longValue())
                .filter(tempo -> tempo * felt >= METRONOME_FROM)
                .boxed()
                .filter(this::staysPlayable)
                .sorted(Comparator.comparingDouble((Long tempo) -> Math.abs(tempo - now))
                        .thenComparing(Comparator.naturalOrder()))
                .limit(FRIENDLY)
                .sorted()
                .map(Long::intValue)
                .toList();
    }

    private boolean staysPlayable(long tempo) {
        return ratios().stream()
                .map(ratio -> ratio.multiply(tempo).doubleValue())
                .allMatch(one -> one >= Tempo.MIN && one <= Tempo.MAX);
    }
}
