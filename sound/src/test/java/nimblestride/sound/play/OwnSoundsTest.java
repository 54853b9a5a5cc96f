package nimblestride.sound.play;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class OwnSoundsTest {
    @Test
    void soundsAreKnownNearWhereTheyBegan() {
        OwnSounds own = new OwnSounds();
        assertThat(own.beganNear(0, 1_000)).isFalse();
        own.begun(48_000);
        own.begun(72_000);
        assertThat(own.beganNear(48_500, 600)).isTrue();
        assertThat(own.beganNear(71_500, 600)).isTrue();
        assertThat(own.beganNear(60_000, 600)).isFalse();
        own.clear();
        assertThat(own.beganNear(48_000, 600)).isFalse();
    }

    /** The oldest is forgotten; a microphone hears what was played a moment ago. */
    @Test
    void onlyTheLastOnesAreKept() {
        OwnSounds own = new OwnSounds();
        for (long sound = 0; sound < 600; sound++) {
            own.begun(1_000 * sound);
        }
        assertThat(own.beganNear(0, 10)).isFalse();
        assertThat(own.beganNear(599_000, 10)).isTrue();
        assertThat(own.beganNear(100_000, 10)).isTrue();
    }
}
