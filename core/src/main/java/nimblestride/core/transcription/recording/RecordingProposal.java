package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.exercise.recording.BeatMap.Beat;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.repetition.Confidence;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * What meter a recording may be in.
 *
 * @param bars of one cycle
 * @param unit the shortest unit of the bars
 * @param tempo quarters per minute, on average
 * @param sureness from 0 to 1
 * @param why reasons, in a few words
 * @param ones when each bar starts, in seconds, as far as the recording goes
 */
public record RecordingProposal(
        List<Bar> bars, NoteValue unit, double tempo, double sureness, String why, List<Double> ones) {
    /** In seconds: a bar may begin so much before the recording. */
    private static final double CUT_OFF = 0.05;

    private static final int TENTHS = 10;
    /** A tempo this near to a whole number is that number. */
    private static final double NEARLY_WHOLE = 0.15;

    public RecordingProposal {
        bars = List.copyOf(bars);
        ones = List.copyOf(ones);
    }

    /** Returns how sure it is, in words. */
    public String sure() {
        return new Confidence(sureness).said();
    }

    /** Returns the tempo that an exercise with these bars has: a whole number where it is nearly one, or else a tenth. */
    public Tempo exerciseTempo() {
        long whole = Math.round(tempo);
        return Math.abs(tempo - whole) <= NEARLY_WHOLE
                ? Tempo.ofQuarters(whole)
                : new Tempo(NoteValue.QUARTER, BigFraction.of(Math.round(TENTHS * tempo), TENTHS));
    }

    /** Returns a beat for each bar line; whole cycles before the first one count too. */
    public BeatMap beats() {
        Phrase phrase = phrase();
        double cycle = cycleSeconds();
        double first = ones.isEmpty() ? 0 : ones.get(0);
        long before = (long) Math.floor((first + CUT_OFF) / cycle);
        NoteValue offset = phrase.length().times(before);
        List<Beat> beats = new ArrayList<>();
        if (before > 0) {
            beats.add(new Beat(NoteValue.ZERO, first - before * cycle, false));
        }
        for (int bar = 0; bar < ones.size(); bar++) {
            if (beats.isEmpty() || ones.get(bar) > beats.get(beats.size() - 1).seconds()) {
                beats.add(new Beat(offset.plus(phrase.startOf(bar)), ones.get(bar), false));
            }
        }
        if (beats.size() < 2) {
            return BeatMap.steady(first, exerciseTempo());
        }
        return new BeatMap(beats);
    }

    /** Returns how long one cycle lasts, in seconds. */
    double cycleSeconds() {
        return phrase().length().toDouble() * 4 * 60 / tempo;
    }

    /** Returns this without the 1s from some time on, in seconds, for another reason. */
    RecordingProposal until(double seconds, String reason) {
        List<Double> before =
                ones.stream().filter(one -> one < seconds - CUT_OFF).toList();
        return new RecordingProposal(bars, unit, tempo, sureness, reason, before);
    }

    /** Returns the bars as a phrase. */
    public Phrase phrase() {
        return Phrase.of(bars);
    }
}
