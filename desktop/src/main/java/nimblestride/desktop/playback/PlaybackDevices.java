package nimblestride.desktop.playback;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javax.sound.midi.MidiUnavailableException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.input.SimulatedPlayer;
import nimblestride.sound.input.TimingHabits;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.microphone.AudioInputs;
import nimblestride.sound.midi.MidiDevices;
import nimblestride.sound.midi.PadResponse;
import nimblestride.sound.play.AudiblePosition;
import nimblestride.sound.play.AudioOutputs;
import nimblestride.sound.play.Player;
import nimblestride.sound.play.PlayerStatus;

/**
 * What to play through and to play on: sound cards, MIDI instruments, pads, the computer's keys, the simulated player.
 */
public final class PlaybackDevices implements AutoCloseable {
    private final Player player;
    private final AudioDevices audio;
    private final Transport transport;
    private final MicrophoneHits microphone;
    private final BooleanProperty keys = new SimpleBooleanProperty();
    private final IntegerProperty latency = new SimpleIntegerProperty();
    private final ObjectProperty<PadResponse> response = new SimpleObjectProperty<>(PadResponse.DEFAULT);
    /** What devices read on their own threads. */
    private volatile PadResponse heardAs = PadResponse.DEFAULT;

    private volatile Optional<Voice> learning = Optional.empty();
    private final List<Consumer<PlayedStroke>> listeners = new ArrayList<>();
    private Optional<String> instrument = Optional.empty();
    private Optional<String> pad = Optional.empty();
    private Optional<MidiDevices.Connection> connection = Optional.empty();
    private Optional<SimulatedPlayer> standIn = Optional.empty();

    public PlaybackDevices(Player player, AudioDevices audio, Transport transport) {
        this.player = player;
        this.audio = audio;
        this.transport = transport;
        this.microphone = new MicrophoneHits(audio.inputs(), player, this, transport);
        latency.addListener(change -> player.setLatency(latency.get()));
        keys.addListener(change -> listenOrNot());
        response.addListener(change -> heardAs = response.get());
        transport.onStopped(this::listenOrNot);
    }

    /** Returns the sound cards, and which of them is chosen. */
    public AudioOutputs outputs() {
        return audio.outputs();
    }

    /** Returns the microphones. */
    public AudioInputs inputs() {
        return audio.inputs();
    }

    /** Returns what is heard now; empty while nothing plays. Any thread may ask. */
    Optional<AudiblePosition> heard() {
        return player.heard();
    }

    /** Returns how playing goes; empty while nothing plays or listens. */
    public Optional<PlayerStatus> status() {
        return player.status();
    }

    /** Returns how much later sound is heard than the sound card says, in milliseconds. */
    public IntegerProperty latencyProperty() {
        return latency;
    }

    /** Returns whether the computer's keys are pads. */
    public BooleanProperty keysProperty() {
        return keys;
    }

    /** Gives a listener each hit, on the interface thread. */
    public void onStroke(Consumer<PlayedStroke> listener) {
        listeners.add(listener);
    }

    /** Returns what a microphone hears. */
    public MicrophoneHits microphone() {
        return microphone;
    }

    /** Gives listeners a hit that needs no sound of the program. */
    void played(PlayedStroke stroke) {
        listeners.forEach(listener -> listener.accept(stroke));
    }

    /** Plays a hit, from any thread: it sounds at once, and listeners get it. */
    public void strike(PadHit strike) {
        Optional<AudiblePosition> heard = player.heard();
        player.strike(strike);
        Platform.runLater(() -> listeners.forEach(listener -> listener.accept(new PlayedStroke(strike, heard))));
    }

    /** Returns how MIDI pads are heard. */
    public ObjectProperty<PadResponse> responseProperty() {
        return response;
    }

    /** Gives the next pad that is struck a voice. */
    public void learn(Voice voice) {
        learning = Optional.of(voice);
    }

    /** Notes which pad was struck, on a thread of the device, if one is to be learned. */
    private void learn(int note) {
        Optional<Voice> voice = learning;
        learning = Optional.empty();
        voice.ifPresent(learned -> {
            // The hit itself must already sound as the new voice.
            heardAs = heardAs.learned(note, learned.name());
            PadResponse now = heardAs;
            Platform.runLater(() -> response.set(now));
        });
    }

    /** Returns the MIDI instrument played to; empty for none. */
    public Optional<String> instrument() {
        return instrument;
    }

    /**
     * Plays to a MIDI instrument as well.
     *
     * @throws MidiUnavailableException if it is not there, or busy; nothing is played to then
     */
    public void playTo(String name) throws MidiUnavailableException {
        playToNone();
        player.playTo(MidiDevices.open(name));
        instrument = Optional.of(name);
    }

    /** Plays to no MIDI instrument any longer. */
    public void playToNone() {
        instrument = Optional.empty();
        player.disconnectMidi();
    }

    /** Returns the pad listened to; empty for none. */
    public Optional<String> pad() {
        return pad;
    }

    /**
     * Listens to a pad.
     *
     * @throws MidiUnavailableException if it is not there, or busy; nothing is listened to then
     */
    public void listenTo(String name) throws MidiUnavailableException {
        disconnectPad();
        connection = Optional.of(MidiDevices.listen(name, () -> heardAs, this::strike, this::learn));
        pad = Optional.of(name);
        listenOrNot();
    }

    /** Listens to no pad any longer. */
    public void listenToNone() {
        disconnectPad();
        listenOrNot();
    }

    private void disconnectPad() {
        connection.ifPresent(MidiDevices.Connection::close);
        connection = Optional.empty();
        pad = Optional.empty();
    }

    /** Has the simulated player play a layer. */
    public void standIn(String layer, TimingHabits habits) {
        endStandIn();
        standIn = Optional.of(new SimulatedPlayer(player::heard, transport::lastRequest, layer, habits, this::strike));
    }

    /** Ends the simulated player. */
    public void endStandIn() {
        standIn.ifPresent(SimulatedPlayer::close);
        standIn = Optional.empty();
    }

    /** Returns whether the simulated player plays. */
    public boolean hasStandIn() {
        return standIn.isPresent();
    }

    /** Hits are audible even while nothing plays. */
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
        microphone.close();
        standIn.ifPresent(SimulatedPlayer::close);
        connection.ifPresent(MidiDevices.Connection::close);
        player.close();
    }
}
