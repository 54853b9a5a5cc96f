package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.band.Band;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.Course;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Sound;
import nimblestride.sound.kit.SoundSet;

/** What begins in a feel: the click's, the layers' and the band's sounds, in order. */
final class Onsets {
    /** More than this in a part of a bar is noise, and is left out. */
    private static final int MOST = 20_000;

    private final Exercise feel;
    private final Mix mix;
    private final SoundSet sounds;
    private final Ticks ticks;
    private final Optional<Band> band;
    private final List<Heard> layers = new ArrayList<>();
    private final NotesOfAStroke notes;

    /** A layer that is heard, and how loud. */
    private record Heard(Course course, float level) {}

    Onsets(Exercise feel, Take take, Optional<Ticks.Gear> gear, SoundSet sounds) {
        this.feel = feel;
        this.mix = take.mix();
        this.sounds = sounds;
        this.ticks = new Ticks(take.click(), feel, gear);
        this.band = take.band();
        this.notes = new NotesOfAStroke(sounds, mix.voices());
        List<String> names = feel.layerNames();
        for (int i = 0; i < names.size(); i++) {
            double level = mix.layers().of(names.get(i));
            try {
                if (level > 0) {
                    layers.add(new Heard(Course.of(feel.layers().get(i), feel.phrase()), (float) level));
                }
            } catch (StrideException e) {
                // A layer that cannot be laid out is told among the findings; the others play.
            }
        }
    }

    /** A click of some level. */
    static Onset click(NoteValue at, Click.Level level, Mix mix, SoundSet sounds) {
        int strength = level.strength();
        return new Onset(at, MidiKey.click(strength), sounds.click(strength), (float) mix.click());
    }

    /**
     * The sounds that begin in a part of a bar.
     *
     * @param bar its number, rounds of the phrase counted on
     * @param played how many bars have been played before it
     */
    List<Onset> between(long bar, long played, NoteValue from, NoteValue to) {
        List<Onset> onsets = new ArrayList<>();
        ticks.between(bar, played, from, to).forEach((at, level) -> onsets.add(click(at, level, mix, sounds)));
        for (Heard layer : layers) {
            long number = layer.course.hitsBefore(from);
            for (Hit hit : layer.course.between(from, to, MOST)) {
                notes.add(hit, number++, layer.level, onsets);
            }
        }
        band.ifPresent(playing -> playing.in(feel.phrase(), bar).stream()
                .filter(note -> note.at().compareTo(from) >= 0 && note.at().compareTo(to) < 0)
                .forEach(note -> {
                    Sound sound = sounds.tone(note.player(), note.midiKey());
                    onsets.add(new Onset(
                            note.at(),
                            0,
                            MidiKey.tone(note.player(), note.midiKey()),
                            sound,
                            (float) (mix.band() * note.strength()),
                            Optional.of(note.length())));
                }));
        onsets.sort(Comparator.comparing(Onset::at));
        return onsets;
    }
}
