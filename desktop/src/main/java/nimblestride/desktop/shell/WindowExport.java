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
import java.util.function.Supplier;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.library.BookTransfer;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Export;
import nimblestride.desktop.service.Status;
import nimblestride.files.AtomicFile;
import nimblestride.files.SafeFileName;
import nimblestride.formats.csv.LogCsv;
import nimblestride.formats.export.ExportFormat;
import nimblestride.formats.picture.PdfFile;
import nimblestride.store.book.Book;
import nimblestride.web.Booklet;
import nimblestride.web.PracticePage;

/** Exports to files as commands, which run in order and can be canceled. */
final class WindowExport implements Export {
    private final OpenBook book;
    private final Dialogs dialogs;
    private final CommandQueue commands;
    private final Status status;
    private final SheetPrinter printer;

    WindowExport(OpenBook book, Dialogs dialogs, CommandQueue commands, Status status, SheetPrinter printer) {
        this.book = book;
        this.dialogs = dialogs;
        this.commands = commands;
        this.status = status;
        this.printer = printer;
    }

    @Override
    public void exercise(Exercise exercise, ExportFormat format, Sheet sheet) {
        write(
                SafeFileName.of(exercise.name()) + "." + format.ending(),
                format.title(),
                () -> format.write(exercise, sheet));
    }

    @Override
    public void pages(String title, List<Drawing> pages) {
        if (!pages.isEmpty()) {
            write(
                    SafeFileName.of(title) + ".pdf",
                    ExportFormat.PDF.title(),
                    () -> PdfFile.write(title, pages, PaperSize.pointsToTheSpace()));
        }
    }

    @Override
    public void webPage(Booklet booklet) {
        write(SafeFileName.of(booklet.title()) + ".html", "web page", () -> PracticePage.write(booklet));
    }

    private void write(String suggested, String what, Supplier<byte[]> content) {
        dialogs.fileToSave(suggested).ifPresent(file -> write(file, what, content));
    }

    private void write(Path file, String what, Supplier<byte[]> content) {
        commands.run(
                "Exporting the " + what + " " + file.getFileName(),
                progress -> {
                    byte[] bytes = content.get();
                    progress.report(-1);
                    AtomicFile.write(file, bytes);
                    return file;
                },
                written -> status.show("Exported " + written + "."));
    }

    @Override
    public void print(String title, List<Drawing> pages, PaperSize paper) {
        printer.print(title, pages, paper);
    }

    /** Writes a part of a Book. */
    private interface Content {
        void write(Book open, OutputStream out) throws IOException;
    }

    private void writeFromBook(String suggested, Content content) {
        dialogs.fileToSave(suggested)
                .ifPresent(file -> book.run(
                        "Exporting " + file.getFileName(),
                        (open, progress) -> {
                            AtomicFile.write(file, out -> content.write(open, out));
                            return file;
                        },
                        written -> status.show("Exported " + written + ".")));
    }

    @Override
    public void exercises(List<UUID> exercises, String forWhom) {
        writeFromBook(
                SafeFileName.of("for " + forWhom) + ".json",
                (open, out) -> BookTransfer.writeExercises(open, Set.copyOf(exercises), out));
    }

    @Override
    public void log() {
        Optional<String> name = dialogs.askLine("Share your log", "Your name, as your teacher knows you", "");
        name.ifPresent(mine -> writeFromBook(
                SafeFileName.of("log of " + mine) + ".json",
                (open, out) -> BookTransfer.writeLog(open, LogOwner.USER, mine, out)));
    }

    @Override
    public void logTable() {
        writeFromBook("practice-log.csv", (open, out) -> {
            Map<UUID, String> names = new HashMap<>();
            for (Student student : open.students().students()) {
                names.put(student.id(), student.name());
            }
            Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            LogCsv.write(writer, open.log()::each, entry -> player(entry, names));
            writer.flush();
        });
    }

    private static String player(LogEntry entry, Map<UUID, String> names) {
        return entry.student().map(id -> names.getOrDefault(id, "a student")).orElse("me");
    }

    @Override
    public void book() {
        writeFromBook("nimble-stride-book.json", BookTransfer::writeAll);
    }
}
