package nimblestride.core.arranging;

import java.util.List;
import java.util.Optional;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Phrase;
import nimblestride.core.modulation.Pivot;
import nimblestride.core.repeating.Line;
import nimblestride.core.value.Tempo;

/**
 * Bars at one tempo.
 *
 * @param lines what each voice plays in them, from their beginning
 * @param entered the modulation that leads to it, where one is written
 */
record Passage(List<Bar> bars, List<Line> lines, Tempo tempo, Optional<Pivot> entered) {
    Passage {
        bars = List.copyOf(bars);
        lines = List.copyOf(lines);
    }

    Phrase phrase() {
        return Phrase.of(bars);
    }
}
