package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import nimblestride.desktop.async.Newest;
import nimblestride.desktop.document.exercise.Desk;
import nimblestride.desktop.playback.AsShown;
import nimblestride.desktop.playback.Devices;
import nimblestride.desktop.playback.OwnRecordings;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.sound.kit.OwnSounds;
import nimblestride.sound.kit.SoundSet;
import nimblestride.sound.kit.SynthesisedKit;
import nimblestride.sound.play.AudioOut;
import nimblestride.sound.play.Outputs;
import nimblestride.sound.play.Player;

/** All of the window that sounds. */
final class Sounding implements AutoCloseable {
    private final OwnSounds sounds = new OwnSounds(new SynthesisedKit(AudioOut.SAMPLE_RATE));
    private final Newest reading = new Newest("reading recordings");
    private final Transport transport;
    private final Devices devices;
    private final OwnRecordings recordings;

    /**
     * @param folder in which recordings of the user's own are kept
     * @param road tells how it is counted, and how many layers are heard
     * @param heard is told what is heard
     * @param tell is given what the user is to know
     */
    Sounding(
            Desk desk,
            Outputs outputs,
            Path folder,
            RoadView road,
            Consumer<OptionalDouble> heard,
            Consumer<String> tell) {
        Player player = new Player(outputs, sounds);
        transport = new Transport(desk, player, new AsShown(road.stage(), road.school(), road.division()), heard);
        devices = new Devices(player, outputs, transport);
        recordings = new OwnRecordings(folder, sounds);
        reading.ask(recordings::read, (List<String> problems) -> {
            if (!problems.isEmpty()) {
                tell.accept("Not every recording of yours could be read: " + String.join("; ", problems) + ".");
            }
        });
        transport.problem().addListener(change -> {
            if (!transport.problem().get().isEmpty()) {
                tell.accept(transport.problem().get());
            }
        });
    }

    Transport transport() {
        return transport;
    }

    Devices devices() {
        return devices;
    }

    OwnRecordings recordings() {
        return recordings;
    }

    /** What everything sounds like. */
    SoundSet sounds() {
        return sounds;
    }

    @Override
    public void close() {
        transport.close();
        devices.close();
        reading.close();
    }
}
