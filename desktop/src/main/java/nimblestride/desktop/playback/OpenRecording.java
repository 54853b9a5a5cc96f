package nimblestride.desktop.playback;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.MarkedHits;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.sound.recording.RecordingShelf;
import nimblestride.sound.render.RecordingMix;
import nimblestride.sound.render.RecordingTrack;

/** The recording of the open exercise: read in the background, and heard along with it. Follows the exercise. */
public final class OpenRecording implements AutoCloseable {
    private static final int FINE = 960;
    private static final int MAX_BARS = 1_000_000;

    private final ExerciseDocument document;
    private final RecordingShelf shelf;
    private final LatestOnly reading = new LatestOnly("reading a recording");
    private final AtomicLong newest = new AtomicLong();
    private final ReadOnlyObjectWrapper<Optional<LoadedRecording>> loaded =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper("");
    private Optional<String> wanted = Optional.empty();
    private Optional<LoadedRecording> offered = Optional.empty();
    private Optional<Hits> hits = Optional.empty();

    /** The hits of a recording, and what they were made from. */
    private record Hits(LinkedRecording of, List<HeardHit> hits) {
        boolean areOf(LinkedRecording recording) {
            return of.content().equals(recording.content())
                    && of.sensitivity() == recording.sensitivity()
                    && of.marks().equals(recording.marks());
        }
    }

    /** A recording that was read, or why it can't be; and which question it answers. */
    private record Read(Optional<LoadedRecording> recording, String problem, long number) {}

    /** @param shelf with the recordings of the Book */
    public OpenRecording(ExerciseDocument document, RecordingShelf shelf) {
        this.document = document;
        this.shelf = shelf;
        document.exerciseProperty().addListener(change -> follow());
        follow();
    }

    /** Returns where the Book keeps recordings. */
    public RecordingShelf shelf() {
        return shelf;
    }

    /** Returns the recording of the open exercise, once it is read; empty for none, and while it is read. */
    public ReadOnlyObjectProperty<Optional<LoadedRecording>> loadedProperty() {
        return loaded.getReadOnlyProperty();
    }

    /** Returns why the recording can't be read; empty where it can. */
    public ReadOnlyStringProperty problemProperty() {
        return problem.getReadOnlyProperty();
    }

    private void follow() {
        Optional<String> now = document.exerciseProperty().get().recording().map(LinkedRecording::content);
        if (now.equals(wanted)) {
            return;
        }
        wanted = now;
        long number = newest.incrementAndGet();
        problem.set("");
        release();
        Optional<LoadedRecording> there =
                offered.filter(read -> Optional.of(read.content()).equals(now));
        if (there.isPresent()) {
            offered = Optional.empty();
            loaded.set(there);
        } else {
            now.ifPresent(content -> reading.ask(() -> read(content, number), this::show));
        }
    }

    private Read read(String content, long number) {
        try {
            LoadedRecording read = LoadedRecording.of(() -> content, shelf.file(content), () -> newest.get() == number);
            return new Read(Optional.of(read), "", number);
        } catch (StrideException e) {
            return new Read(Optional.empty(), e.getMessage(), number);
        }
    }

    /** Shows what was read, unless another exercise is open by now. */
    private void show(Read read) {
        if (read.number == newest.get()) {
            problem.set(read.problem);
            loaded.set(read.recording);
        } else {
            read.recording.ifPresent(recording -> recording.sound().close());
        }
    }

    private void release() {
        loaded.get().ifPresent(recording -> recording.sound().close());
        loaded.set(Optional.empty());
        hits = Optional.empty();
    }

    /** Returns the hits of a recording as the user has marked them; none while it is not read. */
    public List<HeardHit> hits(LinkedRecording recording) {
        Optional<LoadedRecording> read =
                loaded.get().filter(one -> one.content().equals(recording.content()));
        if (read.isEmpty()) {
            return List.of();
        }
        if (hits.filter(made -> made.areOf(recording)).isEmpty()) {
            LoadedRecording now = read.get();
            hits = Optional.of(new Hits(
                    recording,
                    MarkedHits.of(now.heard().hits(recording.sensitivity()), recording.marks(), now.heard()::at)));
        }
        return hits.orElseThrow().hits();
    }

    /** Returns how many bars an exercise has: those of its recording, where that goes on for more. */
    public static int bars(Exercise exercise) {
        int own = exercise.phrase().bars().size();
        return exercise.recording()
                .map(recording -> recording.beats().wholesAt(recording.seconds()))
                .filter(wholes -> wholes > 0)
                .map(wholes -> NoteValue.of((long) (wholes * FINE), FINE))
                .map(end ->
                        (int) Math.min(MAX_BARS, Math.max(own, exercise.phrase().barAt(end) + 1)))
                .orElse(own);
    }

    /** Returns what plays along with an exercise; empty where it has no recording, or it is not read yet. */
    Optional<RecordingTrack> track(Exercise exercise, RecordingMix mix) {
        return exercise.recording().flatMap(recording -> loaded.get()
                .filter(read -> read.content().equals(recording.content()))
                .map(read -> new RecordingTrack(
                        read.sound(),
                        recording.beats(),
                        hits(recording).stream().map(HeardHit::at).toList(),
                        mix)));
    }

    /** Takes a recording that was read already, for the next exercise that opens. */
    public void offer(LoadedRecording read) {
        offered.ifPresent(unused -> unused.sound().close());
        offered = Optional.of(read);
    }

    /**
     * Reads a file before it belongs to an exercise. It can be called on any thread.
     *
     * @param content SHA-256 of the file, asked for when it is read
     */
    public static LoadedRecording read(Supplier<String> content, Path file) {
        return LoadedRecording.of(content, file, () -> true);
    }

    @Override
    public void close() {
        newest.incrementAndGet();
        reading.close();
        offered.ifPresent(unused -> unused.sound().close());
        loaded.get().ifPresent(recording -> recording.sound().close());
    }
}
