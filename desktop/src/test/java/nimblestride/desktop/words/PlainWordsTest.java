package nimblestride.desktop.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.insight.glossary.Glossary;
import nimblestride.core.insight.wording.Wording;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.files.AtomicFile;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.sound.render.Mix;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.terminal.StrideCommand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Reads every string a user can meet, and checks it against the {@link WordRules}. New strings are read by themselves. */
class PlainWordsTest {
    /** One class of each module. */
    private static final List<Class<?>> MODULES = List.of(
            Exercise.class,
            ExerciseJson.class,
            Mix.class,
            Book.class,
            AtomicFile.class,
            SampleBook.class,
            StrideCommand.class);

    private static final Set<String> FILE_WORDS = Set.of("quarters a minute", "how it went");

    /** Every constant with words in it: labels, tooltips, dialogs, errors, advice. */
    @Test
    void everyTextInTheProgramIsPlain() {
        List<String> wrong = new ArrayList<>();
        for (Class<?> module : MODULES) {
            for (Map.Entry<String, List<String>> of :
                    ClassStrings.beside(module).entrySet()) {
                of.getValue().stream().filter(PlainWordsTest::isProse).forEach(text -> WordRules.problems(text)
                        .forEach(problem -> wrong.add(problem + " in " + of.getKey() + ": " + text)));
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** Leaves out queries, patterns, styles, signs of stickings and syllables, and the words of file formats. */
    private static boolean isProse(String text) {
        boolean words = text.matches("(?s).*\\p{L}{2,}.* .*\\p{L}{2,}.*|[A-Z][a-z]+(…|\\.)?");
        boolean code = text.matches(
                        "(?s).*(\\\\|\\(\\?|-fx-|-ns-|<\\?|\\bSELECT\\b|\\bINSERT\\b|\\bUPDATE\\b|\\bDELETE\\b|"
                                + "\\bJOIN\\b|\\bPRAGMA\\b|\\bVALUES\\b|\\bORDER BY\\b|\\bWHERE\\b|\\bVACUUM\\b|\\bCOLLATE\\b|=\"|%,?\\.?\\d*[dsf]).*")
                && !text.contains("%,d")
                && !text.contains("%.0f");
        boolean signs = text.matches("([^ ]{1,3}( |$))+");
        return words && !code && !signs && !FILE_WORDS.contains(text);
    }

    @Test
    void theGlossaryIsPlain() {
        assertThat(Glossary.all()).allSatisfy(term -> assertThat(WordRules.problems(term.definition()))
                .isEmpty());
    }

    /** All findings, details, and readings of the sample Book. */
    @Test
    void theSampleBookIsPlainAndNoExerciseSaysMoreThanSixThings(@TempDir Path folder) {
        Path file = folder.resolve("sample.book");
        SampleBook.make(file, LocalDate.of(2026, 11, 25));
        try (Book book = OpenBook.open(file).book()) {
            for (ExerciseSummary kept : book.exercises().all()) {
                Exercise exercise = book.exercises().read(kept.id());
                assertThat(Findings.of(Analysis.of(exercise)).stream().filter(finding -> !finding.isBehindMore()))
                        .as(exercise.name())
                        .hasSizeLessThanOrEqualTo(6);
                check(exercise);
            }
        }
    }

    @Property(tries = 150)
    void findingsOfAnyExerciseArePlain(@ForAll(supplier = AnyExercise.class) Exercise exercise) {
        check(exercise);
    }

    private static void check(Exercise exercise) {
        Stream<String> findings = Findings.of(Analysis.of(exercise)).stream()
                .flatMap(finding -> Stream.concat(
                        Stream.of(
                                finding.sentence(),
                                finding.sum(),
                                finding.fix().map(Finding.Fix::label).orElse("")),
                        finding.details().facts().stream()
                                .map(Wording::of)
                                .flatMap(words -> Stream.of(words.sentence(), words.sum()))));
        Stream<String> readings = exercise.phrase().kinds().stream()
                .flatMap(bar -> Readings.of(bar.meter(), ReadingFilter.ANY).limit(12))
                .map(Reading::why);
        assertThat(Stream.concat(findings, readings)
                        .flatMap(text -> WordRules.problems(text).stream().map(problem -> problem + " in: " + text)))
                .as(exercise.name())
                .isEmpty();
    }

    /** The check itself can fail: each kind of slip is found. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Left lying: Weir Steps",
                "The kick is never heard.",
                "96 beats a minute",
                "This cannot be written so.",
                "What you practised",
                "The snare plays quarrters.",
                "It lasts a double-dotted whole",
                "A sentence that goes on and on and on, with one idea after another and no rest between them, until nobody who"
                        + " plays drums wants to read it any more"
            })
    void slipsAreFound(String text) {
        assertThat(WordRules.problems(text)).isNotEmpty();
    }
}
