package nimblestride.core.time.counting;

import static nimblestride.core.language.text.Examples.bars;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.language.text.CountText;
import nimblestride.core.language.text.CountWordsText;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountingSystemTest {
    /**
     * Common practice, and for Takadimi, Gordon, and Eastman the tables of Hoffman, Pelto, and White (1996), Gordon
     * (1993), and McHose and Tibbs (1945), quoted from memory.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "BEATS           | 9/16        | 1 e & a 2 e & a 3",
                "BEATS           | 7/8         | 1 2 3 4 5 6 7",
                "BEATS           | 4/4+1/12    | 1 trip let 2 trip let 3 trip let 4 trip let 5",
                "STRAIGHT        | 9/16        | 1 2 3 4 5 6 7 8 9",
                "GROUPS          | 11/8(3+3+3+2) | 1 2 3 1 2 3 1 2 3 1 2",
                "GROUP_SYLLABLES | 7/8(2+2+3)  | 1 & 2 & 3 la li",
                "GROUP_SYLLABLES | 9/16(4+5)   | 1 e & a 2 2 3 4 5",
                "SPOKEN          | 7/8(2+2+3)  | ta ka ta ka ta ki ta",
                "SPOKEN          | 5/8(5)      | ta di gi na tom",
                "GROUPS          | 4/4         | 1 2 3 4",
                "SPOKEN          | 4/4         | ta ka di mi",
                "GROUPS          | 4/4+1/4(4+1) | 1 2 3 4 1",
                "AUTOMATIC       | 4/4         | 1 2 3 4",
                "AUTOMATIC       | 16/16       | 1 e & a 2 e & a 3 e & a 4 e & a",
                "AUTOMATIC       | 12/8        | 1 la li 2 la li 3 la li 4 la li",
                "AUTOMATIC       | 7/8         | 1 2 1 2 1 2 3",
                "AUTOMATIC       | 13/16(3+3+3+4) | 1 2 3 1 2 3 1 2 3 1 2 3 4",
                "AUTOMATIC       | 13/16(4+4+4+1) | 1 e & a 2 e & a 3 e & a 4",
                "AUTOMATIC       | 13/16(4+4+5) | 1 2 3 4 1 2 3 4 1 2 3 4 5",
                "AUTOMATIC       | 11/16(4+3+4) | 1 2 3 4 1 2 3 1 2 3 4",
                "AUTOMATIC       | 3/16(3)     | 1 la li",
                "AUTOMATIC       | 8/8(4+4)    | 1 2 3 4 1 2 3 4",
                "AUTOMATIC       | 3/2         | 1 2 3",
                "TAKADIMI        | 2/4         | ta ta",
                "TAKADIMI        | 6/8         | ta ki da ta ki da",
                "TAKADIMI        | 8/16        | ta ka di mi ta ka di mi",
                "TAKADIMI        | 7/8         | ta di ta di ta ki da",
                "GORDON          | 6/8         | du da di du da di",
                "GORDON          | 8/16        | du ta de ta du ta de ta",
                "GORDON          | 5/8(2+3)    | du be du ba bi",
                "EASTMAN         | 6/8         | 1 la li 2 la li",
                "EASTMAN         | 8/16        | 1 ta te ta 2 ta te ta",
                "SPOKEN          | 13/16(13)   | ta ka di mi ta ka di mi ta di gi na tom"
            })
    void countsABar(CountingSystem countingSystem, String bar, String count) {
        assertThat(String.join(
                        " ", Counting.of(countingSystem).count(bars(bar).bars().get(0))))
                .isEqualTo(count);
    }

    @Property
    void everySchoolHasASyllableForEveryUnit(
            @ForAll CountingSystem countingSystem,
            @ForAll @IntRange(min = 1, max = 200) int numerator,
            @ForAll @IntRange(min = 1, max = 40) int denominator) {
        Bar bar = Bar.of(Meter.of(numerator, denominator));
        assertThat(Counting.of(countingSystem).count(bar))
                .hasSize(bar.meter().units())
                .noneMatch(String::isBlank);
    }

    /** Common practice for each subdivision, tuplets and mixtures. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "BEATS; 2/4; 1/8; 1 & | 2 &",
                "TAKADIMI; 2/4; 1/24; ta va ki di da ma | ta va ki di da ma",
                "TAKADIMI; 5/4; 1/8; ta di | ta di | ta di | ta di | ta di",
                "GORDON; 2/4; 1/8; du de | du de",
                "GORDON; 6/8; 1/16; du ta da ta di ta | du ta da ta di ta",
                "GORDON; 5/8(2+3); 1/16; du ta be ta | du ta da ta di ta",
                "EASTMAN; 1/4; 1/20; 1 ta ta ta ta",
                "EASTMAN; 1/4; 1/28; 1 ta ta ta ta ta ta",
                "EASTMAN; 2/4; 1/12; 1 la li | 2 la li",
                "EASTMAN; 6/8; 1/16; 1 ta la ta li ta | 2 ta la ta li ta",
                "BEATS; 2/4; 1/12; 1 trip let | 2 trip let",
                "BEATS; 2/4; 1/16; 1 e & a | 2 e & a",
                "BEATS; 1/4; 1/20; 1 2 3 4 5",
                "BEATS; 1/4; 1/24; 1 ta la ta li ta",
                "BEATS; 1/4; 1/28; 1 2 3 4 5 6 7",
                "BEATS; 1/4; 1/32; 1 ta e ta & ta a ta",
                "GROUP_SYLLABLES; 2/4; 1/24; 1 ta la ta li ta | 2 ta la ta li ta",
                "GROUP_SYLLABLES; 2/4; 1/12; 1 la li | 2 la li",
                "GROUP_SYLLABLES; 1/4; 1/20; 1 2 3 4 5",
                "SPOKEN; 2/4; 1/20; ta di gi na tom | ta di gi na tom",
                "STRAIGHT; 2/4; 1/12; 1 2 3 | 4 5 6",
                "GROUPS; 7/8(2+2+3); 1/16; 1 2 3 4 | 1 2 3 4 | 1 2 3 4 5 6",
                "GROUPS; 7/8(2+2+3); 1/4; 1 | 1 | 1 2 3"
            })
    void countsSubdivisions(CountingSystem countingSystem, String bar, String value, String count) {
        Subdivision subdivision = Subdivision.into(NoteValue.parse(value));
        assertThat(CountText.write(bars(bar).bars().get(0), Counting.of(countingSystem), subdivision))
                .isEqualTo(count);
    }

    /** Each inner bar has its own 1; where all are counted alike, so is the whole (common practice). */
    @ParameterizedTest
    @CsvSource({
        "AUTOMATIC,12/8(3+3|3+3),1 la li 2 la li 1 la li 2 la li",
        "AUTOMATIC,10/8(3+3|2+2),1 2 3 1 2 3 1 2 1 2",
        "STRAIGHT,10/8(3+3|2+2),1 2 3 4 5 6 7 8 9 10",
        "GROUP_SYLLABLES,10/8(3+3|2+2),1 la li 2 la li 1 & 2 &"
    })
    void countsEachInnerBar(CountingSystem countingSystem, String bar, String count) {
        countsABar(countingSystem, bar, count);
    }

    /** A bar holds as many notes as can be counted; beyond that, its groups are counted as they are written. */
    @Test
    void whatCannotBeCountedSoFinelyIsCountedAsWritten() {
        Bar bar = new Bar(Meter.of(2_000, 4), new Grouping(Collections.nCopies(2_000, 1)));
        List<SpokenSyllable> said = Counting.of(CountingSystem.STRAIGHT).count(bar, Subdivision.mixed(List.of(16)));
        int finest = Subdivision.MAX_IN_A_BAR / 16;
        assertThat(said.get(finest * 16 - 1).length()).isEqualTo(NoteValue.of(1, 64));
        assertThat(said.get(finest * 16).length()).isEqualTo(NoteValue.QUARTER);
        Subdivision tiny = Subdivision.into(NoteValue.of(1, 4 * Subdivision.MAX_IN_A_BAR));
        Bar quarter = Bar.of(Meter.of(1, 4));
        assertThat(Counting.of(CountingSystem.STRAIGHT).count(quarter, tiny)).hasSize(Subdivision.MAX_IN_A_BAR);
        Subdivision finer = Subdivision.into(NoteValue.of(1, 4 * Subdivision.MAX_IN_A_BAR + 4));
        assertThat(Counting.of(CountingSystem.STRAIGHT).count(quarter, finer)).hasSize(1);
        assertThat(Subdivision.mixed(List.of(1, 16)).notes()).containsExactly(1, 16);
        assertThatThrownBy(() -> Subdivision.mixed(List.of(0))).hasMessageContaining("1 to 16 notes");
        assertThatThrownBy(() -> Subdivision.into(NoteValue.ZERO)).hasMessageContaining("longer than zero");
    }

    @Test
    void countsMixturesWithinABar() {
        Bar bar = bars("4/4").bars().get(0);
        assertThat(CountText.write(
                        bar, Counting.of(CountingSystem.GROUP_SYLLABLES), Subdivision.mixed(List.of(4, 3, 5, 2))))
                .isEqualTo("1 e & a | 2 la li | 3 2 3 4 5 | 4 &");
        assertThat(CountText.write(bar, Counting.of(CountingSystem.SPOKEN), Subdivision.mixed(List.of(4, 3))))
                .isEqualTo("ta ka di mi | ta ki ta | ta ka di mi | ta ki ta");
        assertThatThrownBy(() -> Subdivision.mixed(List.of(4, 17))).hasMessageContaining("1 to 16 notes");
    }

    /** What is said tiles the bar, whatever it is divided into. */
    @Property(tries = 300)
    void whatIsSaidFillsTheBar(
            @ForAll CountingSystem countingSystem,
            @ForAll @IntRange(min = 1, max = 40) int numerator,
            @ForAll @IntRange(min = 1, max = 24) int denominator,
            @ForAll @IntRange(min = 1, max = 36) int value) {
        Bar bar = Bar.of(Meter.of(numerator, denominator));
        NoteValue at = NoteValue.ZERO;
        for (SpokenSyllable said : Counting.of(countingSystem).count(bar, Subdivision.into(NoteValue.of(1, value)))) {
            assertThat(said.at()).isEqualTo(at);
            assertThat(said.syllable()).isNotBlank();
            at = at.plus(said.length());
        }
        assertThat(at).isEqualTo(bar.length());
    }

    /** Counts and reads back random groupings in every counting system. */
    @Property(tries = 300)
    void whatIsSaidIsReadBack(
            @ForAll CountingSystem countingSystem,
            @ForAll @Size(min = 1, max = 9) List<@IntRange(min = 1, max = 11) Integer> groups) {
        Meter meter = Meter.of(groups.stream().mapToInt(Integer::intValue).sum(), 16);
        Bar bar = new Bar(meter, new Grouping(groups));
        String said = CountText.write(bar, Counting.of(countingSystem), Subdivision.AS_WRITTEN);
        Bar read = CountText.read(meter, Counting.of(countingSystem), said);
        assertThat(CountText.write(read, Counting.of(countingSystem), Subdivision.AS_WRITTEN)
                        .replace("|", "")
                        .split(" +"))
                .isEqualTo(said.replace("|", "").split(" +"));
        if (countingSystem.followsBeats()) {
            assertThat(read.beats()).isEqualTo(bar.beats());
        } else if (groups.size() > 1) {
            assertThat(read).isEqualTo(bar);
        }
    }

    @Test
    void readsGroupsOutOfACountAndSaysWhatIsNotSaid() {
        Meter seven = Meter.of(7, 8);
        assertThat(CountText.read(seven, Counting.of(CountingSystem.GROUPS), "1 2 1 2 1 2 3")
                        .grouping())
                .hasToString("2+2+3");
        assertThat(CountText.read(seven, Counting.of(CountingSystem.GROUP_SYLLABLES), "1 la li 2 & 3 &")
                        .grouping())
                .hasToString("3+2+2");
        assertThat(CountText.read(seven, Counting.of(CountingSystem.BEATS), "1 2 3 4 5 6 7")
                        .grouping())
                .isEqualTo(seven.defaultGrouping());
        assertThatThrownBy(() -> CountText.read(seven, Counting.of(CountingSystem.GROUPS), "1 2 | 1 2 | 1 3 3"))
                .hasMessageContaining("column 15")
                .hasMessageContaining("Try \"2\" here");
        assertThatThrownBy(() -> CountText.read(seven, Counting.of(CountingSystem.GROUPS), "1 2 1 2"))
                .hasMessageContaining("Try 7 syllables");
    }

    /** Common practice: what is dropped of a beat, or added to one. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "7/16; 1 e & a | 2 e &; a of 2 is dropped",
                "7/16; 1 e & | 2 e & a; a of 1 is dropped",
                "9/16; 1 e & a | 2 e & a | 3; e and & and a of 3 are dropped",
                "9/16; 1 e & a | 2 e & a ta; beat 2 is 1 unit longer",
                "7/8; 1 & | 2 & | 3 & | 4; & of 4 is dropped",
                "7/8; 1 & | 2 & | 3 & ta; beat 3 is 1 unit longer"
            })
    void oddBeatsAreCountedTwoWays(String bar, String count, String why) {
        Meter meter = bars(bar).bars().get(0).meter();
        assertThat(OddBeat.of(meter))
                .anySatisfy(way -> {
                    assertThat(way.written()).isEqualTo(count);
                    assertThat(way.why()).isEqualTo(why);
                })
                .allSatisfy(way -> assertThat(way.bar(meter).length()).isEqualTo(meter.length()));
        assertThat(OddBeat.of(Meter.of(8, 8))).isEmpty();
        assertThat(OddBeat.of(Meter.of(7, 4))).isEmpty();
        assertThat(OddBeat.of(Meter.of(3, 16))).isEmpty();
        assertThat(OddBeat.of(Meter.of(63, 16))).hasSize(3);
        assertThat(OddBeat.of(Meter.of(65, 16))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "BEATS           | TA_LA    | 2/4    | 24 | 1 ta la ta li ta 2 ta la ta li ta",
                "BEATS           | TRIP_LET | 2/4    | 24 | 1 trip let & trip let 2 trip let & trip let",
                "BEATS           | TRIP_LET | 2/4    | 12 | 1 trip let 2 trip let",
                "GROUP_SYLLABLES | TRIP_LET | 6/8    | 16 | 1 trip let & trip let 2 trip let & trip let",
                "GROUP_SYLLABLES | TA_LA    | 6/8    | 16 | 1 ta la ta li ta 2 ta la ta li ta",
            })
    void sixNotesAreCountedAsTheUserChose(CountingSystem system, SixNotes six, String bar, int value, String count) {
        Counting counting = new Counting(system, new CountWords(six, List.of()));
        assertThat(counting.count(bars(bar).bars().get(0), Subdivision.into(NoteValue.of(1, value))).stream()
                        .map(SpokenSyllable::syllable))
                .containsExactly(count.split(" "));
    }

    @Test
    void groupsAreCountedInTheUsersOwnWords() {
        CountWords words = CountWordsText.read("ap-ple, ba-na-na,wa-ter-mel-on", SixNotes.TA_LA);
        Counting own = new Counting(CountingSystem.OWN, words);
        Bar bar = bars("9/8(3+2+4)").bars().get(0);
        String count = CountText.write(bar, own, Subdivision.AS_WRITTEN);
        assertThat(count).isEqualTo("ba na na | ap ple | wa ter mel on");
        assertThat(CountText.read(bar.meter(), own, count)).isEqualTo(bar);
        assertThat(CountText.read(bar.meter(), own, "ba na na ap ple wa ter mel on"))
                .isEqualTo(bar);
        // A group without a word is numbered.
        assertThat(own.count(bars("7/8(5+2)").bars().get(0))).containsExactly("1", "2", "3", "4", "5", "ap", "ple");
        assertThat(CountWordsText.write(words)).isEqualTo("ap-ple, ba-na-na, wa-ter-mel-on");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "ap-ple,,ba-na-na; a word can't be empty",
                "ap ple; contains a space; join its syllables with hyphens",
                "ap--ple; \"ap--ple\" has an empty syllable",
                "ap-ple, pea-nut; \"ap-ple\" and \"pea-nut\" both have 2 syllables",
                "a|b; I can't use \"a|b\": \"a|b\" contains a comma or bar; use letters and hyphens",
                "a-b-c-d-e-f-g-h-i-j-k-l-m-n-o-p-q; has 17 syllables",
            })
    void wordsThatCannotBeCountedWithAreNamed(String words, String reason) {
        assertThatThrownBy(() -> CountWordsText.read(words, SixNotes.TA_LA)).hasMessageContaining(reason);
        assertThat(CountWordsText.read("a-b-c-d-e-f-g-h-i-j-k-l-m-n-o-p", SixNotes.TA_LA)
                        .ownFor(16))
                .isPresent();
    }
}
