package nimblestride.core.time.meter;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeterTest {
    /** Common practice: how each signature is counted and grouped where nothing else is said. */
    @ParameterizedTest
    @CsvSource({
        "4/4,1,1/4,4,1+1+1+1",
        "6/8,3/4,1/8,6,3+3",
        "7/8,7/8,1/8,7,2+2+3",
        "11/8,11/8,1/8,11,3+3+3+2",
        "10/8,5/4,1/8,10,3+3+2+2",
        "9/16,9/16,1/16,9,3+3+3",
        "1/8,1/8,1/8,1,1",
        "3+3+2/8,1,1/8,8,3+3+2",
        "4/4+1/16,17/16,1/16,17,4+4+4+4+1",
        "4/4+1/12,13/12,1/12,13,3+3+3+3+1",
        "5/12,5/12,1/12,5,3+2",
        "7/1,7,1,7,2+2+3",
    })
    void countsItsLengthUnitAndGroups(String bar, String length, String unit, int units, String grouping) {
        Bar read = bars(bar).bars().get(0);
        assertThat(read.length()).isEqualTo(value(length));
        assertThat(read.meter().unit()).isEqualTo(value(unit));
        assertThat(read.meter().units()).isEqualTo(units);
        assertThat(read.grouping()).hasToString(grouping);
    }

    @Property
    void usualGroupsAlwaysFillTheBar(
            @ForAll @IntRange(min = 1, max = 400) int numerator, @ForAll @IntRange(min = 1, max = 64) int denominator) {
        Meter meter = Meter.of(numerator, denominator);
        assertThat(meter.defaultGrouping().units()).isEqualTo(meter.units());
    }

    @Test
    void aGroupingThatDoesNotFillTheBarSaysByHowMuch() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Bar(Meter.of(11, 8), Grouping.of(3, 3, 3)))
                .withMessage("the groups add up to 9; 11/8 needs 11");
    }

    /** Two of these are equal only where they are the same in every way, however they came about. */
    @Test
    void barsAreEqualIfTheirSignaturesAndGroupsAre() {
        List<String> different = List.of(
                "4/4",
                "4/8",
                "8/8",
                "2+2/4",
                "3/4+1/4",
                "1/4+3/4",
                "8/8(4+4)",
                "8/8(3+3|2)",
                "8/8(3|3+2)",
                "8/8(2+3+3)");
        List<Bar> once =
                different.stream().map(text -> bars(text).bars().get(0)).toList();
        List<Bar> again =
                different.stream().map(text -> bars(text).bars().get(0)).toList();
        assertThat(once).doesNotHaveDuplicates().isEqualTo(again);
        assertThat(once.stream().map(Bar::hashCode).toList())
                .doesNotHaveDuplicates()
                .isEqualTo(again.stream().map(Bar::hashCode).toList());
    }

    @Test
    void barsOfLaterRoundsAreFoundWhereTheyStart() {
        Phrase phrase = bars("5/8 x2, 11/16");
        assertThat(phrase.length()).isEqualTo(value("31/16"));
        assertThat(phrase.isEven()).isFalse();
        for (long bar = 0; bar < 20; bar++) {
            NoteValue start = phrase.startOf(bar);
            assertThat(phrase.barAt(start)).isEqualTo(bar);
            assertThat(phrase.barAt(start.plus(NoteValue.of(9, 16)))).isEqualTo(bar);
        }
        assertThat(phrase.startOf(3)).isEqualTo(phrase.length());
    }

    @Test
    void aWrittenBarIsRegroupedEachTimeItIsPlayed() {
        Phrase phrase = bars("[7/8, 5/8 x2] x3, 9/8");
        assertThat(phrase.writtenBars()).containsExactly(0, 1, 9);
        Phrase regrouped = phrase.regrouped(4, Grouping.of(2, 3));
        assertThat(regrouped).isEqualTo(bars("[7/8, 5/8(2+3) x2] x3, 9/8"));
        assertThat(phrase.regrouped(9, Grouping.of(2, 2, 2, 3))).isEqualTo(bars("[7/8, 5/8 x2] x3, 9/8(2+2+2+3)"));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> phrase.regrouped(0, Grouping.of(2, 3)));
    }

    @Test
    void thousandsOfBarsAreAnOrdinaryPhraseAndBeyondTheLimitIsAnError() {
        assertThat(bars("[7/16, 5/8] x4000").bars()).hasSize(8000);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> bars("[[[7/8 x2000000000] x2000000000] x2000000000] x2000000000"))
                .withMessageContaining("I can't use \"[[[7/8 x2000000000] x2000000000] x200000…\": a phrase holds up");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> bars("4/4+1/999983"))
                .withMessageContaining("I can't use \"4/4+1/999983\": a bar holds up to 10,000 units; this one has");
    }

    /** Common practice, as {@link CountPosition} states it. */
    @ParameterizedTest
    @CsvSource({
        "4/4,0,1",
        "4/4,1/4,2",
        "4/4,5/16,2e",
        "4/4,3/8,2&",
        "4/4,7/16,2a",
        "9/16,1/16,1e",
        "9/16,1/2,3",
        "11/8,1/8,2",
        "11/8,3/16,2&",
        "11/8,13/16,7&",
        "4/4,1/12,1 trip",
        "4/4,1/6,1 let",
        "4/4,1/24,2nd of 6 on beat 1",
        "4/4,5/24,6th of 6 on beat 1",
        "4/4,1/32,1 ta",
        "4/4,11/32,2e ta",
        "4/4,1/20,2nd of 5 on beat 1",
        "9/8,9/40,5th of 5 on beat 2",
        "4/4,1/28,2nd of 7 on beat 1",
        "4/4,1/36,1 + 1/36",
        "5/12,1/3,2 trip",
        "2/2,3/4,2&"
    })
    void saysAPlaceAsADrummerDoes(String bar, String at, String said) {
        Meter meter = bars(bar).bars().get(0).meter();
        assertThat(new CountPosition(meter, value(at))).hasToString(said);
    }

    @Property
    void readsBackThePlaceItSaid(
            @ForAll @IntRange(max = 500) int numerator,
            @ForAll @IntRange(min = 1, max = 96) int denominator,
            @ForAll @IntRange(min = 1, max = 48) int under) {
        CountPosition place = new CountPosition(Meter.of(7, under), NoteValue.of(numerator, denominator));
        assertThat(CountPosition.read(place.meter(), place.toString())).contains(place);
    }

    @Test
    void readsTheSpokenOrderAndRefusesNonsense() {
        Meter meter = Meter.of(4, 4);
        assertThat(CountPosition.read(meter, "the 3rd of 5 on beat 2"))
                .contains(new CountPosition(meter, value("7/20")));
        assertThat(CountPosition.read(meter, "2 quint3"))
                .as("as the first version wrote it")
                .contains(new CountPosition(meter, value("7/20")));
        assertThat(CountPosition.read(meter, "6th of 5 on beat 2")).isEmpty();
        assertThat(CountPosition.read(meter, "2nd of 5 on beat 0")).isEmpty();
        assertThat(CountPosition.read(meter, "a of 2"))
                .map(CountPosition::position)
                .contains(value("7/16"));
        assertThat(CountPosition.read(meter, "7 &"))
                .map(CountPosition::position)
                .contains(value("13/8"));
        assertThat(CountPosition.read(meter, "0")).isEmpty();
        assertThat(CountPosition.read(meter, "2q")).isEmpty();
        assertThat(CountPosition.read(meter, "2 + banana")).isEmpty();
        assertThat(CountPosition.read(meter, "")).isEmpty();
    }
}
