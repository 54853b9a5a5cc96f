package nimblestride.sound.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class OwnSoundsTest {
    private static final int BLOCK = OutputFeeder.BLOCK;

    private final OwnSounds own = new OwnSounds();

    /** Plays blocks of some loudness, at which nothing begins. */
    private void play(int blocks, float loudness) {
        float[] block = new float[BLOCK];
        Arrays.fill(block, -loudness);
        for (int i = 0; i < blocks; i++) {
            own.played(block);
        }
    }

    @Test
    void soundsAreAsLoudAsWhatIsPlayedAfterTheyBegan() {
        assertThat(own.loudness(0, 1_000)).isZero();
        own.begun(10 * BLOCK);
        own.begun(30 * BLOCK);
        play(10, 0.9f);
        play(20, 0.25f);
        play(10, 0.5f);
        assertThat(own.loudness(10 * BLOCK + 500, 600)).isEqualTo(0.25f);
        assertThat(own.loudness(30 * BLOCK - 500, 600)).isEqualTo(0.5f);
        assertThat(own.loudness(20 * BLOCK, 600)).isZero();
        assertThat(own.loudest()).isEqualTo(0.9f);
        own.clear();
        assertThat(own.loudness(10 * BLOCK, 600)).isZero();
        assertThat(own.loudest()).isZero();
    }

    /** The oldest is forgotten; a microphone hears what was played a moment ago. */
    @Test
    void onlyTheLastOnesAreKept() {
        for (long sound = 0; sound < 600; sound++) {
            own.begun(BLOCK * sound);
            play(1, 0.1f);
        }
        assertThat(own.loudness(0, 10)).isZero();
        assertThat(own.loudness(599 * BLOCK, 10)).isEqualTo(0.1f);
        assertThat(own.loudness(100 * BLOCK, 10)).isEqualTo(0.1f);
    }
}
