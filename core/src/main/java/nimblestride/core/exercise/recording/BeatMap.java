package nimblestride.core.exercise.recording;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/**
 * When the beats of a recording are. Musical time is exact; between two beats the recording goes evenly, and before the
 * first and after the last as it goes beside them.
 *
 * @param beats from 2 to {@value #MAX_BEATS}, in order
 */
public record BeatMap(List<Beat> beats) {
    /** The most beats. */
    public static final int MAX_BEATS = 100_000;

    private static final double MICROS = 1e6;

    /**
     * One beat.
     *
     * @param moment from the first bar on
     * @param seconds from the start of the recording, rounded to a microsecond; it may be before the start
     * @param set whether the user put it there
     */
    public record Beat(NoteValue moment, double seconds, boolean set) {
        public Beat {
            seconds = Math.round(seconds * MICROS) / MICROS;
        }
    }

    /** @throws InvalidValueException if there are too few or too many, or they are not in order */
    public BeatMap {
        beats = List.copyOf(beats);
        if (beats.size() < 2 || beats.size() > MAX_BEATS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a recording has 2 to %,d beats, not %,d", MAX_BEATS, beats.size()));
        }
        for (int i = 1; i < beats.size(); i++) {
            if (!isAfter(beats.get(i), beats.get(i - 1))) {
                throw new InvalidValueException("the beat at " + beats.get(i).moment() + " must come after the one at "
                        + beats.get(i - 1).moment() + ", in the bars and in seconds");
            }
        }
    }

    private static boolean isAfter(Beat beat, Beat before) {
        return beat.moment().compareTo(before.moment()) > 0 && beat.seconds() > before.seconds();
    }

    /**
     * Returns the map of a recording that keeps one tempo.
     *
     * @param start of the first bar, in seconds
     */
    public static BeatMap steady(double start, Tempo tempo) {
        double whole = tempo.seconds(NoteValue.WHOLE).doubleValue();
        return new BeatMap(
                List.of(new Beat(NoteValue.ZERO, start, false), new Beat(NoteValue.WHOLE, start + whole, false)));
    }

    /**
     * Returns when a moment is heard, in seconds.
     *
     * @param wholes of musical time, in whole notes
     */
    public double secondsAt(double wholes) {
        int after = after(beat -> beat.moment().toDouble() >= wholes);
        Beat from = beats.get(after - 1);
        Beat to = beats.get(after);
        double start = from.moment().toDouble();
        return from.seconds() + (wholes - start) / (to.moment().toDouble() - start) * (to.seconds() - from.seconds());
    }

    /** Returns the number of the first beat, but the very first, that is late enough; of the last where none is. */
    private int after(Predicate<Beat> isLate) {
        int after = 1;
        int last = beats.size() - 1;
        while (after < last) {
            int middle = (after + last) / 2;
            if (isLate.test(beats.get(middle))) {
                last = middle;
            } else {
                after = middle + 1;
            }
        }
        return after;
    }

    /**
     * Returns the musical time heard at a time, in whole notes; negative before the first bar.
     *
     * @param seconds from the start of the recording
     */
    public double wholesAt(double seconds) {
        int after = after(beat -> beat.seconds() >= seconds);
        Beat from = beats.get(after - 1);
        Beat to = beats.get(after);
        double start = from.moment().toDouble();
        return start
                + (seconds - from.seconds())
                        / (to.seconds() - from.seconds())
                        * (to.moment().toDouble() - start);
    }

    /**
     * Returns the map with a beat where the user puts it. Beats that nobody put there give way.
     *
     * @throws InvalidValueException if a beat that was put there before is in the way
     */
    public BeatMap withBeat(NoteValue moment, double seconds) {
        Beat put = new Beat(moment, seconds, true);
        List<Beat> others = beats.stream()
                .filter(beat -> !beat.moment().equals(moment))
                .filter(beat -> beat.set() || isAfter(beat, put) || isAfter(put, beat))
                .toList();
        List<Beat> all = new ArrayList<>();
        Stream.concat(
                        Stream.concat(
                                others.stream().filter(beat -> beat.moment().compareTo(moment) < 0), Stream.of(put)),
                        others.stream().filter(beat -> beat.moment().compareTo(moment) > 0))
                .forEach(all::add);
        return new BeatMap(all);
    }

    /** Returns the map for bars whose notes are all so many times as long, divided by so many parts. */
    public BeatMap scaled(int times, int parts) {
        return new BeatMap(beats.stream()
                .map(beat -> new Beat(beat.moment().times(times).dividedBy(parts), beat.seconds(), beat.set()))
                .toList());
    }

    /** Returns the beats that the user put there. */
    public List<Beat> set() {
        return beats.stream().filter(Beat::set).toList();
    }
}
