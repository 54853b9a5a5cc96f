package nimblestride.sound.microphone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import javax.sound.sampled.LineUnavailableException;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.recorded.RecordedKit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClickListenerTest {
    private static final int RATE = 48_000;

    /** A room with noise in which clicks are heard at given samples. */
    private static float[] room(double noise, double level, ClickSound sound, int... clicks) {
        SplittableRandom random = new SplittableRandom(7);
        float[] room = new float[3 * RATE];
        for (int i = 0; i < room.length; i++) {
            room[i] = (float) (noise * random.nextDouble(-1, 1));
        }
        float[] click = RecordedKit.shipped(RATE).click(sound, 5).samples();
        for (int at : clicks) {
            for (int i = 0; i < click.length && at + i < room.length; i++) {
                room[at + i] += (float) (level * click[i]);
            }
        }
        return room;
    }

    /** Within a millisecond of where each begins, in a quiet and in a noisy room, close to the speaker and far away. */
    @ParameterizedTest
    @CsvSource({"0,1,TONES", "0.001,0.3,TONES", "0.01,0.5,TONES", "0.005,0.5,WOODBLOCK", "0.005,0.5,COWBELL"})
    void clicksAreHeardWhereTheyBegin(double noise, double level, ClickSound sound) {
        int[] clicks = {24_000, 52_800, 81_600, 110_400};
        List<Long> heard = new ArrayList<>();
        ClickEar ear = new ClickEar(RATE);
        float[] room = room(noise, level, sound, clicks);
        for (int from = 0; from + 64 <= room.length; from += 64) {
            ear.hear(Arrays.copyOfRange(room, from, from + 64), heard::add);
        }
        assertThat(heard).hasSize(clicks.length);
        assertThat(ear.loudest()).isBetween((float) level * 0.1f, (float) (level + noise));
        for (int i = 0; i < clicks.length; i++) {
            assertThat(heard.get(i) - clicks[i]).isBetween(0L, RATE / 1_000L);
        }
    }

    @Test
    void anEmptyRoomHasNoClicks() {
        ClickEar ear = new ClickEar(RATE);
        ear.hear(room(0.05, 0, ClickSound.TONES), at -> {
            throw new AssertionError("heard one at " + at);
        });
    }

    /** A microphone that gives what it is given, and is unplugged after that. */
    private static final class Given implements AudioInput {
        private final float[] samples;
        private final int waiting;
        private final CountDownLatch closed = new CountDownLatch(1);
        private int at;

        Given(float[] samples, int waiting) {
            this.samples = samples;
            this.waiting = waiting;
        }

        @Override
        public String name() {
            return "given";
        }

        @Override
        public int sampleRate() {
            return RATE;
        }

        @Override
        public void read(float[] block) throws LineUnavailableException {
            if (at + block.length > samples.length) {
                throw new LineUnavailableException("given was unplugged");
            }
            System.arraycopy(samples, at, block, 0, block.length);
            at += block.length;
        }

        @Override
        public int waiting() {
            return waiting;
        }

        @Override
        public void close() {
            closed.countDown();
        }
    }

    /** What the microphone still holds makes a click that much older; when it is unplugged, that is said. */
    @Test
    void aClickIsAsOldAsItsSamples() throws InterruptedException {
        Given input = new Given(room(0, 1, ClickSound.TONES, 24_000), 4_800);
        LinkedBlockingQueue<Double> ages = new LinkedBlockingQueue<>();
        CountDownLatch lost = new CountDownLatch(1);
        try (ClickListener listener = new ClickListener(input, ages::add, lost::countDown)) {
            assertThat(listener).isNotNull();
            assertThat(ages.poll(60, TimeUnit.SECONDS)).isCloseTo(0.1, within(0.0025));
            assertThat(lost.await(60, TimeUnit.SECONDS)).isTrue();
            assertThat(input.closed.await(60, TimeUnit.SECONDS)).isTrue();
        }
    }
}
