package nimblestride.sound.render;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.TempoText;
import nimblestride.sound.recorded.RecordedKit;
import org.junit.jupiter.api.Test;

class ChangeTest {
    private static final int RATE = 8_000;
    private static final RecordedKit KIT = RecordedKit.shipped(RATE);
    private static final PlaybackRequest TAKE = new PlaybackRequest(
            exercise("5/8, 3/16", "kick every 3/16 from 1/16", "snare 5 over bar", "ride cell xX.g of 1/32 reset bar")
                    .withTempo(TempoText.read("120")),
            ClickSettings.DEFAULT);

    /** Going over to the very same take, however often and whenever, is not heard at all: nothing is lost or doubled. */
    @Property(tries = 40)
    void goingOverToTheSameTakeIsNotHeard(
            @ForAll @Size(min = 1, max = 12) List<@IntRange(min = 1, max = 9_000) Integer> blocks) {
        Renderer steady = new Renderer(TAKE, KIT, RATE);
        Renderer changing = new Renderer(TAKE, KIT, RATE);
        for (int block : blocks) {
            float[] expected = new float[block];
            float[] heard = new float[block];
            steady.render(expected, block);
            changing.render(heard, block);
            assertThat(heard).isEqualTo(expected);
            TimeAnchor anchor = changing.change(TAKE);
            assertThat(anchor.frame()).isGreaterThanOrEqualTo(changing.frame());
            assertThat(changing.frame()).isEqualTo(steady.frame());
        }
    }

    @Test
    void whatRingsWhenATakeChangesRingsOut() {
        Exercise crash = exercise("4/4", "crash every 1/1").withTempo(TempoText.read("120"));
        Renderer renderer = new Renderer(new PlaybackRequest(crash, ClickSettings.NONE), KIT, RATE);
        float[] block = new float[RATE / 10];
        renderer.render(block, block.length);
        renderer.change(new PlaybackRequest(crash.withLayers(List.of()), ClickSettings.NONE));
        renderer.render(block, block.length);
        double energy = 0;
        for (float sample : block) {
            energy += sample * sample;
        }
        assertThat(energy).isPositive();
    }

    @Test
    void aLayerThatCannotBeLaidOutIsSilentAndTheOthersPlay() {
        Exercise broken = exercise("9999/1000", "kick every 3000000019/1000000007 from 1/999999937", "snare every 1/4");
        float[] block = new float[RATE];
        new Renderer(new PlaybackRequest(broken, ClickSettings.NONE), KIT, RATE).render(block, block.length);
        float loudest = 0;
        for (float sample : block) {
            loudest = Math.max(loudest, Math.abs(sample));
        }
        assertThat(loudest).isBetween(0.05f, 1f);
    }
}
