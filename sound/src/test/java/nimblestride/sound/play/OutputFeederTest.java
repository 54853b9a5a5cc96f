package nimblestride.sound.play;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.concurrent.atomic.AtomicLong;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.sound.recorded.RecordedKit;
import org.junit.jupiter.api.Test;

class OutputFeederTest {
    private static final RecordedKit KIT = RecordedKit.shipped(AudioOutput.USUAL_RATE);

    private static final float STEP = 20f / AudioOutput.USUAL_RATE;

    /** An output that allocates nothing and takes everything at once. */
    private static final class Sink implements AudioOutput {
        private final AtomicLong written = new AtomicLong();
        private int loudest;

        @Override
        public int sampleRate() {
            return USUAL_RATE;
        }

        @Override
        public int buffer() {
            return 0;
        }

        @Override
        public String name() {
            return "sink";
        }

        @Override
        public boolean isHeard() {
            return false;
        }

        @Override
        public void write(byte[] samples, int length) {
            for (int i = 1; i < length; i += 2) {
                loudest = Math.max(loudest, Math.abs(samples[i]));
            }
            written.addAndGet(length / 2);
        }

        @Override
        public long heard() {
            return Math.max(0, written.get() - 1);
        }

        @Override
        public void close() {
            written.set(0);
        }
    }

    /** However far it is turned at once, the loudness goes there step by step, and arrives. */
    @Test
    void theVolumeNeverJumps() {
        float now = 0;
        int steps = 0;
        while (now < 1) {
            float next = OutputFeeder.glide(now, 1, STEP);
            assertThat(next - now).isPositive().isLessThan(0.001f);
            now = next;
            steps++;
        }
        assertThat(steps).isBetween(AudioOutput.USUAL_RATE / 25, AudioOutput.USUAL_RATE / 15);
        assertThat(OutputFeeder.glide(0.3f, 0.3f, STEP)).isEqualTo(0.3f);
        assertThat(OutputFeeder.glide(0.3f, 0, STEP)).isLessThan(0.3f);
        assertThat(Player.DEFAULT_VOLUME).isLessThanOrEqualTo(0.5f);
    }

    /**
     * The virtual machine itself counts what the thread allocates: over ten thousand blocks, live strokes and all, not an object
     * a block.
     */
    @Test
    void nothingIsAllocatedWhileItPlays() {
        SampleRingBuffer ahead = new SampleRingBuffer();
        LiveHits live = new LiveHits();
        Sink sink = new Sink();
        OutputFeeder speaker = new OutputFeeder(ahead, live, () -> sink, 1);
        float[] block = new float[OutputFeeder.BLOCK];
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long thread = Thread.currentThread().getId();
        long allocated = 0;
        for (int i = 0; i < 20_000; i++) {
            ahead.put(block, OutputFeeder.BLOCK);
            if (i % 100 == 0) {
                live.strike(38, KIT.voice(Kit.SNARE, Dynamic.NORMAL, 0), 1);
            }
            long before = threads.getThreadAllocatedBytes(thread);
            speaker.turn();
            if (i >= 10_000) {
                allocated += threads.getThreadAllocatedBytes(thread) - before;
            }
        }
        // The machine's own compiling leaves a few hundred bytes now and then; one object a block would be 160,000.
        assertThat(allocated).isLessThan(5_000);
        assertThat(sink.loudest).isPositive();
        assertThat(speaker.gaps()).isZero();
    }

    @Test
    void whereNothingIsRenderedInTimeItIsSilentAndTheGapIsCounted() {
        SampleRingBuffer ahead = new SampleRingBuffer();
        OutputFeeder speaker = new OutputFeeder(ahead, new LiveHits(), Sink::new, 1);
        float[] block = new float[OutputFeeder.BLOCK];
        ahead.put(block, OutputFeeder.BLOCK);
        speaker.turn();
        long heard = speaker.heard();
        speaker.turn();
        speaker.turn();
        assertThat(speaker.gaps()).isEqualTo(1);
        // What is heard of the music stands still meanwhile.
        assertThat(speaker.heard()).isEqualTo(heard);
        ahead.put(block, OutputFeeder.BLOCK);
        speaker.turn();
        assertThat(speaker.heard()).isEqualTo(heard + OutputFeeder.BLOCK);
        assertThat(speaker.gaps()).isEqualTo(1);
    }

    /** What is ready then fills the output's buffer, and is still half as much again. */
    @Test
    void itBeginsWhenEnoughIsReady() throws InterruptedException {
        assertThat(OutputFeeder.READY)
                .isGreaterThan((int) (1.5 * AudioOutput.BUFFERED_SECONDS * AudioOutput.USUAL_RATE));
        SampleRingBuffer ahead = new SampleRingBuffer();
        float[] block = new float[OutputFeeder.BLOCK];
        while (ahead.inStock() < OutputFeeder.READY - OutputFeeder.BLOCK) {
            ahead.put(block, OutputFeeder.BLOCK);
        }
        Sink sink = new Sink();
        OutputFeeder speaker = new OutputFeeder(ahead, new LiveHits(), () -> sink, 1);
        Thread playing = new Thread(speaker);
        playing.start();
        while (playing.getState() != Thread.State.TIMED_WAITING && sink.written.get() == 0) {
            Thread.onSpinWait();
        }
        assertThat(sink.written.get()).isZero();
        ahead.put(block, OutputFeeder.BLOCK);
        while (sink.written.get() < OutputFeeder.READY) {
            Thread.onSpinWait();
        }
        speaker.stop();
        playing.join();
    }

    @Test
    void whatIsAheadComesOutInOrder() {
        SampleRingBuffer ahead = new SampleRingBuffer();
        float[] block = new float[700];
        float[] back = new float[300];
        int put = 0;
        int taken = 0;
        for (int i = 0; i < 100; i++) {
            while (ahead.hasRoomFor(700)) {
                for (int k = 0; k < 700; k++) {
                    block[k] = put++;
                }
                ahead.put(block, 700);
            }
            while (ahead.take(back, 300)) {
                for (int k = 0; k < 300; k++) {
                    assertThat(back[k]).isEqualTo(taken++);
                }
            }
        }
        assertThat(taken).isGreaterThan(100_000);
    }
}
