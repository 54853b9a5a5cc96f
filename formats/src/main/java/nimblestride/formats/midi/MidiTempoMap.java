package nimblestride.formats.midi;

import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * The tempos of a MIDI file. The format has whole microseconds per quarter (Standard MIDI Files 1.0), which few exact
 * tempos are. A section with another after it is written in two such numbers, one microsecond apart, each for as many
 * ticks as let it end where it exactly ends. So every change of tempo is within one microsecond of its time, however
 * many went before.
 *
 * @param settings in the order of their ticks, the first at 0
 */
record MidiTempoMap(List<Setting> settings) {
    private static final long MAX_MICROSECONDS = (1L << 24) - 1;
    private static final BigInteger MICROSECONDS_IN_A_SECOND = BigInteger.valueOf(1_000_000);

    /** Microseconds per quarter from a tick on. */
    record Setting(long tick, int microseconds) {}

    MidiTempoMap {
        settings = List.copyOf(settings);
    }

    /**
     * Returns the tempos of an exercise.
     *
     * @throws InvalidValueException if a tempo is slower than the format can say
     */
    static MidiTempoMap of(Playthrough playthrough, MidiTicks ticks) {
        List<Passage> passages = playthrough.passages();
        List<Setting> settings = new ArrayList<>();
        // The sum so far, in microseconds times ticks per quarter.
        BigInteger written = BigInteger.ZERO;
        for (int i = 0; i < passages.size(); i++) {
            Passage passage = passages.get(i);
            long from = ticks.at(passage.starts());
            long length = ticks.at(passage.starts().plus(passage.length())) - from;
            if (i + 1 == passages.size()) {
                settings.add(new Setting(from, nearest(passage.tempo())));
                break;
            }
            BigInteger end = passage.startsSeconds()
                    .add(passage.seconds())
                    .multiply(MICROSECONDS_IN_A_SECOND)
                    .multiply(BigInteger.valueOf(ticks.perQuarter()))
                    .bigDecimalValue(0, RoundingMode.HALF_EVEN)
                    .toBigInteger();
            BigInteger[] shorter = end.subtract(written).divideAndRemainder(BigInteger.valueOf(length));
            long ofTheLonger = ExactMath.toLong(shorter[1]);
            int micros = checked(shorter[0], passage.tempo());
            settings.add(new Setting(from, micros));
            if (ofTheLonger > 0) {
                settings.add(new Setting(from + length - ofTheLonger, micros + 1));
            }
            written = end;
        }
        return new MidiTempoMap(settings);
    }

    private static int nearest(Tempo tempo) {
        BigFraction exact = BigFraction.of(60_000_000).divide(tempo.quartersPerMinute());
        return checked(exact.bigDecimalValue(0, RoundingMode.HALF_EVEN).toBigInteger(), tempo);
    }

    private static int checked(BigInteger microseconds, Tempo tempo) {
        if (microseconds.compareTo(BigInteger.valueOf(MAX_MICROSECONDS)) >= 0) {
            throw new InvalidValueException("a MIDI file needs a tempo of at least 3.58 BPM (quarters); this is "
                    + Tempo.decimal(tempo.quartersPerMinute()));
        }
        return ExactMath.toInt(ExactMath.toLong(microseconds));
    }
}
