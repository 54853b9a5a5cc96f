package nimblestride.desktop.window;

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
import nimblestride.core.journal.Entry;
import nimblestride.core.teaching.Student;
import nimblestride.desktop.book.BookFiles;
import nimblestride.desktop.book.OpenBook;
import nimblestride.desktop.practising.LogFiles;
import nimblestride.formats.csv.LogCsv;
import nimblestride.formats.file.AtomicFile;
import nimblestride.formats.file.FileName;
import nimblestride.store.book.Book;
import nimblestride.store.database.Backups;

/** Writes the Book, or parts of it, to files the user names; keeps backups of it, and restores them. */
final class BookOut implements LogFiles {
    private final OpenBook book;
    private final Questions questions;
    private final Consumer<String> tell;

    BookOut(OpenBook book, Questions questions, Consumer<String> tell) {
        this.book = book;
        this.questions = questions;
        this.tell = tell;
    }

    /** What is written of a Book. */
    private interface Content {
        void of(Book open, OutputStream out) throws IOException;
    }

    private void write(String suggested, Content content) {
        questions.fileToSave(suggested).ifPresent(file -> book.ask(open -> {
                    AtomicFile.write(file, out -> content.of(open, out));
                    return file;
                })
                .ifPresent(written -> tell.accept("Wrote " + written + ".")));
    }

    /** All there is, as JSON. */
    void everything() {
        write("nimble-stride-book.json", BookFiles::writeAll);
    }

    @Override
    public void handOut() {
        Optional<String> name = questions.line("Hand your log out", "Your name, as your teacher knows you", "");
        name.ifPresent(mine -> write(
                FileName.of("log of " + mine) + ".json",
                (open, out) -> BookFiles.writeLog(open, Optional.empty(), mine, out)));
    }

    @Override
    public void table() {
        write("practice-log.csv", (open, out) -> {
            Map<UUID, String> names = new HashMap<>();
            for (Student student : open.register().students()) {
                names.put(student.id(), student.name());
            }
            Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            LogCsv.write(writer, open.log()::each, entry -> who(entry, names));
            writer.flush();
        });
    }

    private static String who(Entry entry, Map<UUID, String> names) {
        return entry.student().map(id -> names.getOrDefault(id, "a student")).orElse("me");
    }

    /** Some exercises for somebody's own program. */
    void exercises(List<UUID> ids, String whom) {
        write(
                FileName.of("for " + whom) + ".json",
                (open, out) -> BookFiles.writeExercises(open, Set.copyOf(ids), out));
    }

    /** A copy of the whole Book, as it is, in a place of the user's own. */
    void backUp() {
        questions.fileToSave("nimble-stride-" + book.today() + ".book").ifPresent(file -> book.ask(open -> {
                    book.backups().copyTo(file);
                    return file;
                })
                .ifPresent(copy -> tell.accept("The whole Book is in " + copy + ".")));
    }

    /** Puts a backup in the Book's place, after asking which. */
    void restore() {
        try {
            List<Backups.Backup> all = book.backups().all();
            if (all.isEmpty()) {
                questions.tell("There is no backup yet", "One is made each day the program is used.");
                return;
            }
            List<String> names = all.stream()
                    .map(one -> one.name() + String.format("  (%,d kB)", one.bytes() / 1_000))
                    .toList();
            questions
                    .choose("Restore a backup", "The Book as it is now is put aside among the backups.", names)
                    .ifPresent(number -> restore(all.get(number).file()));
        } catch (IOException e) {
            questions.tell("The backups cannot be listed", e.getMessage());
        }
    }

    private void restore(Path backup) {
        try {
            book.restore(backup);
            tell.accept("Restored " + backup.getFileName() + ".");
        } catch (IOException e) {
            questions.tell("This backup could not be restored", e.getMessage());
        }
    }
}
