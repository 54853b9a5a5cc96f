package nimblestride.core.notation.engraving;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

class LabelStackerTest {
    private record Taken(int from, int to, int tier) {}

    @Example
    void whatWouldTouchStandsATierHigherAndTheNextDownAgain() {
        LabelStacker tiers = new LabelStacker(1);
        assertThat(tiers.count()).isZero();
        assertThat(tiers.take(0, 10)).isZero();
        assertThat(tiers.take(10.5, 12)).as("nearer than the gap").isEqualTo(1);
        assertThat(tiers.take(11, 20)).isZero();
        assertThat(tiers.take(9, 30)).isEqualTo(2);
        assertThat(tiers.count()).isEqualTo(3);
    }

    /** In one tier nothing touches, and nothing stands higher than it must. */
    @Property(tries = 200)
    void everyTierIsTheLowestThatIsFree(
            @ForAll @Size(max = 12) List<@IntRange(min = 0, max = 40) Integer> starts,
            @ForAll @IntRange(min = 1, max = 9) int width) {
        LabelStacker tiers = new LabelStacker(2);
        List<Taken> all = new ArrayList<>();
        for (int from : starts) {
            Taken now = new Taken(from, from + width, tiers.take(from, from + width));
            for (int tier = 0; tier <= now.tier; tier++) {
                int here = tier;
                boolean free = all.stream()
                        .filter(other -> other.tier == here)
                        .allMatch(other -> now.from >= other.to + 2 || other.from - 2 >= now.to);
                assertThat(free).isEqualTo(tier == now.tier);
            }
            all.add(now);
        }
    }
}
