package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;

/** What begins in a feel: the click's, the layers' and the band's sounds, in order. */
final class SectionSounds {
    /** More than this in a part of a bar is noise, and is left out. */
    private static final int MAX = 20_000;

    private final Exercise content;
    private final Mix mix;
    private final SampleSet sounds;
    private final ClickTrack ticks;
    private final Optional<BackingBand> band;
    private final List<Heard> layers = new ArrayList<>();
    private final StrokeNotes notes;

    /** A layer that is heard, and how loud. */
    private record Heard(LayerTimeline timeline, float level) {}

    SectionSounds(Exercise content, PlaybackRequest take, Optional<ClickTrack.Gear> gear, SampleSet sounds) {
        this.content = content;
        this.mix = take.mix();
        this.sounds = sounds;
        this.ticks = new ClickTrack(take.click(), content, gear);
        this.band = take.band();
        this.notes = new StrokeNotes(sounds, mix.voices());
        List<String> names = content.layerNames();
        for (int i = 0; i < names.size(); i++) {
            double level = mix.layers().of(names.get(i));
            try {
                if (level > 0) {
                    layers.add(new Heard(LayerTimeline.of(content.layers().get(i), content.phrase()), (float) level));
                }
            } catch (StrideException e) {
                // A layer that cannot be laid out is told among the findings; the others play.
            }
        }
    }

    /** A click of some level. */
    static SoundOnset click(NoteValue at, ClickSettings.Level level, Mix mix, SampleSet sounds) {
        int strength = level.strength();
        return new SoundOnset(at, MidiKey.click(strength), sounds.click(strength), (float) mix.click());
    }

    /**
     * The sounds that begin in a part of a bar.
     *
     * @param bar its number, rounds of the phrase counted on
     * @param played how many bars have been played before it
     */
    List<SoundOnset> between(long bar, long played, NoteValue from, NoteValue to) {
        List<SoundOnset> onsets = new ArrayList<>();
        ticks.between(bar, played, from, to).forEach((at, level) -> onsets.add(click(at, level, mix, sounds)));
        for (Heard layer : layers) {
            long number = layer.timeline.hitsBefore(from);
            for (Hit hit : layer.timeline.between(from, to, MAX)) {
                notes.add(hit, number++, layer.level, onsets);
            }
        }
        band.ifPresent(playing -> playing.in(content.phrase(), bar).stream()
                .filter(note -> note.at().compareTo(from) >= 0 && note.at().compareTo(to) < 0)
                .forEach(note -> {
                    Sample sound = sounds.tone(note.player(), note.midiKey());
                    onsets.add(new SoundOnset(
                            note.at(),
                            0,
                            MidiKey.tone(note.player(), note.midiKey()),
                            sound,
                            (float) (mix.band() * note.strength()),
                            Optional.of(note.length())));
                }));
        onsets.sort(Comparator.comparing(SoundOnset::at));
        return onsets;
    }
}
