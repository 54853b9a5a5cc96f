package nimblestride.sound.play;

import static nimblestride.core.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import nimblestride.core.text.TempoText;
import nimblestride.sound.kit.SynthesisedKit;
import nimblestride.sound.render.Click;
import nimblestride.sound.render.Take;
import org.junit.jupiter.api.Test;

class PlayerTest {
    private static final SynthesisedKit KIT = new SynthesisedKit(AudioOut.SAMPLE_RATE);

    private static Take at(String tempo) {
        return new Take(exercise("4/4", "kick every 1/4").withTempo(TempoText.read(tempo)), Click.USUAL);
    }

    /** An output whose clock is the number of samples written. */
    private static final class Counted implements AudioOut {
        private final List<Byte> bytes = Collections.synchronizedList(new ArrayList<>());
        private final CountDownLatch secondWritten = new CountDownLatch(SAMPLE_RATE * 2 / 512);
        private volatile boolean closed;

        @Override
        public String name() {
            return "counted";
        }

        @Override
        public void write(byte[] samples, int length) {
            for (int i = 0; i < length && secondWritten.getCount() > 0; i++) {
                bytes.add(samples[i]);
            }
            secondWritten.countDown();
        }

        @Override
        public long heard() {
            return bytes.size() / 2;
        }

        @Override
        public void close() {
            closed = true;
        }
    }

    @Test
    void playsWhatIsRenderedAndTellsWhatIsHeard() throws InterruptedException {
        Counted out = new Counted();
        try (Player player = new Player(() -> out, KIT)) {
            assertThat(player.heard()).isEmpty();
            player.start(at("60"));
            assertThat(player.through()).contains("counted");
            assertThat(out.secondWritten.await(20, TimeUnit.SECONDS)).isTrue();
            assertThat(player.isPlaying()).isTrue();
            // One second at 60 quarters a minute is a quarter of a whole note.
            assertThat(player.heard().orElseThrow().moment()).isBetween(0.249, 0.251);
            player.stop();
            assertThat(player.isPlaying()).isFalse();
            assertThat(out.closed).isTrue();
        }
        assertThat(out.bytes).anyMatch(sample -> sample != 0);
    }

    @Test
    void theSilentClockKeepsTimeAndStopsAtOnce() throws InterruptedException {
        try (Player player = new Player(SilentClock::new, KIT)) {
            player.start(at("999"));
            player.change(at("500"));
            while (player.heard().orElseThrow().moment() < 0.5) {
                TimeUnit.MILLISECONDS.sleep(5);
            }
            player.start(at("60"));
            assertThat(player.heard().orElseThrow().moment()).isLessThan(0.5);
            player.stop();
            player.stop();
            assertThat(player.heard()).isEmpty();
        }
    }

    @Test
    void whereThereIsNoSoundCardTheSilentClockStandsIn() {
        try (AudioOut out = SoundCard.openOrSilent()) {
            assertThat(out.name()).isIn("sound card", "silent clock");
        }
    }

    /** However far it is turned at once, the loudness goes there step by step, and arrives. */
    @Test
    void theLoudnessNeverJumps() {
        float now = 0;
        int steps = 0;
        while (now < 1) {
            float next = Player.glide(now, 1);
            assertThat(next - now).isPositive().isLessThan(0.001f);
            now = next;
            steps++;
        }
        assertThat(steps).isBetween(AudioOut.SAMPLE_RATE / 25, AudioOut.SAMPLE_RATE / 15);
        assertThat(Player.glide(0.3f, 0.3f)).isEqualTo(0.3f);
        assertThat(Player.glide(0.3f, 0)).isLessThan(0.3f);
        assertThat(Player.USUAL_VOLUME).isLessThanOrEqualTo(0.5f);
    }
}
