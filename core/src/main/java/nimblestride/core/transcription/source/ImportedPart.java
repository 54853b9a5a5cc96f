package nimblestride.core.transcription.source;

import java.util.List;
import java.util.Optional;

/**
 * What one player plays.
 *
 * @param name as in the file
 * @param percussion whether its sounds are named; of other parts only the rhythm is taken
 * @param strokes in order
 * @param played how it was put on a grid; empty where it was written
 */
public record ImportedPart(
        String name, boolean percussion, List<ImportedHit> strokes, Optional<QuantizingError> played) {
    public ImportedPart {
        strokes = List.copyOf(strokes);
    }

    /** Returns its sounds, in the order in which they first come. */
    public List<ImportedSound> sounds() {
        return strokes.stream().map(ImportedHit::sound).distinct().toList();
    }
}
