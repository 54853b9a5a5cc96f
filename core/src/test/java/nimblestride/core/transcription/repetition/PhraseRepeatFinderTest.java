package nimblestride.core.transcription.repetition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PhraseRepeatFinderTest {
    /** Against the definition: every bar is as the one a phrase before it, and no shorter phrase does. */
    @Property(tries = 400)
    void theShortestPhraseIsFound(@ForAll @Size(min = 1, max = 12) List<@IntRange(min = 0, max = 1) Integer> bars) {
        for (int length = 1; length <= bars.size() / 2; length++) {
            boolean repeats = true;
            for (int bar = length; bar < bars.size(); bar++) {
                repeats &= bars.get(bar).equals(bars.get(bar - length));
            }
            if (repeats) {
                assertThat(PhraseRepeatFinder.exact(bars))
                        .contains(new PhraseRepeat(
                                length,
                                new VariantRounds(bars.size() / length, List.of()),
                                bars.size() % length,
                                false));
                return;
            }
        }
        assertThat(PhraseRepeatFinder.exact(bars)).isEmpty();
    }

    @Test
    void aVariedLastTimeIsNamed() {
        List<Integer> bars = new ArrayList<>();
        for (int round = 0; round < 4; round++) {
            bars.addAll(List.of(1, 2, 1, round == 3 ? 4 : 3));
        }
        assertThat(PhraseRepeatFinder.exact(bars)).isEmpty();
        PhraseRepeat found = PhraseRepeatFinder.nearly(bars).orElseThrow();
        assertThat(found.said()).isEqualTo("4 bars, 4 times; the last one differs");
        bars.add(9);
        assertThat(PhraseRepeatFinder.nearly(bars).orElseThrow().said())
                .isEqualTo("4 bars, 4 times; the last one differs; then 1 bar of another ending");
    }

    @Test
    void variationsAreSaidAsADrummerWould() {
        assertThat(new VariantRounds(8, List.of(3, 7)).said()).isEqualTo("every fourth one differs");
        assertThat(new VariantRounds(8, List.of(2, 3)).said()).isEqualTo("numbers 3, 4 differ");
        assertThat(new VariantRounds(40, List.of(1, 2, 5, 7, 11, 13, 17, 19)).said())
                .isEqualTo("8 of them differ");
    }
}
