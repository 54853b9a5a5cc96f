package nimblestride.core.transcription;

import java.util.Optional;
import nimblestride.core.modulation.Pivot;
import nimblestride.core.value.Tempo;

/**
 * A tempo that holds from the beginning of a bar.
 *
 * @param bar its number, from 0
 * @param entered the modulation that leads to it, where one is written
 */
public record TempoMark(int bar, Tempo tempo, Optional<Pivot> entered) {}
