package nimblestride.desktop.workspace.listen;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.exercise.recording.HitMarks;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.KnownAbout;
import nimblestride.core.transcription.recording.RecordingMeters;
import nimblestride.core.transcription.recording.RecordingProposal;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.LoadedRecording;
import nimblestride.desktop.playback.OpenRecording;
import nimblestride.sound.recording.RecordingShelf;
import nimblestride.sound.recording.SecondThread;

/** Makes an exercise of a recording: copies it into the Book's folder, listens to it, and takes the likeliest meter. */
public final class RecordingImport {
    private static final Tempo NO_TEMPO = Tempo.ofQuarters(100);

    private final OpenBook book;
    private final OpenRecording recording;
    private final Consumer<Exercise> open;

    /** A recording, and the exercise that was made of it. */
    private record Heard(LoadedRecording recording, Exercise exercise) {}

    /** @param open adds an exercise to the Book, and opens it */
    public RecordingImport(OpenBook book, OpenRecording recording, Consumer<Exercise> open) {
        this.book = book;
        this.recording = recording;
        this.open = open;
    }

    /** Reads a file in the background; an error is shown, and changes nothing. */
    public void open(Path file) {
        RecordingShelf shelf = recording.shelf();
        book.run("Listening to " + file.getFileName(), (any, progress) -> heard(shelf, file), heard -> {
            recording.offer(heard.recording);
            open.accept(heard.exercise);
        });
    }

    private static Heard heard(RecordingShelf shelf, Path file) {
        try (SecondThread copying = new SecondThread("copying")) {
            LoadedRecording loaded = OpenRecording.read(copying.begin(() -> shelf.add(file)), file);
            return new Heard(loaded, exercise(file.getFileName().toString(), loaded));
        }
    }

    private static Exercise exercise(String fileName, LoadedRecording loaded) {
        List<HeardHit> hits = loaded.heard().hits();
        List<RecordingProposal> proposals =
                RecordingMeters.of(hits, loaded.heard().seconds(), KnownAbout.NOTHING);
        Phrase phrase = proposals.isEmpty()
                ? Phrase.of(Bar.of(Meter.of(4, 4)))
                : proposals.get(0).phrase();
        Tempo tempo = proposals.isEmpty() ? NO_TEMPO : proposals.get(0).exerciseTempo();
        double first = hits.isEmpty() ? 0 : hits.get(0).at();
        BeatMap beats = proposals.isEmpty()
                ? BeatMap.steady(first, tempo)
                : proposals.get(0).beats();
        LinkedRecording linked = new LinkedRecording(
                loaded.content(),
                fileName,
                loaded.heard().seconds(),
                LinkedRecording.DEFAULT_SENSITIVITY,
                HitMarks.NONE,
                beats);
        return new Exercise(title(fileName), phrase, List.of(), tempo).withRecording(linked);
    }

    private static String title(String fileName) {
        int dot = fileName.lastIndexOf('.');
        String name = (dot > 0 ? fileName.substring(0, dot) : fileName)
                .replace('_', ' ')
                .replace('-', ' ')
                .strip();
        return name.isEmpty()
                ? fileName
                : name.length() > Exercise.MAX_NAME_LENGTH ? name.substring(0, Exercise.MAX_NAME_LENGTH) : name;
    }
}
