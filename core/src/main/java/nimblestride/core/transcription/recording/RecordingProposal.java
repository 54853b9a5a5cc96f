package nimblestride.core.transcription.recording;

import java.util.List;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.repetition.Confidence;

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
    public RecordingProposal {
        bars = List.copyOf(bars);
        ones = List.copyOf(ones);
    }

    /** Returns how sure it is, in words. */
    public String sure() {
        return new Confidence(sureness).said();
    }

    /** Returns the bars as a phrase. */
    public Phrase phrase() {
        return Phrase.of(bars);
    }
}
