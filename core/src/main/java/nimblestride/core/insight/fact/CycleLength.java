package nimblestride.core.insight.fact;

import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.value.NoteValue;

/**
 * What a layer repeats.
 *
 * @param pattern what it plays
 * @param isEven whether all its cycles are equally long; over bars of different lengths they may not be
 * @param length of one cycle, or of all that repeats where cycles differ
 */
public record CycleLength(Pattern pattern, boolean isEven, NoteValue length) {}
