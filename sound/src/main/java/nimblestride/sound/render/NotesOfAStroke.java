package nimblestride.sound.render;

import java.util.List;
import nimblestride.core.groove.Ornament;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;
import nimblestride.core.layer.Hit;
import nimblestride.sound.kit.Sound;
import nimblestride.sound.kit.SoundSet;

/** What is heard of one stroke: the note, the grace notes before it, the bounces of a buzz. */
final class NotesOfAStroke {
    /** The earliest grace note begins so long before its note. */
    static final double EARLIEST = Ornament.SECONDS_BETWEEN_GRACE_NOTES * Ornament.RUFF.graceNotes();

    private static final float GRACE_LEVEL = 0.35f;
    private static final int BOUNCES = 5;
    private static final double SECONDS_BETWEEN_BOUNCES = 0.024;

    private final SoundSet sounds;

    NotesOfAStroke(SoundSet sounds) {
        this.sounds = sounds;
    }

    void add(Hit hit, float mixed, List<Onset> onsets) {
        Stroke stroke = hit.stroke();
        float level = mixed * (float) stroke.level().strength();
        for (Voice voice : hit.voices()) {
            Sound sound = sounds.voice(voice);
            for (int grace = stroke.ornament().graceNotes(); grace > 0; grace--) {
                onsets.add(
                        new Onset(hit.at(), grace * Ornament.SECONDS_BETWEEN_GRACE_NOTES, sound, GRACE_LEVEL * level));
            }
            onsets.add(new Onset(hit.at(), sound, level));
            if (stroke.ornament() == Ornament.BUZZ) {
                for (int bounce = 1; bounce < BOUNCES; bounce++) {
                    float softer = level * (BOUNCES - bounce) / BOUNCES;
                    onsets.add(new Onset(hit.at(), -bounce * SECONDS_BETWEEN_BOUNCES, sound, softer));
                }
            }
        }
    }
}
