package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.desktop.playback.CustomRecordings;
import nimblestride.desktop.playback.KitChoice;
import nimblestride.desktop.playback.OpenRecording;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.playback.ShownExercise;
import nimblestride.desktop.playback.SoundPreparer;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.sound.custom.ChosenSounds;
import nimblestride.sound.kit.Sounds;
import nimblestride.sound.play.Player;
import nimblestride.sound.recording.RecordingShelf;

/** Everything in the window that makes or receives sound. */
final class WindowSound implements AutoCloseable {
    private final ChosenSounds sounds = new ChosenSounds();
    private final LatestOnly reading = new LatestOnly("reading recordings");
    private final SoundPreparer preparer;
    private final OpenRecording recording;
    private final Transport transport;
    private final PlaybackDevices devices;
    private final CustomRecordings recordings;
    private final KitChoice kits;

    /**
     * @param book with the kits
     * @param folder of the user's own recordings
     * @param road knows the counting system and how many layers are heard
     * @param heard receives the moment heard
     * @param status shows what the user should know
     */
    WindowSound(
            ExerciseDocument document,
            OpenBook book,
            AudioDevices audio,
            Path folder,
            RoadView road,
            Consumer<Playhead> heard,
            Status status) {
        Player player = new Player(audio.outputs(), sounds);
        recording = new OpenRecording(document, new RecordingShelf(book.file().resolveSibling("recordings")));
        recording.problemProperty().addListener(change -> {
            if (!recording.problemProperty().get().isEmpty()) {
                status.show("I can't read the recording: "
                        + recording.problemProperty().get());
            }
        });
        transport = new Transport(
                document,
                player,
                new ShownExercise(road.stageProperty(), road.countingSystemProperty(), road.subdivisionProperty()),
                recording,
                heard);
        preparer = new SoundPreparer(transport, player, sounds);
        document.exerciseProperty().addListener(change -> preparer.soon());
        devices = new PlaybackDevices(player, audio, transport);
        recordings = new CustomRecordings(folder, sounds);
        kits = new KitChoice(document, book, sounds, status);
        reading.ask(recordings::read, (List<String> problems) -> {
            if (!problems.isEmpty()) {
                status.show("I can't read some of your recordings: " + String.join("; ", problems) + ".");
            }
        });
        transport.problemProperty().addListener(change -> {
            if (!transport.problemProperty().get().isEmpty()) {
                status.show(transport.problemProperty().get());
            }
        });
    }

    /** Begins to prepare sounds; the window shows. */
    void prepare() {
        preparer.begin();
    }

    Transport transport() {
        return transport;
    }

    PlaybackDevices devices() {
        return devices;
    }

    OpenRecording recording() {
        return recording;
    }

    CustomRecordings recordings() {
        return recordings;
    }

    KitChoice kits() {
        return kits;
    }

    /** Returns the sounds that are heard. */
    Sounds sounds() {
        return sounds;
    }

    @Override
    public void close() {
        transport.close();
        devices.close();
        preparer.close();
        kits.close();
        recording.close();
        reading.close();
    }
}
