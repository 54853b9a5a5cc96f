package nimblestride.desktop.document.sample;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.stage.StagedExercise;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SampleBookTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    @Test
    void everyPieceOpensAndAddsUpAndEveryStageCanBePlayed(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("sample.book");
        SampleBook.make(file, TODAY);
        try (Book book = OpenBook.open(file).book()) {
            assertThat(book.exercises().size()).isEqualTo(14);
            assertThat(book.exercises().named(SampleBook.FIRST)).isPresent();
            for (ExerciseSummary kept : book.exercises().all()) {
                AnalyzedExercise answer = AnalyzedExercise.of(book.exercises().read(kept.id()));
                assertThat(answer.findings()).noneMatch(finding -> finding.category() == Category.CHECK);
                assertThat(answer.exercise().layers().isEmpty())
                        .isEqualTo(answer.exercise().recording().isPresent());
                for (Stage stage : answer.exercise().practice().stages()) {
                    assertThat(StagedExercise.of(answer.exercise(), stage)).isNotNull();
                }
            }
            assertThat(book.log().size()).isGreaterThan(80);
            assertThat(book.log().secondsByDay(LogOwner.USER, TODAY.minusWeeks(1), TODAY))
                    .isNotEmpty();
            assertThat(book.collections().all()).hasSize(2);
            for (Student student : book.students().students().subList(0, 2)) {
                assertThat(book.students().assignments(student.id())).isNotEmpty();
            }
            book.checkWhole();
        }
    }
}
