package nimblestride.sound.render;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Impulses;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every kind of layer there is, found in the rendered samples, each stroke a single one, against its exact time. */
class EveryKindTest {
    private static final int RATE = 48_000;
    private static final int SECONDS = 30;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "kick every 3/16",
                "kick every 3/16 from 1/16 reset bar",
                "kick every 5/16 reset bars 3",
                "kick 5 over bar",
                "kick 7 over 2 bars from 1/12",
                "kick 11 over 5/4 reset phrase",
                "kick cell X..x.g of 1/20",
                "kick cell [x..x.]x4 x... of 1/24 reset bar",
                "kick sticking R L R R L R L L of 1/28",
                "kick at 1:0 1:1/12 2:3/40",
                "kick every 1/8 one every 4 bars"
            })
    void isHeardToTheSample(String layer) {
        Exercise exercise = exercise("11/8, 5/12, 7/8", layer).withTempo(TempoText.read("1/8=289"));
        Renderer renderer = new Renderer(new PlaybackRequest(exercise, ClickSettings.NONE), Impulses.ALIKE, RATE);
        float[] block = new float[SECONDS * RATE];
        renderer.render(block, block.length);
        List<Integer> heard = new ArrayList<>();
        for (int i = 0; i < block.length; i++) {
            if (block[i] > 0) {
                heard.add(i);
            }
        }
        List<Hit> hits = LayerTimeline.of(exercise.layers().get(0), exercise.phrase())
                .between(NoteValue.ZERO, NoteValue.of(1_000, 1), heard.size());
        assertThat(heard).hasSizeGreaterThan(5);
        for (int i = 0; i < heard.size(); i++) {
            double exact = exercise.tempo().seconds(hits.get(i).at()).doubleValue() * RATE;
            assertThat(heard.get(i) - exact).isBetween(-0.5001, 0.5001);
        }
    }
}
