package nimblestride.core.exercise.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.alignment.Meeting;
import nimblestride.core.layer.alignment.Unison;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * All that follows from an exercise: how each layer realigns, where each pair of layers meets, and when everything is
 * back together. What can't be counted exactly carries the reason in place of a result.
 *
 * @param layers one for each layer, in order
 * @param meetings one for each pair of layers that can be laid out, in order
 * @param together how long until all layers are back where they began; the phrase itself if there are none
 */
public record Analysis(Exercise exercise, List<OfLayer> layers, List<OfPair> meetings, Exact<Together> together) {
    /** A result, or the reason why there is none. */
    public record Exact<T>(Optional<T> result, String problem) {
        static <T> Exact<T> of(Supplier<T> sum) {
            try {
                return new Exact<>(Optional.of(sum.get()), "");
            } catch (StrideException e) {
                return new Exact<>(Optional.empty(), e.getMessage());
            }
        }
    }

    /**
     * What follows for one layer.
     *
     * @param name of the layer in its exercise
     */
    public record OfLayer(String name, Layer layer, Exact<Alignment> alignment) {
        /** Returns its hits; empty if it can't be laid out. */
        public Optional<LayerTimeline> timeline() {
            return alignment.result().map(Alignment::timeline);
        }
    }

    /**
     * What follows for a pair of layers.
     *
     * @param one the layer listed first, from 0
     * @param other the layer listed second, from 0
     */
    public record OfPair(int one, int other, Exact<Meeting> meeting) {}

    /**
     * A length that is a whole number of phrases.
     *
     * @param bars the same in bars
     * @param phrases the same in rounds of the phrase
     */
    public record Together(NoteValue length, long bars, long phrases) {}

    /** Analyzes an exercise. */
    public static Analysis of(Exercise exercise) {
        return of(exercise, (one, timelineOfOne, other, timelineOfOther) -> Optional.empty());
    }

    /**
     * Analyzes an exercise that differs a little from this one, with the same result as {@link #of}. Layers that play
     * as they did meet where they met, so those meetings are not worked out again.
     */
    public Analysis after(Exercise changed) {
        return of(changed, this::meeting);
    }

    /** Finds a meeting that is known already. */
    private interface KnownMeetings {
        Optional<Exact<Meeting>> find(int one, LayerTimeline timelineOfOne, int other, LayerTimeline timelineOfOther);
    }

    private static Analysis of(Exercise exercise, KnownMeetings known) {
        Phrase phrase = exercise.phrase();
        List<String> names = exercise.layerNames();
        List<OfLayer> layers = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            Layer layer = exercise.layers().get(i);
            layers.add(new OfLayer(names.get(i), layer, Exact.of(() -> Alignment.of(layer, phrase))));
        }
        List<OfPair> meetings = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            for (int j = i + 1; j < layers.size(); j++) {
                int one = i;
                int other = j;
                Optional<LayerTimeline> timelineOfOne = layers.get(one).timeline();
                Optional<LayerTimeline> ofOther = layers.get(other).timeline();
                if (timelineOfOne.isPresent() && ofOther.isPresent()) {
                    Exact<Meeting> meeting = known.find(one, timelineOfOne.get(), other, ofOther.get())
                            .orElseGet(() -> Exact.of(() -> Meeting.of(timelineOfOne.get(), ofOther.get())));
                    meetings.add(new OfPair(one, other, meeting));
                }
            }
        }
        return new Analysis(exercise, layers, meetings, Exact.of(() -> together(phrase, layers)));
    }

    /** Returns the known meeting of two layers that play as these do. */
    private Optional<Exact<Meeting>> meeting(int one, LayerTimeline timelineOfOne, int other, LayerTimeline ofOther) {
        return meetings.stream()
                .filter(pair -> pair.one == one && pair.other == other)
                .filter(pair -> hitsLike(one, timelineOfOne) && hitsLike(other, ofOther))
                .map(OfPair::meeting)
                .findFirst();
    }

    private boolean hitsLike(int layer, LayerTimeline timeline) {
        return layers.get(layer).timeline().filter(timeline::hitsLike).isPresent();
    }

    /**
     * Returns how many bars there are to show: the whole cycle, and the bar that is bar 1 again.
     *
     * @param rounds of the phrase to show when the cycle is not known
     */
    public long barsInCycle(long rounds) {
        return together.result()
                .map(home -> home.bars() + 1)
                .orElseGet(() -> ExactMath.multiply(exercise.phrase().bars().size(), rounds));
    }

    /** Returns which layers run across the bars, from 0. Notes placed on counts only repeat with the phrase. */
    public List<Integer> crossingLayers() {
        return IntStream.range(0, layers.size())
                .filter(layer -> !layers.get(layer).layer.pattern().isOnPhrase())
                .boxed()
                .toList();
    }

    /** Returns where all layers that run across the bars play at once; empty if fewer than two do. */
    public Optional<Exact<Unison>> unison() {
        List<LayerTimeline> timelines = runningTimelines();
        return timelines.size() < 2 ? Optional.empty() : Optional.of(Exact.of(() -> Unison.of(timelines)));
    }

    /** Returns on which bar lines all layers that run across the bars play at once. */
    public Exact<Unison.OnBarLines> onBarLines() {
        return Exact.of(() -> Unison.onBarLines(exercise.phrase(), runningTimelines()));
    }

    private List<LayerTimeline> runningTimelines() {
        return crossingLayers().stream()
                .flatMap(layer -> layers.get(layer).timeline().stream())
                .toList();
    }

    /**
     * Returns which limb plays what in the first bars, counted on through the rounds. Leaves out layers that can't be
     * laid out.
     */
    public LimbAssignment hands(long bars) {
        List<Optional<LayerTimeline>> timelines =
                layers.stream().map(OfLayer::timeline).toList();
        return LimbAssignment.of(timelines, exercise.phrase().startOf(bars), exercise.leadHand());
    }

    private static Together together(Phrase phrase, List<OfLayer> layers) {
        NoteValue length = phrase.length();
        for (OfLayer layer : layers) {
            Alignment alignment =
                    layer.alignment.result().orElseThrow(() -> new InvalidValueException(layer.alignment.problem()));
            length = length.leastCommonMultiple(alignment.returnsAfter().length());
        }
        long phrases = length.wholePartsOf(phrase.length());
        return new Together(length, ExactMath.multiply(phrases, phrase.bars().size()), phrases);
    }
}
