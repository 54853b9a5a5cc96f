package nimblestride.core.transcription.source;

import java.util.Optional;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.Tempo;

/**
 * A tempo that holds from the beginning of a bar.
 *
 * @param bar its number, from 0
 * @param entered the modulation that leads to it, where one is written
 */
public record TempoMark(int bar, Tempo tempo, Optional<Pivot> entered) {}
