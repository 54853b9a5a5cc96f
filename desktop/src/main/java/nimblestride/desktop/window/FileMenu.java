package nimblestride.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Meter;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.Tempo;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.desk.Newest;
import nimblestride.formats.file.AtomicFile;
import nimblestride.formats.file.FileName;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.sound.file.WavFile;
import nimblestride.sound.render.Take;

/** New, open, save, and the rest of what moves exercises between the desk and files. */
public final class FileMenu {
    private final Desk desk;
    private final Questions questions;
    private final Consumer<String> status;
    private final Runnable filesChanged;
    private final Path book;
    private final Newest writing = new Newest("writing sound");

    /**
     * @param status is told what has been done
     * @param filesChanged is called after a file has been written
     */
    FileMenu(Desk desk, Questions questions, Path book, Consumer<String> status, Runnable filesChanged) {
        this.desk = desk;
        this.questions = questions;
        this.book = book;
        this.status = status;
        this.filesChanged = filesChanged;
    }

    /** What a new exercise is: one bar of 4/4. */
    public static Draft blank() {
        Phrase phrase = Phrase.of(Bar.of(Meter.of(4, 4)));
        return new Draft(new Exercise("New exercise", phrase, List.of(), Tempo.ofQuarters(96)), Optional.empty(), true);
    }

    void newExercise() {
        if (mayReplace()) {
            desk.lay(blank());
            status.accept("A new exercise.");
        }
    }

    void open() {
        questions.fileToOpen().ifPresent(this::open);
    }

    /** Opens a file; one that cannot be read leaves the desk as it is. */
    void open(Path file) {
        try {
            Exercise exercise = ExerciseJson.read(file);
            if (mayReplace()) {
                desk.lay(new Draft(exercise, Optional.of(file), true));
                status.accept("Opened " + file.getFileName() + ".");
            }
        } catch (IOException e) {
            questions.tell("This file cannot be opened", file + "\n\n" + e.getMessage());
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

    boolean save() {
        return desk.file().get().map(this::write).orElseGet(this::saveAs);
    }

    boolean saveAs() {
        Optional<Path> chosen = questions.fileToSave(FileName.of(desk.exercise().get()) + ".json");
        return chosen.map(FileMenu::withEnding).map(this::write).orElse(false);
    }

    private static Path withEnding(Path file) {
        return file.getFileName().toString().contains(".") ? file : file.resolveSibling(file.getFileName() + ".json");
    }

    /** Puts the exercise into the Book under a name no other file there has. */
    void keepInBook() {
        if (desk.file().get().filter(file -> book.equals(file.getParent())).isPresent()) {
            save();
            return;
        }
        write(freeFile(desk.exercise().get()));
    }

    /** A file of the Book that is not there yet. */
    private Path freeFile(Exercise exercise) {
        String name = FileName.of(exercise);
        Path file = book.resolve(name + ".json");
        for (int number = 2; Files.exists(file); number++) {
            file = book.resolve(name + "-" + number + ".json");
        }
        return file;
    }

    /** Puts exercises into the Book beside what lies on the desk, each under a name no other file there has. */
    void keepInBook(List<Exercise> exercises) {
        int kept = 0;
        try {
            Files.createDirectories(book);
            for (Exercise exercise : exercises) {
                ExerciseJson.write(exercise, freeFile(exercise));
                kept++;
            }
            status.accept(String.format("Kept %,d exercises in the Book.", kept));
        } catch (IOException e) {
            questions.tell(
                    "The set could not be kept",
                    String.format("%,d of %,d are in the Book.%n%n%s", kept, exercises.size(), e.getMessage()));
        }
        filesChanged.run();
    }

    private boolean write(Path file) {
        Exercise exercise = desk.exercise().get();
        try {
            ExerciseJson.write(exercise, file);
            desk.savedTo(file, exercise);
            status.accept("Saved as " + file + ".");
            filesChanged.run();
            return true;
        } catch (IOException e) {
            questions.tell(
                    "The exercise could not be saved", e.getMessage() + "\n\nIt is still on the desk, unchanged.");
            return false;
        }
    }

    /** Writes what would be played now, click and count-in and all, faster than it is heard. */
    void saveWav(Take take) {
        questions.fileToSave(FileName.of(take.exercise()) + ".wav").ifPresent(file -> {
            status.accept("Rendering " + file + "…");
            writing.ask(() -> wav(take, file), problem -> {
                if (problem.isEmpty()) {
                    status.accept("Wrote " + file + ".");
                } else {
                    status.accept("");
                    questions.tell("The WAV file could not be written", problem.get());
                }
            });
        });
    }

    private static Optional<String> wav(Take take, Path file) {
        try {
            AtomicFile.write(file, out -> WavFile.USUAL.write(take, out));
            return Optional.empty();
        } catch (IOException | IllegalArgumentException e) {
            return Optional.of(String.valueOf(e.getMessage()));
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
