package nimblestride.desktop.workspace.place;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.variation.StickingVariations;
import nimblestride.core.kit.variation.VariationPlan;
import nimblestride.core.kit.variation.VariationSearch;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.formats.font.Fonts;

/**
 * Lists the variations of a plan, some at a time, however many there are: all of them, or those somebody looks for.
 * Answers on any thread.
 *
 * @param layer number of the layer that plays the sticking
 */
record VariationLister(
        Exercise exercise, int layer, VariationPlan plan, StickingVariations all, VariationSearch search) {
    /** How wide a small staff is, in staff spaces. */
    private static final double STAFF_ROOM = 52;

    private static final int MOST_BARS = 2;

    /**
     * Makes a lister of all variations.
     *
     * @throws nimblestride.core.foundation.failure.InvalidValueException if the plan does not fit its sticking
     */
    static VariationLister of(Exercise exercise, int layer, VariationPlan plan) {
        return new VariationLister(
                exercise, layer, plan, plan.variations(exercise.leadHand()), new VariationSearch(List.of(), 0, false));
    }

    /** Returns a lister of those that somebody wants. */
    VariationLister searching(Predicate<Sticking> wanted) {
        return new VariationLister(exercise, layer, plan, all, VariationSearch.of(all, plan, wanted));
    }

    /** Returns whether it lists only some, by a search. */
    boolean isSearched() {
        return search.looked() > 0;
    }

    /** Returns how many are listed. */
    BigInteger count() {
        return isSearched() ? BigInteger.valueOf(search.found().size()) : all.count();
    }

    /** Returns some of what is listed, from a place on. */
    List<VariationRow> rows(BigInteger from, int most) {
        List<VariationRow> rows = new ArrayList<>();
        for (int i = 0; i < most; i++) {
            BigInteger place = from.add(BigInteger.valueOf(i));
            if (place.compareTo(count()) < 0) {
                rows.add(row(numberAt(place)));
            }
        }
        return rows;
    }

    /** Returns the number of the variation at a place of the list. */
    BigInteger numberAt(BigInteger place) {
        return isSearched() ? search.found().get(place.intValueExact()) : place;
    }

    /** Returns the sticking with a number. */
    Sticking sticking(BigInteger number) {
        return all.deal(plan.order(), number, plan.seed());
    }

    private VariationRow row(BigInteger number) {
        Sticking sticking = sticking(number);
        Layer played = played(sticking);
        List<Voice> voices =
                OrchestrationRule.voices(played.pattern().strokes(), played.voice(), played.orchestration()).stream()
                        .flatMap(List::stream)
                        .distinct()
                        .toList();
        return new VariationRow(number, sticking, all.difficulty(sticking), voices, staff(sticking));
    }

    /** Returns an exercise that plays one variation, and nothing else. */
    Exercise alone(Sticking sticking) {
        return exercise.selectedOnly().withLayers(List.of(played(sticking)));
    }

    private Layer played(Sticking sticking) {
        Layer before = exercise.layers().get(layer);
        return before.withPattern(new Pattern.Stuck(sticking, ((Pattern.Stuck) before.pattern()).step()));
    }

    /** Returns the exercise with one variation in the place of the sticking. */
    static Exercise with(Exercise exercise, int layer, Sticking sticking, VariationPlan plan) {
        Layer before = exercise.layers().get(layer);
        Pattern.Stuck stuck = (Pattern.Stuck) before.pattern();
        return exercise.withLayer(layer, before.withPattern(new Pattern.Stuck(sticking, stuck.step())))
                .withPractice(exercise.practice().withVaried(plan));
    }

    private Optional<Drawing> staff(Sticking sticking) {
        try {
            Exercise alone = alone(sticking);
            int bars = Math.min(MOST_BARS, alone.phrase().bars().size());
            List<Drawing> lines = new Engraver(Fonts.get().music(), Fonts.get())
                    .lines(
                            ScoreWriter.write(
                                    alone,
                                    BarPlan.of(alone.phrase(), bars),
                                    ScoreStyle.DEFAULT.with(ScoreStyle.Stickings.NONE)),
                            STAFF_ROOM);
            return Optional.of(lines.get(0));
        } catch (StrideException e) {
            // The Staff page says why; the sticking is in the row all the same.
            return Optional.empty();
        }
    }
}
