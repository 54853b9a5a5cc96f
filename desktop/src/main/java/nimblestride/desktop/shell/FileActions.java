package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javafx.scene.input.Clipboard;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookTransfer;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.workspace.importing.ImportedOriginal;
import nimblestride.desktop.workspace.listen.RecordingImport;
import nimblestride.files.AtomicFile;
import nimblestride.formats.json.BookJson;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.formats.json.LogJson;
import nimblestride.formats.source.FileImporter;
import nimblestride.sound.recording.AudioKind;

/** Imports files of every kind the program reads, wherever they come from: the menu, a drop, or the clipboard. */
final class FileActions {
    private final ExerciseDocument document;
    private final Dialogs dialogs;
    private final OpenBook book;
    private final Status status;
    private final BookLibrary library;
    private final ImportView importing;
    private final RecordingImport recordings;

    FileActions(
            ExerciseDocument document,
            Dialogs dialogs,
            OpenBook book,
            Status status,
            BookLibrary library,
            ImportView importing,
            RecordingImport recordings) {
        this.document = document;
        this.dialogs = dialogs;
        this.book = book;
        this.status = status;
        this.library = library;
        this.importing = importing;
        this.recordings = recordings;
    }

    /** Asks for a file of any kind the program reads, and imports it. */
    void open() {
        List<String> endings = new ArrayList<>(List.of("json"));
        endings.addAll(FileImporter.ENDINGS);
        endings.addAll(AudioKind.allEndings());
        dialogs.fileToOpen(endings).ifPresent(this::open);
    }

    /** Returns the open exercise. */
    Exercise exercise() {
        return document.exerciseProperty().get();
    }

    /** Opens the file on the clipboard, or the score that is there as text. */
    void paste() {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        if (clipboard.hasFiles() && !clipboard.getFiles().isEmpty()) {
            open(clipboard.getFiles().get(0).toPath());
        } else if (clipboard.hasString() && clipboard.getString().stripLeading().startsWith("<")) {
            importing.begin(ImportedOriginal.pasted(clipboard.getString()));
        } else {
            status.show("The clipboard holds no file or score to paste.");
        }
    }

    /**
     * Imports a file: adds an exercise to the Book, merges a Book or a log, and shows a score or a MIDI file before it
     * imports any of it. If the file can't be read, shows why and changes nothing.
     */
    void open(Path file) {
        try {
            if (AudioKind.isCalledSo(file)) {
                recordings.open(file);
                return;
            }
            if (FileImporter.isCalledSo(file)) {
                importing.begin(ImportedOriginal.of(file));
                return;
            }
            switch (BookTransfer.formatOf(file)) {
                case BookJson.FORMAT -> mergeBook(file);
                case LogJson.FORMAT -> mergeLog(file);
                default -> library.importFile(file);
            }
        } catch (StrideException e) {
            dialogs.showError("I can't import this file", file + "\n\n" + e.getMessage());
        }
    }

    private void mergeBook(Path file) {
        LocalDateTime now = book.now();
        book.run(
                "Importing " + file.getFileName(),
                (one, progress) -> BookTransfer.merge(one, file, now, progress),
                status::show);
    }

    private void mergeLog(Path file) {
        book.run(
                "Merging " + file.getFileName(),
                (one, progress) -> BookTransfer.mergeLog(one, LogOwner.USER, file, progress),
                merged -> status.show("Merged into your log: " + BookTransfer.said(merged) + "."));
    }

    /** Asks where to write the file the open exercise was imported from, and writes it unchanged. */
    void saveOriginal() {
        Optional<UUID> id = document.inBookProperty().get().map(InBook::id);
        Optional<String> name = id.flatMap(
                one -> book.ask(open -> open.importedFiles().nameOf(one)).flatMap(found -> found));
        if (name.isEmpty()) {
            status.show("This exercise was not imported, so it has no original file.");
            return;
        }
        dialogs.fileToSave(name.get())
                .ifPresent(file -> book.run(
                        "Exporting " + file.getFileName(),
                        (open, progress) -> {
                            open.importedFiles()
                                    .contentOf(id.get())
                                    .ifPresent(content -> AtomicFile.write(file, content));
                            return file;
                        },
                        written -> status.show("Exported " + written + ".")));
    }
}
