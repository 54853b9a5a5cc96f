package nimblestride.core.transcription.source;

import java.util.Optional;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.Tempo;

/**
 * A tempo from the start of a bar.
 *
 * @param bar number from 0
 * @param entered modulation that leads to it; empty where none is written
 */
public record TempoMark(int bar, Tempo tempo, Optional<Pivot> entered) {}
