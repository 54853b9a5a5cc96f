package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookTransfer;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.workspace.importing.ImportedOriginal;
import nimblestride.files.AtomicFile;
import nimblestride.files.SafeFileName;
import nimblestride.formats.json.BookJson;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.formats.json.LogJson;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.formats.source.FileImporter;
import nimblestride.store.book.ChangedElsewhereException;
import nimblestride.store.book.ExerciseSummary;

/** New, open, save, and the rest of what moves exercises between the desk, the Book and files. */
public final class FileMenu {
    private final ExerciseDocument document;
    private final Dialogs questions;
    private final OpenBook book;
    private final CommandQueue commands;
    private final Consumer<String> status;
    private Consumer<ImportedOriginal> bringing = original -> {};

    /** @param status is told what has been done */
    FileMenu(
            ExerciseDocument document,
            Dialogs questions,
            OpenBook book,
            CommandQueue commands,
            Consumer<String> status) {
        this.document = document;
        this.commands = commands;
        this.questions = questions;
        this.book = book;
        this.status = status;
    }

    /** What a new exercise is: one bar of 4/4. */
    public static Draft blank() {
        Phrase phrase = Phrase.of(Bar.of(Meter.of(4, 4)));
        return Draft.of(new Exercise("New exercise", phrase, List.of(), Tempo.ofQuarters(96)));
    }

    void newExercise() {
        if (mayReplace()) {
            document.open(blank());
            status.accept("A new exercise.");
        }
    }

    void open() {
        questions.fileToOpen(List.of("json")).ifPresent(this::open);
    }

    void bringIn() {
        questions.fileToOpen(FileImporter.ENDINGS).ifPresent(this::open);
    }

    /** @param begin shows what is in a file of another program, to be taken or left */
    void setBringing(Consumer<ImportedOriginal> begin) {
        bringing = begin;
    }

    /** A score that was copied elsewhere. */
    void paste(String text) {
        bringing.accept(ImportedOriginal.pasted(text));
    }

    /**
     * Opens a file: an exercise lies on the desk then, a Book or a log is taken over, a score or a MIDI file is shown before it is
     * taken. One that cannot be read changes nothing.
     */
    void open(Path file) {
        try {
            if (FileImporter.isCalledSo(file)) {
                bringing.accept(ImportedOriginal.of(file));
                return;
            }
            switch (BookTransfer.formatOf(file)) {
                case BookJson.FORMAT -> {
                    LocalDateTime now = book.now();
                    book.run(
                            "Importing " + file.getFileName(),
                            (one, progress) -> BookTransfer.takeOver(one, file, now, progress),
                            status);
                }
                case LogJson.FORMAT ->
                    book.run(
                            "Merging " + file.getFileName(),
                            (one, progress) -> BookTransfer.mergeLog(one, Optional.empty(), file, progress),
                            merged -> status.accept("Into your own log: " + BookTransfer.said(merged) + "."));
                default -> openExercise(file);
            }
        } catch (StrideException e) {
            questions.showError("This file can't be opened", file + "\n\n" + e.getMessage());
        }
    }

    /** Lays an exercise on the desk that is nowhere yet; false where what lies there is to stay. */
    boolean lay(Exercise exercise) {
        if (!mayReplace()) {
            return false;
        }
        document.open(Draft.of(exercise));
        return true;
    }

    /** What was brought in comes into the Book with the file it came from; without a Book it is nowhere yet. */
    boolean take(Exercise exercise, String fileName, byte[] original) {
        if (!mayReplace()) {
            return false;
        }
        Optional<ExerciseSummary> kept = book.change(one -> one.inTransaction(() -> {
            ExerciseSummary added = one.exercises().add(exercise, book.now());
            one.importedFiles().keep(added.id(), fileName, original);
            return added;
        }));
        document.open(new Draft(exercise, Optional.empty(), kept.map(FileMenu::inBook), kept.isPresent()));
        kept.ifPresent(now ->
                status.accept("\"" + now.name() + "\" is in the Book, with " + fileName + ", which it came from."));
        return true;
    }

    /** Writes the file that the exercise on the desk came from, just as it came. */
    void saveOriginal() {
        Optional<UUID> id = document.inBookProperty().get().map(InBook::id);
        Optional<String> name = id.flatMap(
                one -> book.ask(open -> open.importedFiles().nameOf(one)).flatMap(found -> found));
        if (name.isEmpty()) {
            status.accept("This exercise was not brought in from a file.");
            return;
        }
        questions
                .fileToSave(name.get())
                .ifPresent(file -> book.run(
                        "Writing " + file.getFileName(),
                        (open, progress) -> {
                            open.importedFiles()
                                    .contentOf(id.get())
                                    .ifPresent(content -> AtomicFile.write(file, content));
                            return file;
                        },
                        written -> status.accept("Wrote " + written + ".")));
    }

    private void openExercise(Path file) {
        Exercise exercise = ExerciseJson.read(file);
        if (mayReplace()) {
            document.open(new Draft(exercise, Optional.of(file), Optional.empty(), true));
            status.accept("Opened " + file.getFileName() + ".");
        }
    }

    /** Opens an exercise of the Book. */
    void open(ExerciseSummary kept) {
        book.ask(one -> one.exercises().read(kept.id())).ifPresent(exercise -> {
            if (mayReplace()) {
                document.open(new Draft(exercise, Optional.empty(), Optional.of(inBook(kept)), true));
                status.accept("Opened " + kept.name() + ".");
            }
        });
    }

    /** Opens the exercise of the Book with an id. */
    void openKept(UUID id) {
        book.ask(one -> one.exercises().find(id))
                .ifPresent(found -> found.ifPresentOrElse(
                        this::open, () -> status.accept("This exercise is no longer in the Book.")));
    }

    private static InBook inBook(ExerciseSummary kept) {
        return new InBook(kept.id(), kept.revision());
    }

    /** What has been taken out of the Book may still lie on the desk. */
    void takenOut(UUID id) {
        if (document.inBookProperty()
                .get()
                .filter(lying -> lying.id().equals(id))
                .isPresent()) {
            document.removedFromBook();
        }
    }

    /** Whether what lies on the desk may give way: it is saved, or the user lets it go. */
    private boolean mayReplace() {
        if (document.savedProperty().get()) {
            return true;
        }
        return switch (questions.confirmSave(document.exerciseProperty().get().name())) {
            case SAVE -> save();
            case LET_GO -> true;
            case CANCEL -> false;
        };
    }

    /** Saves where it came from; what is nowhere yet comes into the Book. */
    boolean save() {
        return document.fileProperty().get().map(this::write).orElseGet(this::keepInBook);
    }

    boolean saveAs() {
        Optional<Path> chosen = questions.fileToSave(
                SafeFileName.of(document.exerciseProperty().get().name()) + ".json");
        return chosen.map(FileMenu::withEnding).map(this::write).orElse(false);
    }

    private static Path withEnding(Path file) {
        return file.getFileName().toString().contains(".") ? file : file.resolveSibling(file.getFileName() + ".json");
    }

    /** Puts the exercise into the Book, or writes it there anew. */
    boolean keepInBook() {
        Exercise exercise = document.exerciseProperty().get();
        try {
            Optional<ExerciseSummary> kept =
                    book.change(one -> document.inBookProperty().get().isEmpty()
                            ? one.exercises().add(exercise, book.now())
                            : one.exercises().save(lying(exercise), exercise, book.now()));
            kept.ifPresent(now -> {
                document.savedInBook(inBook(now), exercise);
                status.accept("\"" + now.name() + "\" is in the Book.");
            });
            return kept.isPresent();
        } catch (ChangedElsewhereException e) {
            return keepBeside(exercise, e.getMessage());
        }
    }

    private ExerciseSummary lying(Exercise exercise) {
        InBook lying = document.inBookProperty().get().orElseThrow();
        return new ExerciseSummary(lying.id(), exercise.name(), "", lying.revision());
    }

    private boolean keepBeside(Exercise exercise, String why) {
        if (!questions.confirm(
                "It is not as it was", why + "\n\nYours can be kept beside it.", "Keep mine beside it")) {
            return false;
        }
        Optional<ExerciseSummary> kept = book.change(one -> one.exercises().add(exercise, book.now()));
        kept.ifPresent(now -> document.savedInBook(inBook(now), exercise));
        return kept.isPresent();
    }

    /** Puts exercises into the Book beside what lies on the desk: all of them, or none. */
    void keepInBook(List<Exercise> exercises) {
        book.change(one -> one.exercises().addAll(exercises, book.now()))
                .ifPresent(kept -> status.accept("Kept " + Counted.count(kept.size(), "exercise") + " in the Book."));
    }

    private boolean write(Path file) {
        Exercise exercise = document.exerciseProperty().get();
        try {
            ExerciseJson.write(exercise, file);
            document.savedToFile(file, exercise);
            status.accept("Saved as " + file + ".");
            return true;
        } catch (StrideException e) {
            questions.showError(
                    "The exercise could not be saved", e.getMessage() + "\n\nIt is still on the desk, unchanged.");
            return false;
        }
    }

    void saveMidi() {
        Exercise exercise = document.exerciseProperty().get();
        questions.fileToSave(SafeFileName.of(exercise.name()) + ".mid").ifPresent(file -> {
            commands.run(
                    "Writing the MIDI file " + file.getFileName(),
                    progress -> {
                        AtomicFile.write(file, ExerciseMidi.write(exercise));
                        return file;
                    },
                    written -> status.accept("Wrote " + written + "."));
        });
    }
}
