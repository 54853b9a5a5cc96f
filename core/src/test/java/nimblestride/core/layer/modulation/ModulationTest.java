package nimblestride.core.layer.modulation;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ModulationTest {
    private static Modulation shift(String tempo, String pivot, String oldBars, String newBars) {
        return new Modulation(TempoText.read(tempo), PivotText.read(pivot), bars(oldBars), bars(newBars));
    }

    private static String told(Modulation shift) {
        return ModulationWords.of(shift).stream()
                .map(one -> one.about() + ": " + one.sentence() + " (" + one.sum() + ")")
                .collect(Collectors.joining("\n"));
    }

    /** Dotted quarter = half at 84 (the worked example of the project's plan). */
    @Test
    void tellsAChangeWithItsSums() {
        assertThat(told(shift("84", "dotted quarter = half", "4/4", "4/4")))
                .contains(
                        "New tempo: 112 BPM (quarters). (84 × 1/2 ÷ 3/8 = 84 × 4/3 = 112)",
                        "Stays the same: The sixteenth keeps its length and becomes a triplet eighth.",
                        "178.571 ms before and after",
                        "New beat: The beat changes: the new quarter lasts as long as the old dotted eighth. (a beat was 714.286 ms and is now 535.714 ms)",
                        "after 3 old bars = 4 new bars.",
                        "Play 4 notes per beat and accent every 3rd, for 3 beats before the change, from 2 of the last bar. (3 beats of 4 = 4 groups of 3",
                        "The way back: half = dotted quarter. Set it up with 3 notes per beat in groups of 4, for 4 beats before. (4/3 × 3/4 = 1)");
    }

    @Test
    void aChangeOfNameAloneAndOneThatNeverAgreesAreToldAsWhatTheyAre() {
        String same = told(shift("96", "quarter = quarter", "4/4", "7/8"));
        assertThat(same).contains("Just keep playing: the beat stays and only its name changes.");
        assertThat(told(shift("96", "quarter = quarter", "4/4", "3/4")))
                .contains("The beat keeps its length. It is still a quarter.");
        assertThat(told(shift("96", "1/1 = 1000000007/1000000009", "4/4", "9999/999979")))
                .contains("Where both line up: No bar lines meet within 1,000 bars");
        assertThat(told(shift("96", "21 in groups of 22", "4/4", "4/4"))).contains("accent every 22nd");
        assertThat(told(shift("96", "22 in groups of 21", "4/4", "4/4"))).contains("accent every 21st");
        assertThat(told(shift("96", "22 in groups of 23", "4/4", "4/4"))).contains("accent every 23rd");
        assertThat(told(shift("96", "10 in groups of 11", "4/4", "4/4"))).contains("accent every 11th");
        assertThat(told(shift("96", "10 in groups of 13", "4/4", "4/4"))).contains("accent every 13th");
        assertThat(told(shift("96", "3 in groups of 1", "4/4", "4/4"))).contains("accent every one");
    }

    /** The name may change while the beat stays, and the beat may change while a note keeps its name. */
    @Test
    void theSwapOfNameAndTheSwapOfBeatAreSaidApart() {
        assertThat(told(shift("1/4=60", "dotted quarter = quarter", "12/8", "4/4")))
                .contains(
                        "Stays the same: The dotted quarter keeps its length and becomes a quarter.",
                        "The beat keeps its length. It was a dotted quarter and becomes a quarter.");
        assertThat(told(shift("96", "eighth = eighth", "4/4", "12/8")))
                .contains("The eighth keeps its length and name.", "the new dotted quarter lasts as long as");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; 4/4; 3 in groups of 4; from 1 of the last bar",
                "4/4; 4/4; 5 in groups of 6; from 3 of the bar 2 bars before the change",
                "3/4; 4/4; 4 in groups of 3; from 1 of the last bar",
                "12/8; 4/4; dotted quarter = half; from 10 of the last bar",
            })
    void theSetUpSaysWhereItStarts(String oldBars, String newBars, String pivot, String place) {
        assertThat(told(shift("96", pivot, oldBars, newBars))).contains(place);
    }

    /** n a beat in groups of m is undone by m a beat in groups of n (the project's plan). */
    @ParameterizedTest
    @CsvSource({"5, 4", "5, 3", "7, 4", "3, 2", "3, 4", "4, 3", "7, 6", "9, 8"})
    void aRegroupingIsSetUpByItsOwnNotesAndUndoneByTheOtherWayRound(int notes, int group) {
        Modulation there = shift("96", notes + " in groups of " + group, "4/4", "4/4");
        assertThat(there.notesPerBeat()).isEqualTo(notes);
        assertThat(there.group()).isEqualTo(group);
        assertThat(there.beatsUntilTogether()).isEqualTo(group);
        assertThat(there.wayBack().notesPerBeat()).isEqualTo(group);
        assertThat(there.wayBack().group()).isEqualTo(notes);
        assertThat(there.wayBack().after()).isEqualTo(there.before());
    }

    /** Checks the first common bar lines against all of them written out. */
    @Property(tries = 100)
    void barLinesAgreeWhereAPlainListOfThemDoes(
            @ForAll @IntRange(min = 1, max = 12) int old,
            @ForAll @IntRange(min = 1, max = 12) int now,
            @ForAll @IntRange(min = 1, max = 12) int notes,
            @ForAll @IntRange(min = 1, max = 12) int group) {
        Phrase oldBars = bars(old + "/8, 5/16");
        Phrase newBars = bars(now + "/16, 3/8");
        Modulation shift = new Modulation(Tempo.ofQuarters(60), Pivot.regrouping(notes, group), oldBars, newBars);
        Optional<Long> expected = LongStream.rangeClosed(1, 60)
                .filter(bar -> LongStream.rangeClosed(1, 1_000).anyMatch(other -> shift.oldUnits(newBars.startOf(other))
                        .equals(oldBars.startOf(bar))))
                .boxed()
                .findFirst();
        Optional<ModulationRealignment> found = shift.barLineRealignment();
        expected.ifPresent(bar -> {
            assertThat(found.orElseThrow().oldBars()).isEqualTo(bar);
            assertThat(shift.oldUnits(newBars.startOf(found.orElseThrow().newBars())))
                    .isEqualTo(found.orElseThrow().length());
        });
        if (expected.isEmpty()) {
            assertThat(found.map(ModulationRealignment::oldBars).orElse(61L)).isGreaterThan(60);
        }
        ModulationRealignment rounds = shift.phraseRealignment();
        assertThat(oldBars.length().times(rounds.oldBars()))
                .isEqualTo(shift.oldUnits(newBars.length().times(rounds.newBars())));
    }

    @Test
    void feelsThatNeverAgreeWithinReasonSaySo() {
        assertThat(told(shift("96", "1009 sixteenths = 1 whole", "997/16", "991/16")))
                .contains("No bar lines meet within 1,000 bars");
        assertThat(told(shift("96", "1000000007/1000000009 = 1/1", "97/32", "89/32")))
                .contains("Where both line up: No bar lines meet within 1,000 bars");
    }

    /** A click of a setting falls on every beat of both sections, or on every few beats of them. */
    @Property(tries = 200)
    void aMetronomeSettingFitsBothBeats(
            @ForAll @IntRange(min = 1, max = 9) int notes, @ForAll @IntRange(min = 1, max = 9) int group) {
        Modulation shift =
                new Modulation(Tempo.ofQuarters(96), Pivot.regrouping(notes, group), bars("4/4"), bars("7/8"));
        for (MetronomeSetting setting : MetronomeSetting.of(shift)) {
            NoteValue newBeat = shift.oldUnits(shift.newBeat());
            assertThat(setting.before().isMultipleOf(shift.oldBeat())
                            || shift.oldBeat().isMultipleOf(setting.before()))
                    .isTrue();
            assertThat(setting.before().isMultipleOf(newBeat) || newBeat.isMultipleOf(setting.before()))
                    .isTrue();
            assertThat(shift.oldUnits(setting.after())).isEqualTo(setting.before());
            assertThat(setting.perMinute())
                    .isEqualTo(BigFraction.of(96 / 4).divide(setting.before().fraction()));
        }
        assertThat(MetronomeSetting.of(shift)).isNotEmpty();
    }

    /** Four a beat in groups of three at 150: three old beats last as long as four new ones, and 150 / 3 is whole. */
    @Test
    void theMostUsefulSettingComesFirst() {
        MetronomeSetting best = MetronomeSetting.of(shift("150", "4 in groups of 3", "4/4", "4/4"))
                .get(0);
        assertThat(best.isOnAnOrdinaryMetronome()).isTrue();
        assertThat(best.before()).isEqualTo(value("3/4"));
        assertThat(best.after()).isEqualTo(value("1"));
    }

    /**
     * Triplet quarter = quarter at 120: a click fits where it divides 1/4 and 1/6, or they it, at most nine times. These are 1/36,
     * 1/24, 1/12, 1/2, 1, and 3/2; of them, 1/2 at 60 is on a metronome, and then those nearest to both beats come first.
     */
    @Test
    void settingsComeInTheOrderOfTheirUse() {
        List<MetronomeSetting> settings = MetronomeSetting.of(shift("120", "triplet quarter = quarter", "4/4", "4/4"));
        assertThat(settings)
                .extracting(MetronomeSetting::before)
                .containsExactly(value("1/2"), value("1/12"), value("1/24"), value("1"));
        assertThat(settings)
                .extracting(MetronomeSetting::perMinute)
                .containsExactly(BigFraction.of(60), BigFraction.of(360), BigFraction.of(720), BigFraction.of(30));
        assertThat(settings)
                .extracting(MetronomeSetting::isOnAnOrdinaryMetronome)
                .containsExactly(true, false, false, false);
    }

    /** The beat itself first, then its half and its double, all on a metronome; the third of it is too fast for one. */
    @Test
    void theBeatItselfComesBeforeItsPartsAndMultiples() {
        assertThat(MetronomeSetting.of(shift("96", "quarter = quarter", "4/4", "4/4")))
                .extracting(MetronomeSetting::before)
                .containsExactly(value("1/4"), value("1/8"), value("1/2"), value("1/12"));
    }

    /** Whole numbers on a metronome first, then what is at least in its range, however far from the beat. */
    @Test
    void whatAMetronomeCanDoComesBeforeWhatIsNear() {
        assertThat(MetronomeSetting.of(shift("201/2", "quarter = quarter", "4/4", "4/4")))
                .extracting(MetronomeSetting::before)
                .startsWith(value("1/8"), value("1/4"), value("1/2"));
        assertThat(MetronomeSetting.of(shift("301/10", "quarter = quarter", "4/4", "4/4")))
                .extracting(MetronomeSetting::before)
                .containsExactly(value("1/8"), value("1/12"), value("1/16"), value("1/20"));
    }

    /** A new beat of nine old ones: three of them and nine of them are on a metronome, one of them runs too fast for it. */
    @Test
    void nineBeatsAreTheMostThatAClickCanFill() {
        assertThat(MetronomeSetting.of(shift("360", "9/4 = 1/4", "4/4", "4/4")))
                .extracting(MetronomeSetting::before)
                .containsExactly(value("3/4"), value("9/4"), value("1/4"));
        assertThat(MetronomeSetting.of(shift("400", "10/4 = 1/4", "4/4", "4/4")))
                .extracting(MetronomeSetting::before)
                .doesNotContain(value("1/4"), value("10/4"));
    }

    /** A thousand bars are looked through, old ones and new ones, and none after them. */
    @Test
    void barLinesThatMeetInTheThousandthBarAreFoundAndNoLaterOnes() {
        assertThat(shift("96", "quarter = quarter", "1/8", "1000/8").barLineRealignment())
                .map(ModulationRealignment::oldBars)
                .contains(1_000L);
        assertThat(shift("96", "quarter = quarter", "1000/8", "1/8").barLineRealignment())
                .map(ModulationRealignment::newBars)
                .contains(1_000L);
        assertThat(shift("96", "quarter = quarter", "1/8", "1001/8").barLineRealignment())
                .isEmpty();
        assertThat(shift("96", "quarter = quarter", "1001/8", "1/8").barLineRealignment())
                .isEmpty();
    }

    /** Three beats before the change begin on the 2 of a last bar of four, in a phrase of two bars as well. */
    @Test
    void theSetUpBeginsInTheLastBarOfAPhrase() {
        assertThat(told(shift("84", "dotted quarter = half", "2/4, 4/4", "4/4")))
                .contains("from 2 of the last bar");
        assertThat(told(shift("84", "dotted quarter = half", "4/4, 2/4", "4/4")))
                .contains("from 4 of the bar 2 bars before the change");
    }

    @Test
    void aKnownPivotLeadsThereAndBackAndWithoutOneThePlainestIsTaken() {
        Pivot known = PivotText.read("triplet quarter = quarter");
        assertThat(Pivot.toward(TempoText.read("80"), TempoText.read("120"), List.of(known)))
                .isEqualTo(known);
        assertThat(Pivot.toward(TempoText.read("120"), TempoText.read("80"), List.of(known)))
                .isEqualTo(known.back());
        assertThat(Pivot.toward(TempoText.read("90"), TempoText.read("120"), List.of(known)))
                .isEqualTo(PivotText.read("3/16 = 1/4"));
        assertThat(Pivot.toward(TempoText.read("1/8=120"), TempoText.read("60"), List.of(known))
                        .ratio())
                .isEqualTo(BigFraction.ONE);
    }

    /** An ordinary metronome goes from 40 to 208, in whole numbers. */
    @ParameterizedTest
    @CsvSource({"40, true", "208, true", "39, false", "209, false"})
    void aMetronomeHasItsRange(int perMinute, boolean ordinary) {
        assertThat(new MetronomeSetting(NoteValue.QUARTER, NoteValue.QUARTER, BigFraction.of(perMinute))
                        .isOnAnOrdinaryMetronome())
                .isEqualTo(ordinary);
        assertThat(new MetronomeSetting(NoteValue.QUARTER, NoteValue.QUARTER, BigFraction.of(241, 2))
                        .isOnAnOrdinaryMetronome())
                .isFalse();
    }

    /** A known pivot comes first, there or back; then the plainest: 3/2 is a plain pair, 6/5 has no pair without tuplets. */
    @Test
    void aPivotTowardATempoIsAKnownOneOrThePlainest() {
        Pivot known = PivotText.read("1/4=3/16");
        Tempo from = Tempo.ofQuarters(90);
        assertThat(Pivot.toward(from, from, List.of(known)).isNone()).isTrue();
        assertThat(known.isNone()).isFalse();
        Tempo slower = new Tempo(NoteValue.QUARTER, from.perMinute().multiply(known.ratio()));
        assertThat(Pivot.toward(from, slower, List.of(known))).isEqualTo(known);
        assertThat(Pivot.toward(slower, from, List.of(known))).isEqualTo(known.back());
        Pivot plainest = Pivot.reaching(BigFraction.of(3, 2), List.of());
        assertThat(Long.bitCount(plainest.oldValue().denominator())).isEqualTo(1);
        assertThat(Long.bitCount(plainest.newValue().denominator())).isEqualTo(1);
        assertThat(Pivot.reaching(BigFraction.of(3, 2), List.of(value("1/8"))))
                .matches(pivot -> pivot.oldValue().equals(value("1/8"))
                        || pivot.newValue().equals(value("1/8")));
        assertThat(Pivot.reaching(BigFraction.of(41, 37), List.of(value("1/8"))).newValue())
                .isEqualTo(value("1/8"));
        assertThat(Pivot.reaching(BigFraction.of(41, 37), List.of()).newValue()).isEqualTo(NoteValue.QUARTER);
    }

    /** 112.5 on a metronome at 113: the click is early, by 60 (1 - 112.5/113) seconds a minute. */
    @Test
    void aRoundingTellsHowFarItDrifts() {
        RoundedTempo rounding = RoundedTempo.of(TempoText.read("112.5"));
        assertThat(rounding.whole()).isEqualTo(113);
        assertThat(rounding.isExact()).isFalse();
        assertThat(rounding.driftAfter(BigFraction.of(60))).isEqualTo(BigFraction.of(-30, 113));
        assertThat(RoundedTempo.of(Tempo.ofQuarters(120)).isExact()).isTrue();
        assertThat(RoundedTempo.of(TempoText.read("1/8=1")).whole()).isEqualTo(1);
    }

    /** A clicking metronome by hand: after n clicks the two are as far apart as the formula says. */
    @Property
    void driftIsWhatCountingClicksGives(
            @ForAll @IntRange(min = 10, max = 900) int tenths, @ForAll @IntRange(min = 1, max = 500) int clicks) {
        Tempo exact = new Tempo(NoteValue.QUARTER, BigFraction.of(tenths, 7).add(BigFraction.ONE));
        RoundedTempo rounding = RoundedTempo.of(exact);
        BigFraction meant = BigFraction.of(60L * clicks).divide(exact.perMinute());
        BigFraction heard = BigFraction.of(60L * clicks, rounding.whole());
        assertThat(rounding.driftAfter(meant)).isEqualTo(heard.subtract(meant));
    }

    /** A pivot for a ratio multiplies by just that ratio, and is named where a named one is known to exist. */
    @Property
    void aPivotForARatioHasThatRatio(
            @ForAll @IntRange(min = 1, max = 40) int above, @ForAll @IntRange(min = 1, max = 40) int below) {
        BigFraction ratio = BigFraction.of(above, below);
        assertThat(Pivot.reaching(ratio, List.of()).ratio()).isEqualTo(ratio);
        assertThat(Pivot.reaching(BigFraction.of(4, 3), List.of()))
                .isEqualTo(PivotText.read("dotted eighth = quarter"));
    }
}
