package nimblestride.core.kit.voice;

import static nimblestride.core.kit.voice.Kit.*;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ChokeTest {
    private static boolean cutsOff(Voice struck, Voice ringing) {
        return Choke.cutsOff(struck.midiKey(), ringing.midiKey());
    }

    /** The hi-hat is one instrument (common practice); every other voice rings on under whatever is struck. */
    @Test
    void onlyTheHiHatIsClosed() {
        assertThat(cutsOff(HI_HAT, OPEN_HI_HAT)).isTrue();
        assertThat(cutsOff(FOOT_HI_HAT, OPEN_HI_HAT)).isTrue();
        assertThat(cutsOff(OPEN_HI_HAT, HI_HAT)).isFalse();
        assertThat(Kit.voices()).noneMatch(ringing -> cutsOff(SNARE, ringing));
        assertThat(Kit.voices())
                .filteredOn(ringing -> cutsOff(HI_HAT, ringing))
                .containsExactly(OPEN_HI_HAT, HALF_OPEN_HI_HAT);
    }
}
