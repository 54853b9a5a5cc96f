package nimblestride.desktop.workspace.students;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.WindowServices;
import nimblestride.files.AtomicFile;
import nimblestride.files.FileException;
import nimblestride.files.UniqueFileNames;
import nimblestride.formats.picture.PdfFile;
import nimblestride.store.book.Book;
import nimblestride.web.PracticePage;

/** Shares the homework of all students in one go: a booklet and a web page for each, in one folder, named by student. */
final class ClassHomework {
    private final OpenBook book;
    private final Supplier<Sheet> sheet;
    private final WindowServices services;

    /** What was written. */
    private record Written(Path folder, int students, int without) {
        String said() {
            if (students == 0) {
                return "Nobody has anything to do, so nothing was written.";
            }
            String none = without == 0 ? "" : " " + Counted.count(without, "student") + " had nothing to do.";
            return "Wrote a booklet and a web page for " + Counted.count(students, "student") + " into " + folder + "."
                    + none;
        }
    }

    ClassHomework(OpenBook book, Supplier<Sheet> sheet, WindowServices services) {
        this.book = book;
        this.sheet = sheet;
        this.services = services;
    }

    /** Asks for a folder, and writes a new one into it. Whoever cancels, or meets an error, finds nothing there. */
    void write() {
        Sheet now = sheet.get();
        String day = book.today().toString();
        services.dialogs()
                .folderToOpen()
                .ifPresent(folder -> book.run(
                        "Sharing homework",
                        (open, progress) -> write(open, now, folder, "homework-" + day, progress),
                        written -> services.status().show(written.said())));
    }

    private static Written write(Book open, Sheet sheet, Path folder, String name, CommandQueue.Progress progress) {
        Path coming = folder.resolve(".coming-" + UUID.randomUUID());
        try {
            Files.createDirectory(coming);
            try {
                int without = writeAll(open, sheet, coming, progress);
                int students = open.students().students().size() - without;
                Path target = unused(folder, name);
                if (students > 0) {
                    Files.move(coming, target);
                }
                return new Written(target, students, without);
            } finally {
                delete(coming);
            }
        } catch (IOException e) {
            throw FileException.writing(folder, e);
        }
    }

    /** Returns how many students have nothing to do. */
    private static int writeAll(Book open, Sheet sheet, Path into, CommandQueue.Progress progress) {
        List<Student> students = open.students().students();
        UniqueFileNames names = new UniqueFileNames();
        int without = 0;
        for (int i = 0; i < students.size(); i++) {
            progress.report((double) i / students.size());
            Homework homework = Homework.of(open, students.get(i), sheet);
            if (homework.isEmpty()) {
                without++;
            } else {
                write(homework, sheet, into, names.next(students.get(i).name()));
            }
        }
        return without;
    }

    private static void write(Homework homework, Sheet sheet, Path into, String name) {
        try {
            AtomicFile.write(into.resolve(name + ".html"), PracticePage.write(homework.page()));
            AtomicFile.write(
                    into.resolve(name + ".pdf"),
                    PdfFile.write(homework.title(), homework.booklet(sheet), PaperSize.pointsToTheSpace()));
        } catch (InvalidValueException e) {
            throw new InvalidValueException(homework.title() + ": " + e.getMessage(), e);
        }
    }

    private static Path unused(Path folder, String name) {
        Path target = folder.resolve(name);
        for (int number = 2; Files.exists(target); number++) {
            target = folder.resolve(name + "-" + number);
        }
        return target;
    }

    /** Removes what was not finished; there is nothing where it was moved. */
    private static void delete(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (DirectoryStream<Path> files = Files.newDirectoryStream(folder)) {
                for (Path file : files) {
                    Files.delete(file);
                }
            }
            Files.delete(folder);
        }
    }
}
