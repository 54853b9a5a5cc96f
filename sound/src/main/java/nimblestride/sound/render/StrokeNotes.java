package nimblestride.sound.render;

import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.kit.StrokeLevel;

/** Turns one stroke into sounds: the note, its grace notes, the bounces of a buzz. */
final class StrokeNotes {
    /** The longest a grace note begins before its note, in seconds. */
    static final double MAX_LEAD = Ornament.SECONDS_BETWEEN_GRACE_NOTES * Ornament.RUFF.graceNotes();

    private static final float GRACE_LEVEL = 0.35f;
    private static final int BOUNCES = 5;
    private static final double SECONDS_BETWEEN_BOUNCES = 0.024;

    private final SampleSet sounds;
    private final Mix.Levels mix;

    StrokeNotes(SampleSet sounds, Mix.Levels mix) {
        this.sounds = sounds;
        this.mix = mix;
    }

    /**
     * Adds the sounds of a hit.
     *
     * @param at when it sounds, perhaps later than it is written
     * @param number of the hit in its layer
     * @param mixed level of its layer
     */
    void add(Hit hit, NoteValue at, long number, float mixed, List<SoundOnset> onsets) {
        for (Voice voice : hit.voices()) {
            double level = mixed * mix.of(voice.name());
            if (level > 0) {
                add(at, number, voice, hit.stroke(), (float) level, onsets);
            }
        }
    }

    private void add(NoteValue at, long number, Voice voice, Stroke stroke, float mixed, List<SoundOnset> onsets) {
        float level = mixed * StrokeLevel.of(stroke.level());
        for (int grace = stroke.ornament().graceNotes(); grace > 0; grace--) {
            double early = grace * Ornament.SECONDS_BETWEEN_GRACE_NOTES;
            onsets.add(sounding(at, early, number + grace, voice, Dynamic.GHOST, GRACE_LEVEL * level));
        }
        onsets.add(sounding(at, 0, number, voice, stroke.level(), level));
        if (stroke.ornament() == Ornament.BUZZ) {
            for (int bounce = 1; bounce < BOUNCES; bounce++) {
                float softer = level * (BOUNCES - bounce) / BOUNCES;
                onsets.add(
                        sounding(at, -bounce * SECONDS_BETWEEN_BOUNCES, number + bounce, voice, Dynamic.SOFT, softer));
            }
        }
    }

    private SoundOnset sounding(NoteValue at, double early, long turn, Voice voice, Dynamic hard, float level) {
        return new SoundOnset(at, early, MidiKey.of(voice), sounds.voice(voice, hard, turn), level, Optional.empty());
    }
}
