package nimblestride.desktop.view.recording;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.sound.hits.HeardRecording;
import nimblestride.sound.render.Loop;

/**
 * What the strip shows.
 *
 * @param hits as the user has marked them, in order
 * @param bars how many bars the recording has
 * @param loop the bars that repeat; empty for none
 */
public record StripContent(
        LinkedRecording recording,
        HeardRecording heard,
        List<HeardHit> hits,
        Phrase phrase,
        int bars,
        Optional<Loop> loop) {
    public StripContent {
        hits = List.copyOf(hits);
    }

    BeatMap beats() {
        return recording.beats();
    }

    /** Returns when the recording starts, in whole notes: below 0 where something comes before the first bar. */
    double start() {
        return Math.min(0, beats().wholesAt(0));
    }

    /** Returns when the recording ends, in whole notes. */
    double end() {
        return beats().wholesAt(recording.seconds());
    }

    /** Returns where a bar starts, in whole notes. */
    double startOf(long bar) {
        return phrase.startOf(bar).toDouble();
    }

    /** Returns the bar at a time; 0 for what comes before. */
    long barAt(double wholes) {
        return wholes <= 0 ? 0 : phrase.barAt(NoteValue.of((long) (wholes * 960), 960));
    }

    /** Returns the hit nearest to a time within a distance, in seconds. */
    Optional<HeardHit> nearest(double seconds, double within) {
        return hits.stream()
                .filter(hit -> Math.abs(hit.at() - seconds) <= within)
                .min(Comparator.comparingDouble(hit -> Math.abs(hit.at() - seconds)));
    }
}
