package nimblestride.desktop.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import nimblestride.core.finding.Finding;
import nimblestride.desktop.desk.Answer;
import nimblestride.formats.json.ExerciseJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SampleBookTest {
    @Test
    void everyPieceOpensAndAddsUp(@TempDir Path folder) throws IOException {
        Path first = SampleBook.copyTo(folder);
        assertThat(first).exists();
        BookFolder book = new BookFolder(folder);
        assertThat(book.entries()).hasSizeGreaterThanOrEqualTo(4).allMatch(BookFolder.Entry::readable);
        for (BookFolder.Entry entry : book.entries()) {
            Answer answer = Answer.to(ExerciseJson.read(entry.file()));
            assertThat(answer.findings()).noneMatch(finding -> finding.kind() == Finding.Kind.CHECK);
            assertThat(answer.exercise().layers()).isNotEmpty();
        }
        Files.writeString(folder.resolve("broken.json"), "{");
        assertThat(book.entries())
                .anyMatch(entry -> !entry.readable() && entry.about().contains("line 1"));
    }
}
