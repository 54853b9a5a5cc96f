package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Tally;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.async.Commands;
import nimblestride.desktop.document.exercise.Desk;
import nimblestride.desktop.document.library.BookFiles;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.workspace.importing.Original;
import nimblestride.files.AtomicFile;
import nimblestride.files.FileName;
import nimblestride.formats.json.BookJson;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.formats.json.LogJson;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.formats.source.FromElsewhere;
import nimblestride.store.book.ChangedElsewhere;
import nimblestride.store.book.Kept;

/** New, open, save, and the rest of what moves exercises between the desk, the Book and files. */
public final class FileMenu {
    private final Desk desk;
    private final Questions questions;
    private final OpenBook book;
    private final Commands commands;
    private final Consumer<String> status;
    private Consumer<Original> bringing = original -> {};

    /** @param status is told what has been done */
    FileMenu(Desk desk, Questions questions, OpenBook book, Commands commands, Consumer<String> status) {
        this.desk = desk;
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
            desk.lay(blank());
            status.accept("A new exercise.");
        }
    }

    void open() {
        questions.fileToOpen(List.of("json")).ifPresent(this::open);
    }

    void bringIn() {
        questions.fileToOpen(FromElsewhere.ENDINGS).ifPresent(this::open);
    }

    /** @param begin shows what is in a file of another program, to be taken or left */
    void setBringing(Consumer<Original> begin) {
        bringing = begin;
    }

    /** A score that was copied elsewhere. */
    void paste(String text) {
        bringing.accept(Original.pasted(text));
    }

    /**
     * Opens a file: an exercise lies on the desk then, a Book or a log is taken over, a score or a MIDI file is shown before it is
     * taken. One that cannot be read changes nothing.
     */
    void open(Path file) {
        try {
            if (FromElsewhere.isCalledSo(file)) {
                bringing.accept(Original.of(file));
                return;
            }
            switch (BookFiles.formatOf(file)) {
                case BookJson.FORMAT -> {
                    LocalDateTime now = book.now();
                    book.run(
                            "Importing " + file.getFileName(),
                            (one, progress) -> BookFiles.takeOver(one, file, now, progress),
                            status);
                }
                case LogJson.FORMAT ->
                    book.run(
                            "Merging " + file.getFileName(),
                            (one, progress) -> BookFiles.mergeLog(one, Optional.empty(), file, progress),
                            merged -> status.accept("Into your own log: " + BookFiles.said(merged) + "."));
                default -> openExercise(file);
            }
        } catch (StrideException e) {
            questions.tell("This file can't be opened", file + "\n\n" + e.getMessage());
        }
    }

    /** Lays an exercise on the desk that is nowhere yet; false where what lies there is to stay. */
    boolean lay(Exercise exercise) {
        if (!mayReplace()) {
            return false;
        }
        desk.lay(Draft.of(exercise));
        return true;
    }

    /** What was brought in comes into the Book with the file it came from; without a Book it is nowhere yet. */
    boolean take(Exercise exercise, String fileName, byte[] original) {
        if (!mayReplace()) {
            return false;
        }
        Optional<Kept> kept = book.change(one -> one.together(() -> {
            Kept added = one.shelf().add(exercise, book.now());
            one.originals().keep(added.id(), fileName, original);
            return added;
        }));
        desk.lay(new Draft(exercise, Optional.empty(), kept.map(FileMenu::inBook), kept.isPresent()));
        kept.ifPresent(now ->
                status.accept("\"" + now.name() + "\" is in the Book, with " + fileName + ", which it came from."));
        return true;
    }

    /** Writes the file that the exercise on the desk came from, just as it came. */
    void saveOriginal() {
        Optional<UUID> id = desk.inBook().get().map(InBook::id);
        Optional<String> name =
                id.flatMap(one -> book.ask(open -> open.originals().nameOf(one)).flatMap(found -> found));
        if (name.isEmpty()) {
            status.accept("This exercise was not brought in from a file.");
            return;
        }
        questions
                .fileToSave(name.get())
                .ifPresent(file -> book.run(
                        "Writing " + file.getFileName(),
                        (open, progress) -> {
                            open.originals().contentOf(id.get()).ifPresent(content -> AtomicFile.write(file, content));
                            return file;
                        },
                        written -> status.accept("Wrote " + written + ".")));
    }

    private void openExercise(Path file) {
        Exercise exercise = ExerciseJson.read(file);
        if (mayReplace()) {
            desk.lay(new Draft(exercise, Optional.of(file), Optional.empty(), true));
            status.accept("Opened " + file.getFileName() + ".");
        }
    }

    /** Opens an exercise of the Book. */
    void open(Kept kept) {
        book.ask(one -> one.shelf().read(kept.id())).ifPresent(exercise -> {
            if (mayReplace()) {
                desk.lay(new Draft(exercise, Optional.empty(), Optional.of(inBook(kept)), true));
                status.accept("Opened " + kept.name() + ".");
            }
        });
    }

    /** Opens the exercise of the Book with an id. */
    void openKept(UUID id) {
        book.ask(one -> one.shelf().find(id))
                .ifPresent(found -> found.ifPresentOrElse(
                        this::open, () -> status.accept("This exercise is no longer in the Book.")));
    }

    private static InBook inBook(Kept kept) {
        return new InBook(kept.id(), kept.revision());
    }

    /** What has been taken out of the Book may still lie on the desk. */
    void takenOut(UUID id) {
        if (desk.inBook().get().filter(lying -> lying.id().equals(id)).isPresent()) {
            desk.takenOut();
        }
    }

    /** Whether what lies on the desk may give way: it is saved, or the user lets it go. */
    private boolean mayReplace() {
        if (desk.saved().get()) {
            return true;
        }
        return switch (questions.keepChanges(desk.exercise().get().name())) {
            case SAVE -> save();
            case LET_GO -> true;
            case CANCEL -> false;
        };
    }

    /** Saves where it came from; what is nowhere yet comes into the Book. */
    boolean save() {
        return desk.file().get().map(this::write).orElseGet(this::keepInBook);
    }

    boolean saveAs() {
        Optional<Path> chosen =
                questions.fileToSave(FileName.of(desk.exercise().get().name()) + ".json");
        return chosen.map(FileMenu::withEnding).map(this::write).orElse(false);
    }

    private static Path withEnding(Path file) {
        return file.getFileName().toString().contains(".") ? file : file.resolveSibling(file.getFileName() + ".json");
    }

    /** Puts the exercise into the Book, or writes it there anew. */
    boolean keepInBook() {
        Exercise exercise = desk.exercise().get();
        try {
            Optional<Kept> kept = book.change(one -> desk.inBook().get().isEmpty()
                    ? one.shelf().add(exercise, book.now())
                    : one.shelf().save(lying(exercise), exercise, book.now()));
            kept.ifPresent(now -> {
                desk.keptAs(inBook(now), exercise);
                status.accept("\"" + now.name() + "\" is in the Book.");
            });
            return kept.isPresent();
        } catch (ChangedElsewhere e) {
            return keepBeside(exercise, e.getMessage());
        }
    }

    private Kept lying(Exercise exercise) {
        InBook lying = desk.inBook().get().orElseThrow();
        return new Kept(lying.id(), exercise.name(), "", lying.revision());
    }

    private boolean keepBeside(Exercise exercise, String why) {
        if (!questions.sure("It is not as it was", why + "\n\nYours can be kept beside it.", "Keep mine beside it")) {
            return false;
        }
        Optional<Kept> kept = book.change(one -> one.shelf().add(exercise, book.now()));
        kept.ifPresent(now -> desk.keptAs(inBook(now), exercise));
        return kept.isPresent();
    }

    /** Puts exercises into the Book beside what lies on the desk: all of them, or none. */
    void keepInBook(List<Exercise> exercises) {
        book.change(one -> one.shelf().addAll(exercises, book.now()))
                .ifPresent(kept -> status.accept("Kept " + Tally.count(kept.size(), "exercise") + " in the Book."));
    }

    private boolean write(Path file) {
        Exercise exercise = desk.exercise().get();
        try {
            ExerciseJson.write(exercise, file);
            desk.savedTo(file, exercise);
            status.accept("Saved as " + file + ".");
            return true;
        } catch (StrideException e) {
            questions.tell(
                    "The exercise could not be saved", e.getMessage() + "\n\nIt is still on the desk, unchanged.");
            return false;
        }
    }

    void saveMidi() {
        Exercise exercise = desk.exercise().get();
        questions.fileToSave(FileName.of(exercise.name()) + ".mid").ifPresent(file -> {
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
