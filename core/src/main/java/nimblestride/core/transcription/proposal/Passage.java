package nimblestride.core.transcription.proposal;

import java.util.List;
import java.util.Optional;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.repetition.VoiceLine;

/**
 * Bars at one tempo.
 *
 * @param lines what each voice plays in them, from their start
 * @param entered modulation that leads to it; empty where none is written
 */
record Passage(List<Bar> bars, List<VoiceLine> lines, Tempo tempo, Optional<Pivot> entered) {
    Passage {
        bars = List.copyOf(bars);
        lines = List.copyOf(lines);
    }

    Phrase phrase() {
        return Phrase.of(bars);
    }
}
