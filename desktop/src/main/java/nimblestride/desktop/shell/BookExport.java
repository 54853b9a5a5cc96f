package nimblestride.desktop.shell;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.library.BookTransfer;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.workspace.practice.LogFiles;
import nimblestride.files.AtomicFile;
import nimblestride.files.SafeFileName;
import nimblestride.formats.csv.LogCsv;
import nimblestride.store.book.Book;
import nimblestride.store.database.Backups;

/** Writes the Book, or parts of it, to files the user names; keeps backups of it, and restores them. */
final class BookExport implements LogFiles {
    private final OpenBook book;
    private final Dialogs questions;
    private final Consumer<String> tell;

    BookExport(OpenBook book, Dialogs questions, Consumer<String> tell) {
        this.book = book;
        this.questions = questions;
        this.tell = tell;
    }

    /** What is written of a Book. */
    private interface Content {
        void of(Book open, OutputStream out) throws IOException;
    }

    private void write(String suggested, Content content) {
        questions
                .fileToSave(suggested)
                .ifPresent(file -> book.run(
                        "Writing " + file.getFileName(),
                        (open, progress) -> {
                            AtomicFile.write(file, out -> content.of(open, out));
                            return file;
                        },
                        written -> tell.accept("Wrote " + written + ".")));
    }

    /** All there is, as JSON. */
    void everything() {
        write("nimble-stride-book.json", BookTransfer::writeAll);
    }

    @Override
    public void handOut() {
        Optional<String> name = questions.askLine("Hand your log out", "Your name, as your teacher knows you", "");
        name.ifPresent(mine -> write(
                SafeFileName.of("log of " + mine) + ".json",
                (open, out) -> BookTransfer.writeLog(open, Optional.empty(), mine, out)));
    }

    @Override
    public void table() {
        write("practice-log.csv", (open, out) -> {
            Map<UUID, String> names = new HashMap<>();
            for (Student student : open.students().students()) {
                names.put(student.id(), student.name());
            }
            Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            LogCsv.write(writer, open.log()::each, entry -> who(entry, names));
            writer.flush();
        });
    }

    private static String who(LogEntry entry, Map<UUID, String> names) {
        return entry.student().map(id -> names.getOrDefault(id, "a student")).orElse("me");
    }

    /** Some exercises for somebody's own program. */
    void exercises(List<UUID> ids, String whom) {
        write(
                SafeFileName.of("for " + whom) + ".json",
                (open, out) -> BookTransfer.writeExercises(open, Set.copyOf(ids), out));
    }

    /** Copies the whole Book, as it is, to a place of the user's own: never into the folder the program keeps it in. */
    void backUp() {
        questions
                .fileToSave("nimble-stride-" + book.today() + ".book", Optional.of(homeOfTheUser()))
                .ifPresent(file -> book.run(
                        "Backing up the Book to " + file.getFileName(),
                        (open, progress) -> {
                            open.backups().copyTo(file);
                            return file;
                        },
                        copy -> tell.accept("The whole Book is in " + copy + ".")));
    }

    private static Path homeOfTheUser() {
        return Path.of(System.getProperty("user.home", "."));
    }

    /** Restores a backup into the Book, after asking which. */
    void restore() {
        List<Backups.Backup> all;
        try {
            all = book.backups().all();
        } catch (StrideException e) {
            questions.showError("The backups can't be listed", e.getMessage());
            return;
        }
        if (all.isEmpty()) {
            questions.showError("There is no backup yet", "The program makes one each day it is used.");
            return;
        }
        List<String> names = all.stream()
                .map(one -> one.name() + "  (" + Counted.number(one.bytes() / 1_000) + " kB)")
                .toList();
        questions
                .choose("Restore a backup", "The Book as it is now goes among the backups.", names)
                .ifPresent(number -> restore(all.get(number).file()));
    }

    private void restore(Path backup) {
        book.restore(backup, () -> tell.accept("Restored " + backup.getFileName() + "."));
    }

    /** Makes a new Book in the place of a file that can't be opened, after asking. */
    void startNew() {
        if (questions.confirm(
                "Start a new Book?",
                "The file that can't be opened is moved to the folder backups, beside the Book.",
                "Start a new Book")) {
            book.startNew();
        }
    }
}
