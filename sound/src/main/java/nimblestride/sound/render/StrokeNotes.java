package nimblestride.sound.render;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.kit.StrokeLevel;

/**
 * Turns one stroke into sounds: the note, its grace notes, the bounces of a buzz. Grace notes and bounces breathe: they
 * differ a little in time and level, by the number of the stroke.
 */
final class StrokeNotes {
    private static final float GRACE_LEVEL = 0.35f;

    private static final int FEWEST_BOUNCES = 5;
    private static final int MOST_BOUNCES = 12;
    /** A stick bounces ever closer: so long after the stroke the first time, and then by this factor (common practice). */
    private static final double SECONDS_TO_BOUNCE = 0.028;

    private static final double CLOSER = 0.95;

    /** By how much a time or a level differs, at most. */
    private static final double BREATH = 0.06;

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
                Struck struck = new Struck(at, number, voice);
                add(struck, hit.stroke(), since, (float) level, onsets);
            }
        }
    }

    /** Where and on what a stroke falls. */
    private record Struck(NoteValue at, long number, Voice voice) {}

    private void add(Struck struck, Stroke stroke, double since, float mixed, List<SoundOnset> onsets) {
        float level = mixed * StrokeLevel.of(stroke.level());
        SplittableRandom chance = new SplittableRandom(struck.number);
        double between = stroke.ornament().secondsBetweenGraceNotes(beat, since);
        for (int grace = stroke.ornament().graceNotes(); grace > 0; grace--) {
            double early = between * (grace + breath(chance));
            float soft = (float) (GRACE_LEVEL * level * (1 + breath(chance)));
            onsets.add(sounding(struck, early, grace, Dynamic.GHOST, soft));
        }
        onsets.add(sounding(struck, 0, 0, stroke.level(), level));
        if (stroke.ornament() == Ornament.BUZZ) {
            bounce(struck, Math.min(since, beat), level, chance, onsets);
        }
    }

    /** Bounces for as long as strokes of a roll are apart. */
    private void bounce(Struck struck, double seconds, float level, SplittableRandom chance, List<SoundOnset> onsets) {
        double late = 0;
        double next = SECONDS_TO_BOUNCE;
        for (int bounce = 1; bounce < MOST_BOUNCES; bounce++) {
            late += next * (1 + breath(chance));
            next *= CLOSER;
            if (bounce >= FEWEST_BOUNCES && late > seconds) {
                return;
            }
            float softer = (float) (level * (MOST_BOUNCES - bounce) / MOST_BOUNCES * (1 + breath(chance)));
            onsets.add(sounding(struck, -late, bounce, Dynamic.SOFT, softer));
        }
    }

    private static double breath(SplittableRandom chance) {
        return BREATH * chance.nextDouble(-1, 1);
    }

    private SoundOnset sounding(Struck struck, double early, int after, Dynamic hard, float level) {
        return new SoundOnset(
                struck.at,
                early,
                MidiKey.of(struck.voice),
                sounds.voice(struck.voice, hard, struck.number + after),
                level,
                Optional.empty(),
                false);
    }
}
