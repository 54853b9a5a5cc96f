package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.exercise.DraftStore;
import nimblestride.desktop.document.library.BookTransfer;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.sound.render.SilentBars;
import nimblestride.store.book.Book;
import nimblestride.store.book.PracticeLog;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What version 0.1.0 left on people's disks opens as it was: files it wrote are kept beside this test. */
class LandedDataTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 28, 18, 0);
    private static final CommandQueue.Progress QUIET = part -> {};

    @TempDir
    private Path folder;

    private Path landed(String name) throws IOException {
        Path file = folder.resolve(name);
        try (InputStream in = LandedDataTest.class.getResourceAsStream("/nimblestride/desktop/landed/" + name)) {
            Files.copy(in, file);
        }
        return file;
    }

    @Test
    void itsBookOpensWithEverythingInIt() throws IOException {
        try (Book book = OpenBook.open(landed("sample.book")).book()) {
            book.checkWhole();
            assertThat(book.exercises().size()).isEqualTo(12);
            for (var kept : book.exercises().all()) {
                assertThat(book.exercises().read(kept.id()).name()).isEqualTo(kept.name());
            }
            assertThat(book.collections().all()).hasSize(2);
            assertThat(book.students().students()).hasSize(4);
            assertThat(book.log().size()).isEqualTo(152);
        }
    }

    @Test
    void itsFilesAreReadAndMergedOnce() throws IOException {
        try (Book book = OpenBook.open(folder.resolve("new.book")).book()) {
            assertThat(BookTransfer.merge(book, landed("book.json"), NOW, QUIET))
                    .startsWith("12 exercises new");
            assertThat(book.log().size()).isEqualTo(152);
            PracticeLog.Merged merged = BookTransfer.mergeLog(book, LogOwner.USER, landed("log.json"), QUIET);
            assertThat(merged.added() + merged.changed()).isZero();
        }
        assertThat(ExerciseJson.read(landed("turning-the-barge.json")).sections())
                .hasSize(5);
    }

    @Test
    void itsDraftIsPickedUp() throws IOException {
        landed("desk-1.json");
        try (DraftStore drafts = DraftStore.open(folder)) {
            Draft draft = drafts.last().orElseThrow();
            assertThat(draft.exercise().name()).isEqualTo("Turning the Barge");
            assertThat(draft.inBook()).isPresent();
            assertThat(draft.saved()).isFalse();
        }
    }

    @Test
    void itsSettingsHoldUntilNewOnesAreWritten() throws IOException {
        landed("settings.properties");
        Settings.Found found = Settings.in(folder);
        assertThat(found.problem()).isEmpty();
        Settings settings = found.settings();
        assertThat(settings.night()).isTrue();
        assertThat(settings.counting().system()).isEqualTo(CountingSystem.GROUPS);
        assertThat(settings.rests()).isEqualTo(20);
        assertThat(settings.sound().latency()).isEqualTo(35);
        assertThat(settings.sound().countIn()).isEqualTo(2);
        assertThat(settings.sound().click().silence()).isEqualTo(new SilentBars.Regular(1, 4));
        assertThat(settings.sound().levels().band()).isEqualTo(0.5);
        assertThat(settings.sound().levels().voices().levels()).containsEntry("snare", 1.25);
        settings.write(folder);
        assertThat(Settings.in(folder)).isEqualTo(found);
    }
}
