package nimblestride.core.language.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.exercise.plan.TimeAndFill;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.practice.journal.PracticeNote;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PractiseTextTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    @Provide
    static Arbitrary<Stage> stages() {
        Arbitrary<StageTask> tasks = Arbitraries.oneOf(
                Arbitraries.of(StageTask.Usual.class).map(task -> (StageTask) task),
                Arbitraries.of(Limb.class).map(StageTask.OneLimb::new),
                Arbitraries.integers().between(1, 1_000).map(StageTask.Displaced::new));
        Arbitrary<List<String>> layers = Arbitraries.of("kick", "hi-hat", "open hi-hat", "snare 2")
                .list()
                .uniqueElements()
                .ofMaxSize(3);
        Arbitrary<TimeAndFill> frames =
                Arbitraries.of(TimeAndFill.NONE, TimeAndFill.FREE, new TimeAndFill(3, 1), new TimeAndFill(64, 64));
        return Combinators.combine(tasks, layers, frames, Arbitraries.integers().between(10, 400))
                .as(Stage::new);
    }

    @Property
    void aStageThatIsWrittenIsReadAsItWas(@ForAll("stages") Stage stage) {
        assertThat(StageText.read(StageText.write(stage))).isEqualTo(stage);
        assertThat(StageText.read(StageText.writeToFile(stage))).isEqualTo(stage);
        assertThat(StageText.writeToFile(stage))
                .as("as the first version reads it")
                .doesNotContain("solo");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "juggle | column 1 | count aloud",
                "as written in 3-1 | column 15 | 3+1",
                "as written in 0+0 | column 15 | bars of time",
                "as written at fast % | column 15 | percentage",
                "as written at 900 % | column 15 | 10 to 400",
                "displaced by 0 | column 1 | 1 to 1,000",
                "all limbs of kick,, snare | column 14 | names of layers",
            })
    void whatIsNoStageSaysWhere(String typed, String place, String expected) {
        assertThatThrownBy(() -> StageText.read(typed))
                .isInstanceOf(TextException.class)
                .hasMessageContaining(place)
                .hasMessageContaining(expected);
    }

    @Test
    void aNoteIsOneLineInAnyOrder() {
        PracticeNote note = PracticeNoteText.read(
                "\"Weir Steps\" yesterday, clean, 1 h 20 min, at 1/8=210, hard 4& and a of 2: left hand: late",
                TODAY,
                named -> NoteValue.QUARTER);
        assertThat(note.what()).contains("Weir Steps");
        assertThat(note.day()).contains(LocalDate.of(2026, 11, 24));
        assertThat(note.seconds()).isEqualTo(4_800);
        assertThat(note.tempo()).contains(TempoText.read("1/8=210"));
        assertThat(note.rating()).contains(RepRating.CLEAN);
        assertThat(note.hard()).containsExactly("4&", "a of 2");
        assertThat(note.words()).isEqualTo("left hand: late");
        assertThat(PracticeNoteText.read("20min", TODAY, named -> NoteValue.QUARTER)
                        .seconds())
                .isEqualTo(1_200);
    }

    @Provide
    static Arbitrary<PracticeNote> notes() {
        return Combinators.combine(
                        Arbitraries.of("Weir Steps", "Oars in Elevens, slow").optional(),
                        Arbitraries.of(TODAY, LocalDate.of(2024, 2, 29)).optional(),
                        Arbitraries.integers().between(0, 86_400),
                        Arbitraries.of("96", "289/3", "1/8=210", "80.04", "1/8=144.125")
                                .map(TempoText::read)
                                .optional(),
                        Arbitraries.of(RepRating.class).optional(),
                        Arbitraries.of("", "left hand late", "a: b, c \"d\" at 9"),
                        Arbitraries.of("4&", "a of 2", "3 let of bar 2")
                                .list()
                                .uniqueElements()
                                .ofMaxSize(3))
                .as(PracticeNote::new);
    }

    @Provide
    static Arbitrary<NoteValue> beats() {
        return Arbitraries.of("1/4", "1/8", "3/8").map(NoteValue::parse);
    }

    /** As on the ladder: who practises at eighth = 168 writes 168, and the list says which beat that was. */
    @Test
    void aTempoOfANumberAloneCountsTheBeatThatIsMeant() {
        NoteValue eighth = NoteValue.of(1, 8);
        PracticeNote note = PracticeNoteText.read("20 min, at 168, clean", TODAY, named -> eighth);
        assertThat(note.tempo()).contains(TempoText.read("1/8=168"));
        assertThat(PracticeNoteText.write(note, eighth)).isEqualTo("20 min, at 1/8=168, clean");
        assertThat(PracticeNoteText.write(note, NoteValue.QUARTER)).isEqualTo("20 min, at 1/8=168, clean");
        PracticeNote quarters = PracticeNoteText.read("20 min, at 1/4=84", TODAY, named -> eighth);
        assertThat(quarters.tempo()).contains(Tempo.ofQuarters(84));
        assertThat(PracticeNoteText.write(quarters, eighth)).isEqualTo("20 min, at 1/4=84");
        assertThat(PracticeNoteText.write(quarters, NoteValue.QUARTER)).isEqualTo("20 min, at 84");
    }

    @Test
    void aTempoOfAnotherExerciseCountsTheBeatOfThatOne() {
        Function<Optional<String>, NoteValue> beatOf =
                named -> named.equals(Optional.of("Weir Steps")) ? NoteValue.of(1, 8) : NoteValue.QUARTER;
        assertThat(PracticeNoteText.read("\"Weir Steps\" at 168", TODAY, beatOf).tempo())
                .contains(TempoText.read("1/8=168"));
        assertThat(PracticeNoteText.read("\"Weir Steps\" at 1/4=84", TODAY, beatOf)
                        .tempo())
                .contains(Tempo.ofQuarters(84));
        assertThat(PracticeNoteText.read("at 168", TODAY, beatOf).tempo()).contains(Tempo.ofQuarters(168));
    }

    @Test
    void numbersOfBeatsAreWrittenSoThatNothingIsLost() {
        for (String written : List.of("96", "80.04", "144.125", "289/3", "1000/7")) {
            assertThat(TempoText.written(TempoText.read(written).perMinute())).isEqualTo(written);
        }
    }

    @Test
    void oneSpeedIsCountedInAnyBeat() {
        Tempo eighths = TempoText.read("1/8=210");
        assertThat(eighths.perMinuteIn(NoteValue.QUARTER)).isEqualTo(BigFraction.of(105));
        assertThat(eighths.perMinuteIn(NoteValue.of(3, 8))).isEqualTo(BigFraction.of(70));
        assertThat(eighths.perMinuteIn(NoteValue.of(1, 8))).isEqualTo(BigFraction.of(210));
    }

    @Property
    void aNoteThatIsWrittenIsReadAsItWas(@ForAll("notes") PracticeNote note, @ForAll("beats") NoteValue alone) {
        String written = PracticeNoteText.write(note, alone);
        if (!written.isBlank()) {
            assertThat(PracticeNoteText.read(written, TODAY, named -> alone)).isEqualTo(note);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "20 min, quickly | column 9 | For example",
                "2026-02-30, 20 min | column 1 | real date",
                "20 min, at pace | column 12 | a tempo",
                "25 h | column 1 | 24 hours",
                "`` | column 1 | what you practiced",
            })
    void whatIsNoNoteSaysWhere(String typed, String place, String expected) {
        assertThatThrownBy(() -> PracticeNoteText.read(typed, TODAY, named -> NoteValue.QUARTER))
                .isInstanceOf(TextException.class)
                .hasMessageContaining(place)
                .hasMessageContaining(expected);
    }

    @Test
    void lengthsAreSaidAsPeopleSayThem() {
        assertThat(PracticeNoteText.lasted(0)).isEqualTo("0 s");
        assertThat(PracticeNoteText.lasted(3_900)).isEqualTo("1 h 5 min");
        assertThat(PracticeNoteText.write(
                        new PracticeNote(
                                Optional.empty(),
                                Optional.empty(),
                                45,
                                Optional.of(Tempo.ofQuarters(96)),
                                Optional.empty(),
                                "",
                                List.of()),
                        NoteValue.QUARTER))
                .isEqualTo("45 s, at 96");
    }
}
