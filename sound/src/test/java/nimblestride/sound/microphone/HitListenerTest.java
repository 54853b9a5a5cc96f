package nimblestride.sound.microphone;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import javax.sound.sampled.LineUnavailableException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.recorded.RecordedKit;
import org.junit.jupiter.api.Test;

class HitListenerTest {
    /** A hit that is played to the stand-in microphone comes back as a hit, once the room is known. */
    @Test
    void whatIsPlayedInTheRoomIsHeard() throws Exception {
        StandInMicrophone microphone = new StandInMicrophone(RecordedKit.shipped(StandInMicrophone.RATE));
        BlockingQueue<Double> ago = new LinkedBlockingQueue<>();
        HitListener listener = new HitListener(microphone, (hit, loudest, since) -> ago.add(since), () -> {});
        Double heard = null;
        while (heard == null) {
            microphone.play(new PadHit(Kit.SNARE, Dynamic.ACCENT));
            heard = ago.poll(1, TimeUnit.SECONDS);
        }
        listener.close();
        assertThat(heard).isBetween(0.0, 0.035);
    }

    @Test
    void aMicrophoneThatVanishesIsSaidOnce() throws Exception {
        CountDownLatch lost = new CountDownLatch(1);
        AudioInput pulled = new AudioInput() {
            private int blocks;

            @Override
            public String name() {
                return "pulled";
            }

            @Override
            public int sampleRate() {
                return 48_000;
            }

            @Override
            public void read(float[] block) throws LineUnavailableException {
                blocks++;
                if (blocks > 10) {
                    throw new LineUnavailableException("unplugged");
                }
            }

            @Override
            public int waiting() {
                return 0;
            }

            @Override
            public void close() {
                // Nothing is open.
            }
        };
        HitListener listener = new HitListener(pulled, (hit, loudest, since) -> {}, lost::countDown);
        assertThat(lost.await(30, TimeUnit.SECONDS)).isTrue();
        listener.close();
    }
}
