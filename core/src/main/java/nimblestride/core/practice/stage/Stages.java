package nimblestride.core.practice.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nimblestride.core.exercise.analysis.Reckoning;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Frame;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.Task;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.limbs.Hands;
import nimblestride.core.layer.limbs.Played;
import nimblestride.core.layer.pattern.Layer;

/**
 * The stages that lead to an exercise: counted, on the pad, limb by limb, all limbs, with its accents and ornaments, with the
 * layers that run across it one after the other, displaced, then in frames of time and fill up to its tempo (common practice;
 * the percentages are a choice of this program). What an exercise does not have makes no stage.
 */
public final class Stages {
    private static final int SLOW = 60;
    private static final int EASY = 70;
    private static final int BRISK = 80;
    private static final int LOOKED_AT_BARS = 64;

    private final Exercise exercise;
    private final List<Stage> stages = new ArrayList<>();

    private Stages(Exercise exercise) {
        this.exercise = exercise.alone();
    }

    /** The stages for the feel in hand. */
    public static List<Stage> leadingTo(Exercise exercise) {
        return new Stages(exercise).propose();
    }

    private List<Stage> propose() {
        stages.add(Stage.of(Task.COUNT_ALOUD).at(SLOW));
        stages.add(Stage.of(Task.PAD).at(SLOW));
        if (exercise.layers().isEmpty()) {
            return stages;
        }
        List<String> ground = ground();
        List<String> across = exercise.layerNames().stream()
                .filter(name -> !ground.contains(name))
                .toList();
        // Where everything runs across, or nothing does, there is nothing to be added.
        List<String> first = across.isEmpty() || ground.isEmpty() ? List.of() : ground;
        playTheGround(first);
        if (!first.isEmpty()) {
            List<String> heard = new ArrayList<>(ground);
            for (String name : across) {
                heard.add(name);
                stages.add(Stage.of(Task.AS_WRITTEN)
                        .of(heard.size() == exercise.layers().size() ? List.of() : heard)
                        .at(EASY));
            }
        }
        stages.add(Stage.of(new Task.Displaced(1)).at(EASY));
        stages.add(Stage.of(Task.AS_WRITTEN).in(new Frame(1, 1)).at(BRISK));
        stages.add(Stage.of(Task.AS_WRITTEN).in(new Frame(2, 2)).at(BRISK + 5));
        stages.add(Stage.of(Task.AS_WRITTEN).in(new Frame(3, 1)).at(BRISK + 10));
        stages.add(Stage.of(Task.AS_WRITTEN).in(new Frame(7, 1)).at(BRISK + 15));
        stages.add(Stage.of(Task.AS_WRITTEN).in(Frame.FREE));
        stages.add(Stage.of(Task.AS_WRITTEN));
        return stages;
    }

    private void playTheGround(List<String> first) {
        Exercise ground = first.isEmpty() ? exercise : exercise.withLayers(layersNamed(first));
        long bars = Math.min(LOOKED_AT_BARS, ground.phrase().bars().size());
        Hands hands = Reckoning.of(ground).hands(bars);
        Set<Limb> limbs = hands.limbs();
        if (limbs.size() > 1) {
            limbs.forEach(limb ->
                    stages.add(Stage.of(new Task.OneLimb(limb)).of(first).at(SLOW)));
            stages.add(Stage.of(Task.PLAIN).of(first).at(SLOW));
        }
        List<Stroke> strokes =
                hands.notes().stream().map(Played::stroke).distinct().toList();
        if (strokes.stream().map(Stroke::level).distinct().count() > 1) {
            stages.add(Stage.of(Task.ACCENTS).of(first).at(SLOW + 5));
        }
        if (strokes.stream().anyMatch(stroke -> stroke.ornament() != Ornament.NONE)) {
            stages.add(Stage.of(Task.AS_WRITTEN).of(first).at(EASY));
        }
    }

    private List<Layer> layersNamed(List<String> names) {
        List<String> all = exercise.layerNames();
        return names.stream().map(all::indexOf).map(exercise.layers()::get).toList();
    }

    /** The layers that are back where they began with each phrase. */
    private List<String> ground() {
        Reckoning reckoning = Reckoning.of(exercise);
        return IntStream.range(0, reckoning.layers().size())
                .mapToObj(reckoning.layers()::get)
                .filter(layer -> layer.alignment()
                        .result()
                        .filter(alignment -> alignment.returnsAfter().phrases() == 1)
                        .isPresent())
                .map(Reckoning.OfLayer::name)
                .toList();
    }
}
