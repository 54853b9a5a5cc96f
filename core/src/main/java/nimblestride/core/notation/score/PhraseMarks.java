package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;

/** Names what stands over bars: a letter where the phrase starts over, and the layers that land there. */
final class PhraseMarks {
    private static final int LETTERS = 26;
    private static final int MAX_NAMES = 3;

    private final int barsToTheRound;
    private final boolean inRounds;
    private final List<Drifting> drifting = new ArrayList<>();

    /** A layer that never resets and does not land on every bar line. */
    private record Drifting(String name, LayerTimeline timeline) {
        boolean landsOn(NoteValue moment) {
            return !timeline.cycleStartsBetween(
                            moment, moment.plus(timeline.grid().unit()), 1)
                    .isEmpty();
        }
    }

    PhraseMarks(Exercise exercise, BarPlan plan) {
        this.barsToTheRound = exercise.phrase().bars().size();
        boolean asItStands =
                plan.equals(BarPlan.of(exercise.phrase(), plan.bars().size()));
        this.inRounds = asItStands && barsToTheRound > 1 && plan.bars().size() > barsToTheRound;
        List<String> names = exercise.layerNames();
        for (int i = 0; i < names.size(); i++) {
            String name = names.get(i);
            Layer layer = exercise.layers().get(i);
            if (layer.reset().equals(Reset.NEVER)) {
                timelineOf(layer, exercise)
                        .map(timeline -> new Drifting(name, timeline))
                        .filter(one -> !landsEverywhere(one, plan))
                        .ifPresent(drifting::add);
            }
        }
    }

    private static Optional<LayerTimeline> timelineOf(Layer layer, Exercise exercise) {
        try {
            return Optional.of(LayerTimeline.of(layer, exercise.phrase()));
        } catch (StrideException e) {
            // The score names what can't be laid out.
            return Optional.empty();
        }
    }

    private static boolean landsEverywhere(Drifting layer, BarPlan plan) {
        NoteValue start = NoteValue.ZERO;
        for (BarPlan.Planned bar : plan.bars()) {
            if (!layer.landsOn(start)) {
                return false;
            }
            start = start.plus(bar.sounding());
        }
        return true;
    }

    /**
     * Returns A, B, C, and so on where a round of the phrase starts; empty elsewhere, and where only one is written.
     */
    String rehearsal(int bar) {
        if (!inRounds || bar % barsToTheRound != 0) {
            return "";
        }
        int round = bar / barsToTheRound;
        String letter = Character.toString('A' + round % LETTERS);
        return letter.repeat(1 + round / LETTERS);
    }

    /** Returns what lands on a bar line after the first: {@code kick on 1}. */
    String landings(NoteValue start) {
        if (start.isZero()) {
            return "";
        }
        List<String> landing = drifting.stream()
                .filter(layer -> layer.landsOn(start))
                .map(Drifting::name)
                .toList();
        if (landing.isEmpty()) {
            return "";
        }
        return landing.size() > MAX_NAMES ? landing.size() + " layers on 1" : String.join(", ", landing) + " on 1";
    }
}
