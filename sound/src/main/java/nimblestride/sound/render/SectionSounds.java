package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;

/** Lists the sounds of a section in order: click, layers, and band. */
final class SectionSounds {
    /** The most sounds in a part of a bar; more would be noise, and are left out. */
    private static final int MAX = 20_000;

    private final Exercise content;
    private final PlaybackRequest request;
    private final SampleSet sounds;
    private final ClickTrack ticks;
    private final Optional<BackingBand> band;
    private final List<Heard> layers = new ArrayList<>();
    private final Optional<LayerTimeline> riff;
    private final StrokeNotes notes;
    private final double secondsPerWhole;

    /** A layer that plays, its level, and where it was struck last. */
    private static final class Heard {
        private final LayerTimeline timeline;
        private final float level;
        private Optional<NoteValue> last = Optional.empty();

        Heard(LayerTimeline timeline, float level) {
            this.timeline = timeline;
            this.level = level;
        }
    }

    /** @param tempo of the section, before the request's percentage */
    SectionSounds(Exercise content, Tempo tempo, PlaybackRequest request, ClickTrack ticks, SampleSet sounds) {
        this.content = content;
        this.request = request;
        this.sounds = sounds;
        this.ticks = ticks;
        this.band = request.band();
        this.secondsPerWhole = tempo.seconds(NoteValue.WHOLE).doubleValue() * 100 / request.percent();
        this.notes =
                new StrokeNotes(sounds, request.mix().voices(), tempo.beat().toDouble() * secondsPerWhole);
        List<String> names = content.layerNames();
        Optional<LayerTimeline> firstRiff = Optional.empty();
        for (int i = 0; i < names.size(); i++) {
            double level = request.mix().layers().of(names.get(i));
            Layer layer = content.layers().get(i);
            try {
                LayerTimeline timeline = LayerTimeline.of(layer, content.phrase());
                if (level > 0) {
                    layers.add(new Heard(timeline, (float) level));
                }
                if (firstRiff.isEmpty() && layer.voices().anyMatch(Voice::isRiff)) {
                    firstRiff = Optional.of(timeline);
                }
            } catch (StrideException e) {
                // A finding reports a layer that can't be laid out; the others play.
            }
        }
        this.riff = firstRiff;
    }

    /** Returns a click of some level. */
    static SoundOnset click(NoteValue at, ClickSettings.Level level, PlaybackRequest request, SampleSet sounds) {
        int strength = level.strength();
        ClickSound sound = request.click().sound();
        return SoundOnset.click(at, MidiKey.click(sound, strength), sounds.click(sound, strength), (float)
                request.mix().click());
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
                .forEach((at, level) -> onsets.add(click(sounding(at), level, request, sounds)));
        for (Heard layer : layers) {
            long number = layer.timeline.hitsBefore(from);
            for (Hit hit : layer.timeline.between(from, to, MAX)) {
                NoteValue at = sounding(hit.at());
                double since = layer.last
                        .map(last -> at.minus(last).toDouble() * secondsPerWhole)
                        .orElse(Double.POSITIVE_INFINITY);
                notes.add(hit, at, number++, since, layer.level, onsets);
                layer.last = Optional.of(at);
            }
        }
        band.ifPresent(playing -> playing.in(content.phrase(), bar, riffIn(bar)).stream()
                .filter(note -> note.at().compareTo(from) >= 0 && note.at().compareTo(to) < 0)
                .forEach(note -> {
                    Sample sound = sounds.tone(note.player(), note.midiKey());
                    onsets.add(new SoundOnset(
                            sounding(note.at()),
                            0,
                            MidiKey.tone(note.player(), note.midiKey()),
                            sound,
                            (float) (request.mix().band() * note.strength()),
                            Optional.of(note.length()),
                            false));
                }));
        onsets.sort(Comparator.comparing(SoundOnset::at));
        return onsets;
    }

    /** Returns where the first riff has notes in a bar. */
    private List<NoteValue> riffIn(long bar) {
        return riff.map(timeline ->
                        timeline
                                .between(
                                        content.phrase().startOf(bar),
                                        content.phrase().startOf(bar + 1),
                                        MAX)
                                .stream()
                                .map(Hit::at)
                                .toList())
                .orElse(List.of());
    }

    private NoteValue sounding(NoteValue written) {
        return content.swing().sounding(content.phrase(), written);
    }
}
