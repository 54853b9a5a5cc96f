package nimblestride.core.language.sentence;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.wording.FindingWords;
import nimblestride.core.language.text.OrchestrationText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Reset;

/** Says in one line of a list what a layer plays: {@code Kick: every 5 sixteenths, from 2 of bar 1}. */
public final class LayerSentence {
    private LayerSentence() {}

    /**
     * Says what a layer plays.
     *
     * @param index of the layer, from 0
     */
    public static String of(Exercise exercise, int index) {
        Layer layer = exercise.layers().get(index);
        StringBuilder said =
                new StringBuilder(Capitalized.of(exercise.layerNames().get(index)));
        said.append(": ").append(FindingWords.pattern(layer.pattern()));
        if (!layer.offset().isZero()) {
            said.append(", from ").append(FindingWords.place(exercise.phrase(), layer.offset()));
        }
        if (!layer.reset().equals(Reset.NEVER)) {
            said.append(", restarts ").append(FindingWords.each(layer.reset()));
        }
        if (layer.downbeatEvery() > 1) {
            said.append(", the downbeat once every ").append(Counted.count(layer.downbeatEvery(), "bar"));
        }
        if (!layer.orchestration().isEmpty()) {
            said.append(", ").append(OrchestrationText.write(layer.orchestration()));
        }
        return said.toString();
    }
}
