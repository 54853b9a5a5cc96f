package nimblestride.desktop.playback;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javax.sound.midi.MidiUnavailableException;
import nimblestride.sound.input.SimulatedPlayer;
import nimblestride.sound.input.TimingHabits;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.midi.MidiDevices;
import nimblestride.sound.play.AudiblePosition;
import nimblestride.sound.play.AudioOutputs;
import nimblestride.sound.play.Player;
import nimblestride.sound.play.PlayerStatus;

/** What is played through and played on: sound cards, MIDI instruments, pads, the computer's keys, a stand-in player. */
public final class PlaybackDevices implements AutoCloseable {
    private final Player player;
    private final AudioOutputs outputs;
    private final Transport transport;
    private final BooleanProperty keys = new SimpleBooleanProperty();
    private final IntegerProperty latency = new SimpleIntegerProperty();
    private final List<Consumer<PlayedStroke>> listeners = new ArrayList<>();
    private Optional<String> instrument = Optional.empty();
    private Optional<String> pad = Optional.empty();
    private Optional<MidiDevices.Connection> connection = Optional.empty();
    private Optional<SimulatedPlayer> standIn = Optional.empty();

    public PlaybackDevices(Player player, AudioOutputs outputs, Transport transport) {
        this.player = player;
        this.outputs = outputs;
        this.transport = transport;
        latency.addListener(change -> player.setLatency(latency.get()));
        keys.addListener(change -> listenOrNot());
        transport.onStopped(this::listenOrNot);
    }

    /** The sound cards, and which of them is chosen. */
    public AudioOutputs outputs() {
        return outputs;
    }

    /** How playing goes; empty while nothing is played or listened to. */
    public Optional<PlayerStatus> status() {
        return player.status();
    }

    /** How much later it is heard than the sound card tells, in milliseconds. */
    public IntegerProperty latencyProperty() {
        return latency;
    }

    /** Whether the computer's keys are pads. */
    public BooleanProperty keysProperty() {
        return keys;
    }

    /** Is told each stroke that is played, on the interface thread. */
    public void onStroke(Consumer<PlayedStroke> listener) {
        listeners.add(listener);
    }

    /** A stroke, from any thread: it is heard at once, and told. */
    public void strike(PadHit strike) {
        Optional<AudiblePosition> heard = player.heard();
        player.strike(strike);
        Platform.runLater(() -> listeners.forEach(listener -> listener.accept(new PlayedStroke(strike, heard))));
    }

    /** The MIDI instrument that is played to. */
    public Optional<String> instrument() {
        return instrument;
    }

    /**
     * Plays to a MIDI instrument as well, or no longer.
     *
     * @throws MidiUnavailableException if it is not there, or taken; nothing is then played to
     */
    public void playTo(Optional<String> name) throws MidiUnavailableException {
        instrument = Optional.empty();
        player.playTo(Optional.empty());
        if (name.isPresent()) {
            player.playTo(Optional.of(MidiDevices.open(name.get())));
            instrument = name;
        }
    }

    /** The pad that is listened to. */
    public Optional<String> pad() {
        return pad;
    }

    /**
     * Listens to a pad, or no longer.
     *
     * @throws MidiUnavailableException if it is not there, or taken; nothing is then listened to
     */
    public void listenTo(Optional<String> name) throws MidiUnavailableException {
        connection.ifPresent(MidiDevices.Connection::close);
        connection = Optional.empty();
        pad = Optional.empty();
        if (name.isPresent()) {
            connection = Optional.of(MidiDevices.listen(name.get(), this::strike));
            pad = name;
        }
        listenOrNot();
    }

    /** Has a stand-in play a layer, or nobody any longer. */
    public void standIn(Optional<String> layer, TimingHabits habits) {
        standIn.ifPresent(SimulatedPlayer::close);
        standIn = layer.map(name -> new SimulatedPlayer(player::heard, transport::played, name, habits, this::strike));
    }

    /** Whether a stand-in plays. */
    public boolean hasStandIn() {
        return standIn.isPresent();
    }

    /** What is struck is heard also while nothing plays. */
    private void listenOrNot() {
        if (transport.playingProperty().get()) {
            return;
        }
        if (keys.get() || pad.isPresent()) {
            player.listen();
        } else {
            player.stop();
        }
    }

    @Override
    public void close() {
        standIn.ifPresent(SimulatedPlayer::close);
        connection.ifPresent(MidiDevices.Connection::close);
        player.close();
    }
}
