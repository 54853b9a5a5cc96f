package nimblestride.core.transcription.source;

import java.util.List;
import java.util.Optional;

/**
 * What one player plays.
 *
 * @param name as it is called where it comes from
 * @param percussion whether its sounds are named; of others the rhythm is all there is
 * @param strokes in order
 * @param played how it was put on a grid; empty where it was written
 */
public record ImportedPart(
        String name, boolean percussion, List<ImportedHit> strokes, Optional<QuantizingError> played) {
    public ImportedPart {
        strokes = List.copyOf(strokes);
    }

    /** What is struck in it, in the order in which it first is. */
    public List<ImportedSound> sounds() {
        return strokes.stream().map(ImportedHit::sound).distinct().toList();
    }
}
