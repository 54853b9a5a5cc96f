package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.score.ScoreStyle.Parts;
import nimblestride.core.time.value.NoteValue;

/**
 * The notes of an exercise, by the part they are written in.
 *
 * @param feet empty where they are written with the hands
 * @param riffs in the order of their lines
 */
record StruckNotes(StruckPart hands, Optional<StruckPart> feet, Map<Voice, StruckPart> riffs) {
    static final int MAX_NOTES_OF_A_LAYER = 500_000;

    /**
     * Collects the notes from the start to a moment.
     *
     * @param leftOut gains the layers that can't be laid out, each with the reason
     * @throws InvalidValueException if a layer has more than {@value #MAX_NOTES_OF_A_LAYER} notes in that time
     */
    static StruckNotes of(Exercise exercise, NoteValue until, ScoreStyle style, List<String> leftOut) {
        List<Optional<LayerTimeline>> timelines = timelines(exercise, leftOut);
        for (Optional<LayerTimeline> timeline : timelines) {
            // Asked before they are listed, which would take seconds.
            if (timeline.isPresent() && timeline.get().hitsBefore(until) > MAX_NOTES_OF_A_LAYER) {
                throw new InvalidValueException(String.format(
                        Locale.ROOT,
                        "a layer has more than %,d notes in these bars; write fewer bars",
                        MAX_NOTES_OF_A_LAYER));
            }
        }
        LimbAssignment assigned = LimbAssignment.of(timelines, until, exercise.leadHand(), MAX_NOTES_OF_A_LAYER);
        StruckPart hands = new StruckPart(style.lengths());
        StruckPart feet = new StruckPart(style.lengths());
        Map<Voice, StruckPart> riffs = new LinkedHashMap<>();
        assigned.notes().forEach(note -> {
            boolean below =
                    style.parts() == Parts.HANDS_AND_FEET && !note.voice().isByHand();
            (below ? feet : hands)
                    .add(
                            note.at(),
                            new WrittenHead(
                                    note.voice(), written(note.stroke()), Optional.of(note.limb()), note.layer()));
        });
        assigned.riffs().forEach(note -> riffs.computeIfAbsent(note.voice(), riff -> new StruckPart(style.lengths()))
                .add(note.at(), new WrittenHead(note.voice(), written(note.stroke()), Optional.empty(), note.layer())));
        // Feet alone need no empty part above them.
        return hands.isEmpty()
                ? new StruckNotes(feet, Optional.empty(), riffs)
                : new StruckNotes(hands, feet.isEmpty() ? Optional.empty() : Optional.of(feet), riffs);
    }

    private static List<Optional<LayerTimeline>> timelines(Exercise exercise, List<String> leftOut) {
        List<Optional<LayerTimeline>> timelines = new ArrayList<>();
        List<String> names = exercise.layerNames();
        for (int i = 0; i < names.size(); i++) {
            try {
                timelines.add(Optional.of(LayerTimeline.of(exercise.layers().get(i), exercise.phrase())));
            } catch (StrideException e) {
                leftOut.add(names.get(i) + ": " + e.getMessage());
                timelines.add(Optional.empty());
            }
        }
        return timelines;
    }

    /** A doubled stroke is two notes already, and each is written. */
    private static Stroke written(Stroke stroke) {
        return stroke.ornament() == Ornament.DOUBLED ? stroke.with(Ornament.NONE) : stroke;
    }
}
