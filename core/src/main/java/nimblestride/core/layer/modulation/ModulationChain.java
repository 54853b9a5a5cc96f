package nimblestride.core.layer.modulation;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.LongStream;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Modulations one after the other, from a tempo on. A chain multiplies its ratios; it is back home when their product is 1.
 *
 * @param start the tempo before the first of them
 * @param pivots at most {@value #MAX}
 */
public record ModulationChain(Tempo start, List<Pivot> pivots) {
    public static final int MAX = 32;

    /** The range of an ordinary metronome, in which starting tempos are looked for (common practice). */
    public static final int METRONOME_FROM = 40;

    public static final int METRONOME_TO = 208;

    private static final int FRIENDLY = 5;

    /** @throws InvalidValueException if a tempo on the way is one that cannot be played */
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
                        "modulation %d, %s, would lead to %s beats a minute, and a tempo is from %d to %d",
                        i + 1,
                        pivots.get(i),
                        Tempo.decimal(tempo),
                        Tempo.MIN,
                        Tempo.MAX));
            }
        }
    }

    /** By what the tempo has been multiplied after each of them, 1 before the first. */
    public List<BigFraction> ratios() {
        List<BigFraction> ratios = new ArrayList<>(List.of(BigFraction.ONE));
        for (Pivot pivot : pivots) {
            ratios.add(ratios.get(ratios.size() - 1).multiply(pivot.ratio()));
        }
        return ratios;
    }

    /** Every tempo on the way, the first included, all counted in the same note value. */
    public List<Tempo> tempos() {
        return ratios().stream()
                .map(ratio -> new Tempo(start.beat(), start.perMinute().multiply(ratio)))
                .toList();
    }

    /** By what the whole chain multiplies the tempo. */
    public BigFraction ratio() {
        List<BigFraction> ratios = ratios();
        return ratios.get(ratios.size() - 1);
    }

    /** Whether it ends at the tempo it began with. */
    public boolean isHome() {
        return ratio().compareTo(BigFraction.ONE) == 0;
    }

    /**
     * The one modulation that leads back to the first tempo: a single pivot turned round, otherwise the plainest that
     * leads there.
     *
     * @throws ExactOverflowException if that value cannot be written
     */
    public Pivot wayBack() {
        return pivots.size() == 1 ? pivots.get(0).back() : Pivot.reaching(ratio().reciprocal(), List.of());
    }

    /**
     * Whole starting tempos on an ordinary metronome at which every tempo of the chain is whole: those nearest to where it
     * starts now, in order.
     */
    public List<Integer> friendlyTempos() {
        BigInteger unit = ratios().stream()
                .map(BigFraction::getDenominator)
                .reduce(BigInteger.ONE, (a, b) -> a.multiply(b).divide(a.gcd(b)));
        if (unit.bitLength() > 30) {
            return List.of();
        }
        double now = start.perMinute().doubleValue();
        return LongStream.iterate(unit.longValue(), tempo -> tempo <= METRONOME_TO, tempo -> tempo + unit.longValue())
                .filter(tempo -> tempo >= METRONOME_FROM)
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
