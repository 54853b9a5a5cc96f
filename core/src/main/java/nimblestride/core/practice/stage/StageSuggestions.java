package nimblestride.core.practice.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.exercise.plan.TimeAndFill;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.layer.pattern.Layer;

/**
 * Suggests stages that lead to an exercise: counting, on the pad, bar by bar, limb by limb, all limbs, with accents and ornaments,
 * with the layers that run across it one after the other, displaced, then time and fill up to its tempo (common
 * practice; the percentages are a choice of this program). What an exercise does not have makes no stage.
 */
public final class StageSuggestions {
    private static final int SLOW = 60;
    private static final int EASY = 70;
    private static final int BRISK = 80;
    private static final int LOOKED_AT_BARS = 64;
    private static final int MAX_INNER_BARS = 6;

    private final Exercise exercise;
    private final List<Stage> stages = new ArrayList<>();

    private final List<Integer> hardBars;

    private StageSuggestions(Exercise exercise, List<Integer> hardBars) {
        this.exercise = exercise.selectedOnly();
        this.hardBars = hardBars;
    }

    /** Returns the stages for the selected section. */
    public static List<Stage> leadingTo(Exercise exercise) {
        return leadingTo(exercise, List.of());
    }

    /**
     * Returns the stages for the selected section, with the bars first that somebody finds hard.
     *
     * @param hardBars numbers from 0, hardest first
     */
    public static List<Stage> leadingTo(Exercise exercise, List<Integer> hardBars) {
        return new StageSuggestions(exercise, hardBars).propose();
    }

    private List<Stage> propose() {
        stages.add(Stage.of(StageTask.COUNT_ALOUD).at(SLOW));
        stages.add(Stage.of(StageTask.PAD).at(SLOW));
        if (exercise.layers().isEmpty()) {
            return stages;
        }
        addInnerBars();
        stages.addAll(new BarStages(exercise, hardBars).stages());
        List<String> ground = ground();
        List<String> across = exercise.layerNames().stream()
                .filter(name -> !ground.contains(name))
                .toList();
        // Where everything runs across, or nothing does, there is nothing to add.
        List<String> first = across.isEmpty() || ground.isEmpty() ? List.of() : ground;
        playTheGround(first);
        if (!first.isEmpty()) {
            List<String> heard = new ArrayList<>(ground);
            for (String name : across) {
                heard.add(name);
                stages.add(Stage.of(StageTask.AS_WRITTEN)
                        .of(heard.size() == exercise.layers().size() ? List.of() : heard)
                        .at(EASY));
            }
        }
        stages.add(Stage.of(new StageTask.Displaced(1)).at(EASY));
        stages.add(Stage.of(StageTask.AS_WRITTEN).in(new TimeAndFill(1, 1)).at(BRISK));
        stages.add(Stage.of(StageTask.AS_WRITTEN).in(new TimeAndFill(2, 2)).at(BRISK + 5));
        stages.add(Stage.of(StageTask.AS_WRITTEN).in(new TimeAndFill(3, 1)).at(BRISK + 10));
        stages.add(Stage.of(StageTask.AS_WRITTEN).in(new TimeAndFill(7, 1)).at(BRISK + 15));
        stages.add(Stage.of(StageTask.AS_WRITTEN).in(TimeAndFill.FREE));
        stages.add(Stage.of(StageTask.AS_WRITTEN));
        return stages;
    }

    /** Practices each inner bar alone, unless there are too many. */
    private void addInnerBars() {
        int count = exercise.phrase().bars().stream()
                .mapToInt(bar -> bar.grouping().groupsPerInnerBar().size())
                .sum();
        boolean twoLevels = exercise.phrase().kinds().stream()
                .anyMatch(bar -> bar.grouping().hasInnerBars());
        if (twoLevels && count <= MAX_INNER_BARS) {
            for (int number = 1; number <= count; number++) {
                stages.add(Stage.of(new StageTask.InnerBar(number)).at(SLOW));
            }
        }
    }

    private void playTheGround(List<String> first) {
        Exercise ground = first.isEmpty() ? exercise : exercise.withLayers(layersNamed(first));
        long bars = Math.min(LOOKED_AT_BARS, ground.phrase().bars().size());
        LimbAssignment hands = Analysis.of(ground).hands(bars);
        Set<Limb> limbs = hands.limbs();
        if (limbs.size() > 1) {
            limbs.forEach(limb ->
                    stages.add(Stage.of(new StageTask.OneLimb(limb)).of(first).at(SLOW)));
            stages.add(Stage.of(StageTask.PLAIN).of(first).at(SLOW));
        }
        List<Stroke> strokes =
                hands.notes().stream().map(LimbNote::stroke).distinct().toList();
        if (strokes.stream().map(Stroke::level).distinct().count() > 1) {
            stages.add(Stage.of(StageTask.ACCENTS).of(first).at(SLOW + 5));
        }
        if (strokes.stream().anyMatch(stroke -> stroke.ornament() != Ornament.NONE)) {
            stages.add(Stage.of(StageTask.AS_WRITTEN).of(first).at(EASY));
        }
    }

    private List<Layer> layersNamed(List<String> names) {
        List<String> all = exercise.layerNames();
        return names.stream().map(all::indexOf).map(exercise.layers()::get).toList();
    }

    /** Returns the layers that repeat with each phrase. */
    private List<String> ground() {
        Analysis analysis = Analysis.of(exercise);
        return IntStream.range(0, analysis.layers().size())
                .mapToObj(analysis.layers()::get)
                .filter(layer -> layer.alignment()
                        .result()
                        .filter(alignment -> alignment.returnsAfter().phrases() == 1)
                        .isPresent())
                .map(Analysis.OfLayer::name)
                .toList();
    }
}
