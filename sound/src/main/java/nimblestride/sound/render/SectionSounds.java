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

/** Lists the sounds of a section in order: click, layers, and band. */
final class SectionSounds {
    /** The most sounds in a part of a bar; more would be noise, and are left out. */
    private static final int MAX = 20_000;

    private final Exercise content;
    private final Mix mix;
    private final SampleSet sounds;
    private final ClickTrack ticks;
    private final Optional<BackingBand> band;
    private final List<Heard> layers = new ArrayList<>();
    private final StrokeNotes notes;

    /** A layer that plays, and its level. */
    private record Heard(LayerTimeline timeline, float level) {}

    SectionSounds(Exercise content, PlaybackRequest request, ClickTrack ticks, SampleSet sounds) {
        this.content = content;
        this.mix = request.mix();
        this.sounds = sounds;
        this.ticks = ticks;
        this.band = request.band();
        this.notes = new StrokeNotes(sounds, mix.voices());
        List<String> names = content.layerNames();
        for (int i = 0; i < names.size(); i++) {
            double level = mix.layers().of(names.get(i));
            try {
                if (level > 0) {
                    layers.add(new Heard(LayerTimeline.of(content.layers().get(i), content.phrase()), (float) level));
                }
            } catch (StrideException e) {
                // A finding reports a layer that can't be laid out; the others play.
            }
        }
    }

    /** Returns a click of some level. */
    static SoundOnset click(NoteValue at, ClickSettings.Level level, Mix mix, SampleSet sounds) {
        int strength = level.strength();
        return new SoundOnset(at, MidiKey.click(strength), sounds.click(strength), (float) mix.click());
    }

    /**
     * Returns the sounds that begin in a part of a bar.
     *
     * @param bar its number, counted on through the rounds of the phrase
     * @param played bars played before it
     */
    List<SoundOnset> between(long bar, long played, NoteValue from, NoteValue to) {
        List<SoundOnset> onsets = new ArrayList<>();
        ticks.between(bar, played, from, to)
                .forEach((at, level) -> onsets.add(click(sounding(at), level, mix, sounds)));
        for (Heard layer : layers) {
            long number = layer.timeline.hitsBefore(from);
            for (Hit hit : layer.timeline.between(from, to, MAX)) {
                notes.add(hit, sounding(hit.at()), number++, layer.level, onsets);
            }
        }
        band.ifPresent(playing -> playing.in(content.phrase(), bar).stream()
                .filter(note -> note.at().compareTo(from) >= 0 && note.at().compareTo(to) < 0)
                .forEach(note -> {
                    Sample sound = sounds.tone(note.player(), note.midiKey());
                    onsets.add(new SoundOnset(
                            sounding(note.at()),
                            0,
                            MidiKey.tone(note.player(), note.midiKey()),
                            sound,
                            (float) (mix.band() * note.strength()),
                            Optional.of(note.length())));
                }));
        onsets.sort(Comparator.comparing(SoundOnset::at));
        return onsets;
    }

    private NoteValue sounding(NoteValue written) {
        return content.swing().sounding(content.phrase(), written);
    }
}
