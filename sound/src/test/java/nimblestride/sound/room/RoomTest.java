package nimblestride.sound.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.sound.loudness.LoudnessMeter;
import nimblestride.sound.recorded.RecordedKit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RoomTest {
    private static final int RATE = 48_000;

    private static float[] answered(float[] dry, int block, float level, int rate) {
        Room room = new Room(rate);
        float[] all = dry.clone();
        for (int from = 0; from < all.length; from += block) {
            float[] part = Arrays.copyOfRange(all, from, Math.min(all.length, from + block));
            room.answer(part, part.length, level);
            System.arraycopy(part, 0, all, from, part.length);
        }
        return all;
    }

    private static float[] stroke(int seconds, int at) {
        float[] dry = new float[seconds * RATE];
        float[] snare =
                RecordedKit.shipped(RATE).voice(Kit.SNARE, Dynamic.STRONG, 0).samples();
        System.arraycopy(snare, 0, dry, at, Math.min(snare.length, dry.length - at));
        return dry;
    }

    private static double energy(float[] samples, double from, double to) {
        double sum = 0;
        for (int i = (int) (from * RATE); i < to * RATE; i++) {
            sum += samples[i] * samples[i];
        }
        return sum;
    }

    /** It fades by 60 dB in about 0.4 s: from 50 to 250 ms after an impulse, by 30 dB (ISO 3382's T30, from memory). */
    @Test
    void anImpulseFadesAsInASmallRoom() {
        float[] impulse = new float[2 * RATE];
        impulse[0] = 1;
        float[] answer = answered(impulse, 512, 1, RATE);
        double fall = 10 * Math.log10(energy(answer, 0.04, 0.06) / energy(answer, 0.24, 0.26));
        assertThat(fall).isCloseTo(30, within(6.0));
        assertThat(energy(answer, 0.0001, 0.007)).isZero();
        assertThat(energy(answer, 1.6, 2)).isZero();
    }

    /** It is heard behind the stroke, and well below it; the stroke itself stays as it is. */
    @Test
    void theRoomStaysBehindTheStroke() {
        float[] dry = stroke(3, 0);
        float[] wet = answered(dry, 256, 1, RATE);
        float[] answer = new float[dry.length];
        for (int i = 0; i < dry.length; i++) {
            answer[i] = wet[i] - dry[i];
        }
        LoudnessMeter meter = new LoudnessMeter(RATE);
        assertThat(meter.loudestMoment(dry) - meter.loudestMoment(answer)).isBetween(6.0, 16.0);
        assertThat(Arrays.copyOf(wet, RATE / 200)).isEqualTo(Arrays.copyOf(dry, RATE / 200));
    }

    @Test
    void noRoomChangesNothing() {
        float[] dry = stroke(1, 100);
        assertThat(answered(dry, 256, 0, RATE)).isEqualTo(dry);
    }

    /** Blocks of any size give the same samples, also across a silence in which it falls asleep. */
    @Property(tries = 20)
    void blocksOfAnySizeAreTheSame(@ForAll @IntRange(min = 1, max = 5_000) int block, @ForAll long seed) {
        float[] dry = new float[3 * RATE];
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < 4; i++) {
            dry[random.nextInt(dry.length)] = (float) random.nextDouble(-1, 1);
        }
        assertThat(answered(dry, block, 1, RATE)).isEqualTo(answered(dry, dry.length, 1, RATE));
    }

    /** A stroke so early that the first stretch of work holds it, whole or in small blocks. */
    @Test
    void aStrokeAtTheVeryBeginningIsTheSameInSmallBlocks() {
        float[] dry = new float[RATE];
        dry[100] = 0.8f;
        assertThat(answered(dry, 16, 1, RATE)).isEqualTo(answered(dry, dry.length, 1, RATE));
    }

    /** No card is too slow or too fast for a room, and none makes it grow louder. */
    @ParameterizedTest
    @ValueSource(ints = {8_000, 11_025, 44_100, 96_000, 192_000})
    void everyRateHasARoomThatFades(int rate) {
        float[] noise = new float[3 * rate];
        SplittableRandom random = new SplittableRandom(1);
        for (int i = 0; i < rate; i++) {
            noise[i] = (float) random.nextDouble(-1, 1);
        }
        float[] answer = answered(noise, 500, 2, rate);
        float late = 0;
        for (int i = 2 * rate; i < answer.length; i++) {
            late = Math.max(late, Math.abs(answer[i]));
        }
        assertThat(late).isLessThan(0.001f);
    }
}
