package nimblestride.core.transcription.source;

import java.util.List;
import java.util.Optional;
import nimblestride.core.transcription.quantizing.Deviation;

/**
 * What one player plays.
 *
 * @param name as it is called where it comes from
 * @param percussion whether its sounds are named; of others the rhythm is all there is
 * @param strokes in order
 * @param played how it was put on a grid; empty where it was written
 */
public record Part(String name, boolean percussion, List<Struck> strokes, Optional<Deviation> played) {
    public Part {
        strokes = List.copyOf(strokes);
    }

    /** What is struck in it, in the order in which it first is. */
    public List<Sound> sounds() {
        return strokes.stream().map(Struck::sound).distinct().toList();
    }
}
