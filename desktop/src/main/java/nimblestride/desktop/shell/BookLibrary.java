package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.language.difference.Differences;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookAutosave;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.workspace.importing.RepeatedImport;
import nimblestride.files.SourceFile;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.RemovedItem;

/**
 * Opens exercises in this window, and brings them into the Book. Nothing is ever asked about what was open: the Book has
 * it.
 */
final class BookLibrary implements Library {
    /** The largest file of an exercise that is kept with it, in bytes. */
    private static final int MAX_BYTES = 64 << 20;

    private final ExerciseDocument document;
    private final OpenBook book;
    private final BookAutosave autosave;
    private final BookEdits edits;
    private final BookBackups backups;
    private final RepeatedImportView repeats;
    private final Status status;

    BookLibrary(
            ExerciseDocument document,
            OpenBook book,
            BookAutosave autosave,
            BookEdits edits,
            BookBackups backups,
            RepeatedImportView repeats,
            Status status) {
        this.document = document;
        this.book = book;
        this.autosave = autosave;
        this.edits = edits;
        this.backups = backups;
        this.repeats = repeats;
        this.status = status;
    }

    /** Opens a blank exercise. */
    void newExercise() {
        document.open(ExerciseDocument.blank());
        status.show("New exercise.");
    }

    @Override
    public void open(Exercise exercise) {
        document.open(Draft.of(exercise));
    }

    @Override
    public void open(ExerciseSummary kept) {
        open(kept.id());
    }

    @Override
    public void open(UUID id) {
        if (document.is(id)) {
            return;
        }
        book.ask(one -> one.exercises().find(id))
                .ifPresent(found -> found.ifPresentOrElse(
                        this::openFound, () -> status.show("This exercise is no longer in the Book.")));
    }

    private void openFound(ExerciseSummary found) {
        Optional<InBook> place = Optional.of(new InBook(found.id(), found.revision()));
        autosave.unsaved(found.id())
                .ifPresentOrElse(waiting -> opened(new Draft(waiting, place, false)), () -> book.ask(
                                one -> one.exercises().read(found.id()))
                        .ifPresent(exercise -> opened(new Draft(exercise, place, true))));
    }

    private void opened(Draft draft) {
        document.open(draft);
        status.show("Opened " + draft.exercise().name() + ".");
    }

    /**
     * Imports an exercise file.
     *
     * @throws StrideException if it can't be read; then nothing changes
     */
    void importFile(Path file) {
        Exercise exercise = ExerciseJson.read(file);
        add(exercise, file.getFileName().toString(), SourceFile.bytes(file, MAX_BYTES, "an exercise"));
    }

    @Override
    public void add(Exercise exercise, String fileName, byte[] original) {
        Optional<ExerciseSummary> before = book.book().isEmpty()
                ? Optional.empty()
                : book.ask(one -> one.importedFiles()
                                .importedAs(fileName, original)
                                .flatMap(one.exercises()::find))
                        .flatMap(found -> found);
        if (before.isEmpty()) {
            addNew(exercise, fileName, original);
            return;
        }
        UUID id = before.get().id();
        autosave.unsaved(id)
                .or(() -> book.ask(one -> one.exercises().read(id)))
                .ifPresent(there -> addAgain(id, there, exercise, fileName, original));
    }

    /** Opens what is the same as in the Book; else asks which of both to keep. */
    private void addAgain(UUID id, Exercise there, Exercise exercise, String fileName, byte[] original) {
        if (Differences.between(there, exercise).isEmpty()) {
            open(id);
            status.show("\"" + there.name() + "\" is in the Book already, just as in " + fileName + ".");
            return;
        }
        repeats.show(new RepeatedImport(fileName, there, exercise), new RepeatedImport.Choice() {
            @Override
            public void openTheOneInTheBook() {
                open(id);
            }

            @Override
            public void replace() {
                BookLibrary.this.replace(id, exercise, fileName, original);
            }

            @Override
            public void keepBoth() {
                addNew(exercise, fileName, original);
            }
        });
    }

    @Override
    public void addAndOpen(Exercise exercise) {
        Optional<ExerciseSummary> kept = book.change(one -> one.exercises().add(exercise, book.now()));
        document.open(new Draft(exercise, kept.map(BookLibrary::inBook), true));
    }

    private void addNew(Exercise exercise, String fileName, byte[] original) {
        Optional<ExerciseSummary> kept = book.change(one -> one.inTransaction(() -> {
            ExerciseSummary added = one.exercises().add(exercise, book.now());
            one.importedFiles().keep(added.id(), fileName, original);
            return added;
        }));
        document.open(new Draft(exercise, kept.map(BookLibrary::inBook), true));
        kept.ifPresent(now -> status.show("Imported " + fileName + ". \"" + now.name() + "\" is in the Book."));
    }

    /** Replaces an exercise by what a file holds; its history keeps what it was, and undo brings that back. */
    private void replace(UUID id, Exercise exercise, String fileName, byte[] original) {
        open(id);
        if (!document.is(id)) {
            return;
        }
        Exercise before = document.exerciseProperty().get();
        boolean kept = book.ask(one -> one.inTransaction(() -> {
                    one.history().name(id, before, "Before importing " + fileName, book.now());
                    one.importedFiles().keep(id, fileName, original);
                    return true;
                }))
                .isPresent();
        if (kept) {
            document.edit(now -> exercise);
            status.show("Replaced by " + fileName + ". Its history keeps the one before.");
        }
    }

    @Override
    public void add(List<Exercise> exercises) {
        book.change(one -> one.exercises().addAll(exercises, book.now()))
                .ifPresent(kept -> status.show(Counted.count(kept.size(), "exercise") + " added to the Book."));
    }

    @Override
    public void remove(ExerciseSummary exercise) {
        boolean isOpen = document.is(exercise.id());
        if (isOpen) {
            document.open(ExerciseDocument.blank());
        }
        autosave.finish(exercise.id());
        if (!edits.remove(RemovedItem.Kind.EXERCISE, exercise.id(), exercise.name()) && isOpen) {
            open(exercise.id());
        }
    }

    @Override
    public void rename(ExerciseSummary exercise, String name) {
        try {
            if (document.is(exercise.id())) {
                document.edit(now -> now.withName(name));
            } else {
                edits.rename(exercise, name);
            }
        } catch (StrideException e) {
            status.show("I can't use this name: " + e.getMessage() + ".");
        }
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
