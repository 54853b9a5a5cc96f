package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.service.Status;
import nimblestride.files.SafeFileName;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.store.book.ChangedElsewhereException;
import nimblestride.store.book.ExerciseSummary;

/** Opens and saves the exercise of this window. Asks before it replaces one that is not saved. */
final class BookLibrary implements Library {
    private final ExerciseDocument document;
    private final Dialogs dialogs;
    private final OpenBook book;
    private final BookBackups backups;
    private final Status status;

    BookLibrary(ExerciseDocument document, Dialogs dialogs, OpenBook book, BookBackups backups, Status status) {
        this.document = document;
        this.dialogs = dialogs;
        this.book = book;
        this.backups = backups;
        this.status = status;
    }

    /** Opens a blank exercise. */
    void newExercise() {
        if (mayReplace()) {
            document.open(ExerciseDocument.blank());
            status.show("New exercise.");
        }
    }

    @Override
    public boolean open(Exercise exercise) {
        if (!mayReplace()) {
            return false;
        }
        document.open(Draft.of(exercise));
        return true;
    }

    @Override
    public void open(ExerciseSummary kept) {
        book.ask(one -> one.exercises().read(kept.id())).ifPresent(exercise -> {
            if (mayReplace()) {
                document.open(new Draft(exercise, Optional.empty(), Optional.of(inBook(kept)), true));
                status.show("Opened " + kept.name() + ".");
            }
        });
    }

    @Override
    public void open(UUID id) {
        book.ask(one -> one.exercises().find(id))
                .ifPresent(found -> found.ifPresentOrElse(
                        this::open, () -> status.show("This exercise is no longer in the Book.")));
    }

    /**
     * Opens an exercise file.
     *
     * @throws StrideException if it can't be read; then nothing changes
     */
    void openFile(Path file) {
        Exercise exercise = ExerciseJson.read(file);
        if (mayReplace()) {
            document.open(new Draft(exercise, Optional.of(file), Optional.empty(), true));
            status.show("Opened " + file.getFileName() + ".");
        }
    }

    @Override
    public boolean add(Exercise exercise, String fileName, byte[] original) {
        if (!mayReplace()) {
            return false;
        }
        Optional<ExerciseSummary> kept = book.change(one -> one.inTransaction(() -> {
            ExerciseSummary added = one.exercises().add(exercise, book.now());
            one.importedFiles().keep(added.id(), fileName, original);
            return added;
        }));
        document.open(new Draft(exercise, Optional.empty(), kept.map(BookLibrary::inBook), kept.isPresent()));
        kept.ifPresent(now ->
                status.show("\"" + now.name() + "\" is in the Book, with " + fileName + ", which it came from."));
        return true;
    }

    @Override
    public void add(List<Exercise> exercises) {
        book.change(one -> one.exercises().addAll(exercises, book.now()))
                .ifPresent(kept -> status.show("Kept " + Counted.count(kept.size(), "exercise") + " in the Book."));
    }

    @Override
    public void removed(UUID id) {
        if (document.inBookProperty().get().filter(here -> here.id().equals(id)).isPresent()) {
            document.removedFromBook();
        }
    }

    /** Returns whether the open exercise may be replaced: it is saved, or the user agrees to lose the changes. */
    private boolean mayReplace() {
        if (document.savedProperty().get()) {
            return true;
        }
        return switch (dialogs.confirmSave(document.exerciseProperty().get().name())) {
            case SAVE -> saveWhereItCameFrom();
            case LET_GO -> true;
            case CANCEL -> false;
        };
    }

    /**
     * Saves to the file the exercise came from, else to the Book. Returns whether it did; if not, it has shown why.
     */
    boolean saveWhereItCameFrom() {
        return document.fileProperty().get().map(this::write).orElseGet(this::save);
    }

    /** Asks for a file and saves to it. */
    void saveAs() {
        dialogs.fileToSave(SafeFileName.of(document.exerciseProperty().get().name()) + ".json")
                .map(BookLibrary::withEnding)
                .ifPresent(this::write);
    }

    private static Path withEnding(Path file) {
        return file.getFileName().toString().contains(".") ? file : file.resolveSibling(file.getFileName() + ".json");
    }

    private boolean write(Path file) {
        Exercise exercise = document.exerciseProperty().get();
        try {
            ExerciseJson.write(exercise, file);
            document.savedToFile(file, exercise);
            status.show("Saved as " + file + ".");
            return true;
        } catch (StrideException e) {
            dialogs.showError("I can't save the exercise", e.getMessage() + "\n\nIt is still open, unchanged.");
            return false;
        }
    }

    @Override
    public boolean save() {
        Exercise exercise = document.exerciseProperty().get();
        try {
            Optional<ExerciseSummary> kept =
                    book.change(one -> document.inBookProperty().get().isEmpty()
                            ? one.exercises().add(exercise, book.now())
                            : one.exercises().save(inBook(exercise), exercise, book.now()));
            kept.ifPresent(now -> {
                document.savedInBook(inBook(now), exercise);
                status.show("\"" + now.name() + "\" is in the Book.");
            });
            return kept.isPresent();
        } catch (ChangedElsewhereException e) {
            return addBeside(exercise, e.getMessage());
        }
    }

    private ExerciseSummary inBook(Exercise exercise) {
        InBook here = document.inBookProperty().get().orElseThrow();
        return new ExerciseSummary(here.id(), exercise.name(), "", here.revision());
    }

    private boolean addBeside(Exercise exercise, String why) {
        if (!dialogs.confirm(
                "Another window changed this exercise",
                why + "\n\nYou can keep yours as a separate exercise.",
                "Keep mine separately")) {
            return false;
        }
        Optional<ExerciseSummary> kept = book.change(one -> one.exercises().add(exercise, book.now()));
        kept.ifPresent(now -> document.savedInBook(inBook(now), exercise));
        return kept.isPresent();
    }

    private static InBook inBook(ExerciseSummary kept) {
        return new InBook(kept.id(), kept.revision());
    }

    @Override
    public void restoreBackup() {
        backups.restore();
    }

    @Override
    public void startNewBook() {
        backups.startNew();
    }
}
