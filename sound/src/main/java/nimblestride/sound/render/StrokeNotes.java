package nimblestride.sound.render;

import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.SampleSet;

/** Turns one hit into sounds: each voice of it, and each part of the stroke. */
final class StrokeNotes {
    private final SampleSet sounds;
    private final Mix.Levels mix;
    private final double beat;

    /** @param beat how long a beat lasts, in seconds */
    StrokeNotes(SampleSet sounds, Mix.Levels mix, double beat) {
        this.sounds = sounds;
        this.mix = mix;
        this.beat = beat;
    }

    /**
     * Adds the sounds of a hit.
     *
     * @param at when it sounds, perhaps later than it is written
     * @param number of the hit in its layer
     * @param since seconds since the stroke before; infinite where there is none
     * @param mixed level of its layer
     */
    void add(Hit hit, NoteValue at, long number, double since, float mixed, List<SoundOnset> onsets) {
        for (Voice voice : hit.voices()) {
            double level = mixed * mix.of(voice.name());
            if (level > 0) {
                for (StrokePart part : StrokePart.of(hit.stroke(), beat, since, number)) {
                    onsets.add(new SoundOnset(
                            at,
                            part.early(),
                            MidiKey.of(voice),
                            sounds.voice(voice, part.hard(), number + part.turn()),
                            (float) (level * part.gain()),
                            Optional.empty(),
                            false));
                }
            }
        }
    }
}
