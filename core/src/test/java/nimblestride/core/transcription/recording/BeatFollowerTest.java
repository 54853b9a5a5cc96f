package nimblestride.core.transcription.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;

class BeatFollowerTest {
    private static final Phrase SEVENS = BarsText.read("7/8(2+2+3)");
    private static final int UNITS = 30 * 7;
    private static final double SLOWER = 0.05;

    /** Returns when a unit is played: each is a little longer than the one before. */
    private static double at(int unit) {
        return 1 + 0.2 * unit + 0.2 * SLOWER * unit * unit / (2 * UNITS);
    }

    private static List<HeardHit> hits() {
        List<HeardHit> hits = new ArrayList<>();
        for (int unit = 0; unit < UNITS; unit++) {
            if (unit % 7 != 6) {
                hits.add(new HeardHit(at(unit), unit % 7 == 0 ? 1 : 0.1, 0.5, 0.5));
            }
        }
        return hits;
    }

    private static BeatMap put(List<HeardHit> hits, BeatMap before, int bar, double seconds) {
        return BeatFollower.withBeat(hits, SEVENS, before, SEVENS.startOf(bar), seconds, at(UNITS));
    }

    /** The user sets one bar line, or two, and all others are within 20 ms. */
    @Property(tries = 60)
    void theRestFollowsASetBarLine(
            @ForAll @IntRange(min = 0, max = 29) int one, @ForAll @IntRange(min = 0, max = 29) int other) {
        BeatMap first = put(hits(), BeatMap.steady(0, Tempo.ofQuarters(147)), one, at(7 * one));
        BeatMap followed = put(hits(), first, other, at(7 * other));
        for (int bar = 0; bar < 30; bar++) {
            assertThat(followed.secondsAt(SEVENS.startOf(bar).toDouble())).isCloseTo(at(7 * bar), within(0.020));
        }
        assertThat(followed.set()).hasSize(one == other ? 1 : 2);
    }

    @Test
    void withoutHitsItGoesEvenly() {
        BeatMap followed = put(List.of(), BeatMap.steady(0, Tempo.ofQuarters(150)), 2, 3);
        assertThat(followed.secondsAt(SEVENS.startOf(12).toDouble())).isCloseTo(3 + 10 * 1.4, within(0.001));
    }
}
