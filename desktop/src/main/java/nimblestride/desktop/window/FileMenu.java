package nimblestride.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Meter;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.Tally;
import nimblestride.core.value.Tempo;
import nimblestride.desktop.book.BookFiles;
import nimblestride.desktop.book.OpenBook;
import nimblestride.desktop.desk.Desk;
import nimblestride.formats.file.FileName;
import nimblestride.formats.json.BookJson;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.formats.json.LogJson;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.formats.midi.MidiImport;
import nimblestride.store.book.ChangedElsewhere;
import nimblestride.store.book.Kept;

/** New, open, save, and the rest of what moves exercises between the desk, the Book and files. */
public final class FileMenu {
    private static final String MIDI = "midi";

    private final Desk desk;
    private final Questions questions;
    private final OpenBook book;
    private final Consumer<String> status;

    /** @param status is told what has been done */
    FileMenu(Desk desk, Questions questions, OpenBook book, Consumer<String> status) {
        this.desk = desk;
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
        questions.fileToOpen("json").ifPresent(this::open);
    }

    void bringIn() {
        questions.fileToOpen("mid").ifPresent(this::open);
    }

    /** Opens a file: an exercise lies on the desk then, a Book or a log is taken over. One that cannot be read changes nothing. */
    void open(Path file) {
        try {
            switch (kind(file)) {
                case BookJson.FORMAT ->
                    book.change(one -> BookFiles.takeOver(one, file, book.now()))
                            .ifPresent(status);
                case LogJson.FORMAT ->
                    book.change(one -> BookFiles.mergeLog(one, Optional.empty(), file))
                            .ifPresent(merged -> status.accept("Into your own log: " + BookFiles.said(merged) + "."));
                case MIDI -> openMidi(file);
                default -> openExercise(file);
            }
        } catch (IOException e) {
            questions.tell("This file cannot be opened", file + "\n\n" + e.getMessage());
        }
    }

    /** What comes from a MIDI file is an exercise that is nowhere yet; what has not come across is told. */
    private void openMidi(Path file) throws IOException {
        MidiImport.Imported imported = MidiImport.read(file);
        if (mayReplace()) {
            desk.lay(new Draft(imported.exercise(), Optional.empty(), Optional.empty(), false));
            status.accept("Brought in " + file.getFileName() + ". It is in no file yet.");
            if (!imported.leftOut().isEmpty()) {
                questions.tell("Not everything came across", String.join("\n\n", imported.leftOut()));
            }
        }
    }

    private static String kind(Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".mid") || name.endsWith(".midi") ? MIDI : BookFiles.formatOf(file);
    }

    private void openExercise(Path file) throws IOException {
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
        Optional<Path> chosen = questions.fileToSave(FileName.of(desk.exercise().get()) + ".json");
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
        } catch (IOException e) {
            questions.tell(
                    "The exercise could not be saved", e.getMessage() + "\n\nIt is still on the desk, unchanged.");
            return false;
        }
    }

    void saveMidi() {
        Exercise exercise = desk.exercise().get();
        questions.fileToSave(FileName.of(exercise) + ".mid").ifPresent(file -> {
            try {
                ExerciseMidi.write(exercise, file);
                status.accept("Wrote " + file + ".");
            } catch (IOException | IllegalArgumentException e) {
                questions.tell("The MIDI file could not be written", e.getMessage());
            }
        });
    }
}
