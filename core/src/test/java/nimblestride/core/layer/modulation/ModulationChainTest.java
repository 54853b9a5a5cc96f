package nimblestride.core.layer.modulation;

import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.TextException;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ModulationChainTest {
    /** The first two are the worked examples of the project's plan. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "dotted quarter = half               | 84  | 112",
                "5 in groups of 4                    | 96  | 120",
                "4 quintuplet sixteenths = quarter   | 96  | 120",
                "3/16 = 1/4                          | 90  | 120",
                "triplet quarter = quarter           | 80  | 120",
                "quarter = dotted quarter            | 100 | 150",
                "3 a beat in groups of 2             | 80  | 120"
            })
    void theTempoChangesByNewOverOld(String typed, int from, int to) {
        Pivot pivot = PivotText.read(typed);
        ModulationChain chain = new ModulationChain(Tempo.ofQuarters(from), List.of(pivot));
        assertThat(chain.tempos()).containsExactly(Tempo.ofQuarters(from), Tempo.ofQuarters(to));
        assertThat(new ModulationChain(Tempo.ofQuarters(to), chain.wayBack())
                        .tempos()
                        .get(1))
                .isEqualTo(Tempo.ofQuarters(from));
        assertThat(PivotText.read(PivotText.write(pivot))).isEqualTo(pivot);
    }

    /** Where one pivot has no value with a name, each step goes back by itself (common practice). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3/16 = 1/4, 3/16 = 1/4 | 1/4 = 3/16, 1/4 = 3/16",
                "1/6 = 1/4, 1/4 = 1/8   | 3/16 = 1/4",
                "3/8 = 1/2              | 1/2 = 3/8",
                "1/4 = 1/8, 1/8 = 1/4   | ''"
            })
    void theWayBackCanBePlayed(String there, String back) {
        List<Pivot> pivots =
                Stream.of(there.split(",", -1)).map(PivotText::read).toList();
        assertThat(new ModulationChain(Tempo.ofQuarters(96), pivots)
                        .wayBack().stream().map(Pivot::toString).collect(Collectors.joining(", ")))
                .isEqualTo(back);
    }

    /** n a beat in groups of m is undone by m a beat in groups of n (the project's plan). */
    @Property
    void aRegroupingIsUndoneByTheOtherWayRound(
            @ForAll @IntRange(min = 1, max = 64) int notes, @ForAll @IntRange(min = 1, max = 64) int group) {
        BigFraction there = Pivot.regrouping(notes, group).ratio();
        assertThat(there).isEqualTo(BigFraction.of(notes, group));
        assertThat(there.multiply(Pivot.regrouping(group, notes).ratio())).isEqualTo(BigFraction.ONE);
        assertThat(Pivot.regrouping(notes, group).back().ratio())
                .isEqualTo(Pivot.regrouping(group, notes).ratio());
    }

    /** A chain and its way back give the tempo one began with, exactly; so does each pivot turned round, last first. */
    @Property(tries = 1000)
    void thereAndBackIsExactlyHome(
            @ForAll @Size(min = 1, max = 5) List<@IntRange(min = 1, max = 9) Integer> notes,
            @ForAll @Size(value = 5) List<@IntRange(min = 1, max = 9) Integer> groups) {
        List<Pivot> there = IntStream.range(0, notes.size())
                .mapToObj(i -> Pivot.regrouping(notes.get(i), groups.get(i)))
                .toList();
        ModulationChain chain;
        try {
            chain = new ModulationChain(Tempo.ofQuarters(97), there);
        } catch (StrideException e) {
            assertThat(e).hasMessageContaining("BPM; tempos run from 1 to 999");
            return;
        }
        List<Pivot> back = new ArrayList<>(there);
        for (int i = there.size() - 1; i >= 0; i--) {
            back.add(there.get(i).back());
        }
        assertThat(new ModulationChain(chain.start(), back).isHome()).isTrue();
        List<Pivot> straight = new ArrayList<>(there);
        straight.addAll(chain.wayBack());
        ModulationChain home = new ModulationChain(chain.start(), straight);
        assertThat(home.isHome()).isTrue();
        assertThat(home.tempos().get(straight.size())).isEqualTo(chain.start());

        assertThat(chain.friendlyTempos())
                .hasSizeLessThanOrEqualTo(5)
                .isSorted()
                .allSatisfy(tempo -> {
                    assertThat(tempo).isBetween(40, 208);
                    assertThat(new ModulationChain(Tempo.ofQuarters(tempo), there).tempos())
                            .allMatch(one -> one.perMinute().getDenominator().bitLength() == 1);
                });
        if (chain.friendlyTempos().isEmpty()) {
            List<Pivot> pivots = there;
            assertThat(IntStream.rangeClosed(40, 208).filter(tempo -> allWhole(tempo, pivots)))
                    .isEmpty();
        }
    }

    @Test
    void friendlyTemposAreTheNearestOnes() {
        List<Integer> friendly = new ModulationChain(Tempo.ofQuarters(100), List.of()).friendlyTempos();
        int many = friendly.size();
        assertThat(friendly)
                .hasSizeLessThan(20)
                .isEqualTo(IntStream.range(0, many)
                        .mapToObj(i -> 100 - many / 2 + i)
                        .toList());
    }

    /** The metronome's first and last number, and tempos that end exactly at the slowest and the fastest there is. */
    @Test
    void friendlyTemposReachTheEdges() {
        assertThat(new ModulationChain(Tempo.ofQuarters(40), List.of()).friendlyTempos())
                .startsWith(40);
        assertThat(new ModulationChain(Tempo.ofQuarters(208), List.of()).friendlyTempos())
                .endsWith(208);
        assertThat(new ModulationChain(Tempo.ofQuarters(111), List.of(PivotText.read("1/4 = 9/4"))).friendlyTempos())
                .endsWith(111);
        assertThat(new ModulationChain(Tempo.ofQuarters(40), List.of(PivotText.read("1/4 = 1/160"))).friendlyTempos())
                .startsWith(40);
    }

    /** 7/8 in eighths at 232 is felt in quarters at 116: the felt beat stands on the metronome. */
    @Test
    void friendlyTemposPutTheFeltBeatOnTheMetronome() {
        ModulationChain chain = new ModulationChain(
                new Tempo(NoteValue.of(1, 8), BigFraction.of(232)), List.of(PivotText.read("1/8 = 3/16")));
        assertThat(chain.friendlyTempos(NoteValue.QUARTER)).containsExactly(228, 230, 232, 234, 236);
        assertThat(chain.friendlyTempos()).containsExactly(200, 202, 204, 206, 208);
        assertThat(chain.friendlyTempos(NoteValue.of(1, 16))).containsExactly(96, 98, 100, 102, 104);
    }

    private static boolean allWhole(int tempo, List<Pivot> pivots) {
        try {
            return new ModulationChain(Tempo.ofQuarters(tempo), pivots)
                    .tempos().stream()
                            .allMatch(one -> one.perMinute().getDenominator().bitLength() == 1);
        } catch (StrideException e) {
            return false;
        }
    }

    /** Finds the two sections together where a walk from bar line to bar line in both does. */
    @Property(tries = 1000)
    void feelsAgreeWhereAWalkFindsThem(
            @ForAll @IntRange(min = 1, max = 13) int oldBar,
            @ForAll @IntRange(min = 1, max = 13) int newBar,
            @ForAll @IntRange(min = 1, max = 9) int notes,
            @ForAll @IntRange(min = 1, max = 9) int group) {
        Pivot pivot = Pivot.regrouping(notes, group);
        NoteValue one = NoteValue.of(oldBar, 8);
        // In old values a new bar lasts L times v1 over v2.
        NoteValue other = NoteValue.of(newBar, 16).times(group).dividedBy(notes);
        long oldBars = 1;
        long newBars = 1;
        while (!one.times(oldBars).equals(other.times(newBars))) {
            if (one.times(oldBars).compareTo(other.times(newBars)) < 0) {
                oldBars++;
            } else {
                newBars++;
            }
        }
        assertThat(ModulationRealignment.of(one, NoteValue.of(newBar, 16), pivot))
                .isEqualTo(new ModulationRealignment(oldBars, newBars, one.times(oldBars)));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new ModulationChain(Tempo.ofQuarters(600), List.of(PivotText.read("1/8 = 1/4"))))
                .withMessage("modulation 1, 1/8 = 1/4, would lead to 1200 BPM; tempos run from 1 to 999");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new Pivot(NoteValue.ZERO, NoteValue.QUARTER));
        assertThatExceptionOfType(TextException.class)
                .isThrownBy(() -> PivotText.read("70 in groups of 4"))
                .withMessageContaining("use 1 to 64 notes per beat");
        assertThatExceptionOfType(TextException.class)
                .isThrownBy(() -> PivotText.read("crotchet dot = 1/4"))
                .withMessageContaining("Try a note value");
        assertThatExceptionOfType(ExactOverflowException.class)
                .isThrownBy(() -> ModulationRealignment.of(
                        value("9999999967/1000000007"),
                        value("9999999929/1000000009"),
                        PivotText.read("1000000021/1000000033 = 1/4")));
    }
}
