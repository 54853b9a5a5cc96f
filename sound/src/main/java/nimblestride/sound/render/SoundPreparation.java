package nimblestride.sound.render;

import java.util.LinkedHashSet;
import java.util.Set;
import java.util.function.BooleanSupplier;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.SampleSet;

/** Has the sounds of a request made before they are played, so that nothing waits for a recording to be decoded. */
public final class SoundPreparation {
    /** The most hits of a layer that are looked at: long parts repeat their strokes. */
    private static final int MAX_HITS = 2_000;

    /** A stroke that will be played. */
    private record Struck(Voice voice, Dynamic level) {}

    private SoundPreparation() {}

    /**
     * Makes what a request plays, the click first.
     *
     * @param wanted asked before each sound; false ends it
     */
    public static void prepare(PlaybackRequest request, SampleSet sounds, BooleanSupplier wanted) {
        ClickSound click = request.click().sound();
        for (ClickSettings.Level level : request.click().levels()) {
            if (wanted.getAsBoolean()) {
                sounds.click(click, level.strength());
            }
        }
        for (SectionContent content : request.exercise().contents()) {
            for (Struck struck : strokes(content)) {
                for (int turn = 0; turn < SampleSet.TURNS && wanted.getAsBoolean(); turn++) {
                    sounds.voice(struck.voice, struck.level, turn);
                }
            }
        }
    }

    private static Set<Struck> strokes(SectionContent content) {
        Set<Struck> strokes = new LinkedHashSet<>();
        Phrase phrase = content.phrase();
        for (Layer layer : content.layers()) {
            try {
                LayerTimeline timeline = LayerTimeline.of(layer, phrase);
                NoteValue end = timeline.cycle().compareTo(phrase.length()) < 0 ? phrase.length() : timeline.cycle();
                for (Hit hit : timeline.between(NoteValue.ZERO, end, MAX_HITS)) {
                    add(hit, strokes);
                }
            } catch (StrideException e) {
                // A finding reports a layer that can't be laid out, and nothing of it is played.
            }
        }
        return strokes;
    }

    private static void add(Hit hit, Set<Struck> strokes) {
        Stroke stroke = hit.stroke();
        for (Voice voice : hit.voices()) {
            strokes.add(new Struck(voice, stroke.level()));
            switch (stroke.ornament()) {
                case FLAM, DRAG, RUFF -> strokes.add(new Struck(voice, Dynamic.GHOST));
                case BUZZ -> strokes.add(new Struck(voice, Dynamic.SOFT));
                case NONE, DOUBLED -> {
                    // No other strokes go with it.
                }
            }
        }
    }
}
