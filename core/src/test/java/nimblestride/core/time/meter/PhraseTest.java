package nimblestride.core.time.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

/** Phrases with repeats inside repeats, against bars written out one by one and lengths added up. */
class PhraseTest {
    private static final int ROUNDS = 3;

    @Provide
    static Arbitrary<Phrase> phrases() {
        return parts(2).list().ofMinSize(1).ofMaxSize(4).map(Phrase::of);
    }

    private static Arbitrary<PhrasePart> parts(int depth) {
        Arbitrary<PhrasePart> bar = Arbitraries.of("4/4", "5/8", "7/8", "7/8(2+2+3)", "9/16", "2/4+3/20", "5/12")
                .map(text -> BarsText.read(text).bars().get(0));
        if (depth == 0) {
            return bar;
        }
        Arbitrary<PhrasePart> repeat = parts(depth - 1)
                .list()
                .ofMinSize(1)
                .ofMaxSize(3)
                .flatMap(parts -> Arbitraries.integers().between(2, 4).map(times -> new Repeat(parts, times)));
        return Arbitraries.oneOf(bar, repeat);
    }

    private static List<Bar> writtenOut(List<PhrasePart> parts) {
        List<Bar> bars = new ArrayList<>();
        for (PhrasePart part : parts) {
            if (part instanceof Repeat repeat) {
                for (int i = 0; i < repeat.times(); i++) {
                    bars.addAll(writtenOut(repeat.parts()));
                }
            } else {
                bars.add((Bar) part);
            }
        }
        return bars;
    }

    @Property(tries = 300)
    void barsBeginWhereTheLengthsBeforeThemAddUpTo(@ForAll("phrases") Phrase phrase) {
        List<Bar> bars = writtenOut(phrase.parts());
        assertThat(phrase.bars()).isEqualTo(bars);
        assertThat(phrase.kinds())
                .containsExactlyElementsOf(bars.stream().distinct().toList());
        NoteValue start = NoteValue.ZERO;
        for (int bar = 0; bar < ROUNDS * bars.size(); bar++) {
            assertThat(phrase.bar(bar)).isEqualTo(bars.get(bar % bars.size()));
            assertThat(phrase.startOf(bar)).isEqualTo(start);
            start = start.plus(bars.get(bar % bars.size()).length());
        }
        assertThat(start).isEqualTo(phrase.length().times(ROUNDS));
    }

    @Property(tries = 300)
    void aMomentLiesInTheBarThatBeganLastBeforeIt(
            @ForAll("phrases") Phrase phrase, @ForAll @IntRange(max = 5) int part) {
        for (int bar = 0; bar < ROUNDS * phrase.bars().size(); bar++) {
            NoteValue within = phrase.bar(bar).length().times(part).dividedBy(6);
            assertThat(phrase.barAt(phrase.startOf(bar).plus(within))).isEqualTo(bar);
        }
    }

    @Property(tries = 300)
    void countedInUnitsOfItsGridItIsTheSame(@ForAll("phrases") Phrase phrase) {
        long units = phrase.grid().count(phrase.length());
        assertThat(phrase.startOnGrid(phrase.bars().size())).isEqualTo(units);
        for (long unit = 0; unit < Math.min(1_000, 2 * units + 1); unit++) {
            assertThat(phrase.barOnGrid(unit))
                    .isEqualTo(phrase.barAt(phrase.grid().value(unit)));
        }
        for (int bar = 0; bar < phrase.bars().size(); bar++) {
            assertThat(phrase.grid().value(phrase.startOnGrid(bar))).isEqualTo(phrase.startOf(bar));
        }
    }

    @Property(tries = 300)
    void theFirstBarsOfItAreJustThose(
            @ForAll("phrases") Phrase phrase, @ForAll @IntRange(min = 1, max = 60) int count) {
        List<Bar> first = phrase.first(count).bars();
        assertThat(first).hasSize(count);
        for (int bar = 0; bar < count; bar++) {
            assertThat(first.get(bar)).isEqualTo(phrase.bar(bar));
        }
        assertThat(Phrase.folded(first).bars()).isEqualTo(first);
        assertThat(Phrase.folded(first).parts().size()).isLessThanOrEqualTo(count);
    }

    /** A written bar that is changed is changed each time it is played, and no other is. */
    @Property(tries = 300)
    void aWrittenBarIsReplacedEverywhereItIsPlayed(
            @ForAll("phrases") Phrase phrase, @ForAll @IntRange(max = 200) int at) {
        List<Integer> written = phrase.writtenBars();
        int which = at % written.size();
        Bar other = BarsText.read("13/16").bars().get(0);
        Phrase replaced = phrase.replacing(written.get(which), List.of(other, other));

        assertThat(replaced.writtenBars()).hasSize(written.size() + 1);
        List<Bar> expected = new ArrayList<>();
        replaceNth(phrase.parts(), which, other, expected);
        assertThat(replaced.bars()).isEqualTo(expected);
    }

    /** Writes the parts out with one of the written bars played twice otherwise; returns how many are written in them. */
    private static int replaceNth(List<PhrasePart> parts, int nth, Bar other, List<Bar> into) {
        int seen = 0;
        for (PhrasePart part : parts) {
            if (part instanceof Repeat repeat) {
                int inside = 0;
                for (int i = 0; i < repeat.times(); i++) {
                    inside = replaceNth(repeat.parts(), nth - seen, other, into);
                }
                seen += inside;
            } else {
                into.addAll(seen == nth ? List.of(other, other) : List.of((Bar) part));
                seen++;
            }
        }
        return seen;
    }

    @Test
    void evenMeansThatAllBarsLastEquallyLong() {
        assertThat(BarsText.read("4/4, 2/2, 8/8").isEven()).isTrue();
        assertThat(BarsText.read("4/4, 2/2, 7/8").isEven()).isFalse();
    }

    @Test
    void aPhraseIsNeitherEmptyNorEndless() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Phrase.of(List.of()))
                .withMessageContaining("at least one bar");
        Phrase most = BarsText.read("1/4 x1000");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Phrase.of(new Repeat(most.parts(), 101)))
                .withMessageContaining("a phrase holds up to 100,000 bars; this one has 101,000");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> most.first(0))
                .withMessageContaining("not 0");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> most.first(100_001))
                .withMessageContaining("100,001");
        assertThat(most.first(100_000).bars()).hasSize(100_000);
    }
}
