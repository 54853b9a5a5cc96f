package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleFunction;
import nimblestride.core.exercise.recording.HitMarks;

/** The hits of a recording as the user has marked them. */
public final class MarkedHits {
    private MarkedHits() {}

    /**
     * Returns the hits that were found, without those the user removed, and with those the user added, in order.
     *
     * @param heard says how much is heard at a time, in seconds
     */
    public static List<HeardHit> of(List<HeardHit> found, HitMarks marks, DoubleFunction<HeardHit> heard) {
        List<HeardHit> hits = new ArrayList<>(
                found.stream().filter(hit -> !marks.isRemoved(hit.at())).toList());
        marks.added().forEach(at -> hits.add(heard.apply(at)));
        hits.sort(Comparator.comparingDouble(HeardHit::at));
        return hits;
    }
}
