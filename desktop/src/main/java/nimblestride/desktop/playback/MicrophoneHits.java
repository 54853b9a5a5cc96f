package nimblestride.desktop.playback;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.VoiceGuess;
import nimblestride.sound.input.SimulatedPlayer;
import nimblestride.sound.input.TimingHabits;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.microphone.AudioInput;
import nimblestride.sound.microphone.AudioInputs;
import nimblestride.sound.microphone.HitListener;
import nimblestride.sound.microphone.StandInMicrophone;
import nimblestride.sound.play.Player;
import nimblestride.sound.recorded.RecordedKit;

/**
 * Hears what somebody plays through a microphone. Once its level is measured, what the program plays itself is left out by
 * its time and its level. Belongs to the interface thread.
 */
public final class MicrophoneHits implements AutoCloseable {
    /** The name of the microphone for machines that have none. */
    public static final String STAND_IN = "simulated player in a room";

    /** A hit this near to a sound of the program, in seconds, may be that sound. */
    private static final double OWN = 0.015;
    /** What is so much louder than the program is at the microphone is a hit, whatever the program plays. */
    private static final double LOUDER = 2;

    /** The velocity of the hardest hit. */
    private static final int LOUDEST = 127;

    private final AudioInputs inputs;
    private final Player player;
    private final PlaybackDevices devices;
    private final Transport transport;
    private final ObjectProperty<Source> source = new SimpleObjectProperty<>(Source.ONE_SOUND);
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private Optional<String> chosen = Optional.empty();
    private Optional<HitListener> listening = Optional.empty();
    private Optional<SimulatedPlayer> standIn = Optional.empty();
    private int hits;
    private int leftOut;
    private volatile Source heardAs = Source.ONE_SOUND;
    /** How much of the program's sound reaches the microphone, as a ratio of levels; 0 until it is measured. */
    private volatile double echo;

    /** What is in front of the microphone. */
    public enum Source {
        ONE_SOUND,
        KIT
    }

    MicrophoneHits(AudioInputs inputs, Player player, PlaybackDevices devices, Transport transport) {
        this.inputs = inputs;
        this.player = player;
        this.devices = devices;
        this.transport = transport;
        source.addListener(change -> {
            heardAs = source.get();
            say();
        });
    }

    /** Returns the names of what can be listened through. */
    public List<String> names() {
        List<String> names = new ArrayList<>(inputs.names());
        names.add(STAND_IN);
        return names;
    }

    /** Returns what is listened through; empty for nothing. */
    public Optional<String> chosen() {
        return chosen;
    }

    /** Returns what is in front of the microphone. */
    public ObjectProperty<Source> sourceProperty() {
        return source;
    }

    /** Returns what it hears, and what it mistakes, in words; or why it can't listen. Blank while it does not listen. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /**
     * Learns how much of what the program plays reaches the microphone, while it plays.
     *
     * @param loudest sample of it at the microphone, from 0 to 1
     */
    void measureEcho(double loudest) {
        double played = player.loudest();
        echo = played > 0 ? loudest / played : 0;
    }

    /**
     * Listens through a microphone.
     *
     * @return whether it could be opened
     */
    public boolean listen(String name) {
        stop();
        Optional<AudioInput> input = name.equals(STAND_IN) ? Optional.of(room()) : inputs.open(name);
        input.ifPresent(open -> {
            chosen = Optional.of(name);
            listening = Optional.of(new HitListener(open, this::played, () -> Platform.runLater(() -> lost(name))));
            say();
        });
        if (input.isEmpty()) {
            state.set(name + " can't be opened now. Perhaps another program uses it; close that, or choose another.");
        }
        return input.isPresent();
    }

    /** A room in which the simulated player plays the first layer. */
    private AudioInput room() {
        StandInMicrophone room = new StandInMicrophone(RecordedKit.shipped(StandInMicrophone.RATE));
        standIn = Optional.of(
                new SimulatedPlayer(player::heard, transport::lastRequest, "", TimingHabits.DEFAULT, room::play));
        return room;
    }

    /** Stops listening. */
    public void stop() {
        listening.ifPresent(HitListener::close);
        standIn.ifPresent(SimulatedPlayer::close);
        listening = Optional.empty();
        standIn = Optional.empty();
        chosen = Optional.empty();
        hits = 0;
        leftOut = 0;
        state.set("");
    }

    private void lost(String name) {
        if (chosen.equals(Optional.of(name))) {
            stop();
            state.set(name + " was unplugged. Choose another microphone.");
        }
    }

    /** Gets a hit on the thread that listens. */
    private void played(HeardHit hit, double loudest, double ago) {
        boolean own = loudest < LOUDER * echo * player.loudness(ago, OWN);
        if (own) {
            Platform.runLater(() -> {
                leftOut++;
                say();
            });
            return;
        }
        PadHit pad = PadHit.of(voice(hit), (int) Math.ceil(LOUDEST * hit.strength()));
        PlayedStroke stroke = new PlayedStroke(pad, player.heard(ago));
        Platform.runLater(() -> {
            hits++;
            say();
            devices.played(stroke);
        });
    }

    private Voice voice(HeardHit hit) {
        return heardAs == Source.ONE_SOUND ? Kit.SNARE : VoiceGuess.of(hit);
    }

    private void say() {
        if (chosen.isEmpty()) {
            return;
        }
        String limits = source.get() == Source.ONE_SOUND
                ? "Every hit counts, whatever it is played on."
                : "I hear kick, snare, and cymbals. I take a tom for a snare, a ride for a hi-hat, and hits at once for one.";
        String left = echo == 0
                ? " Measure the latency first, or a click from a speaker counts as well."
                : leftOut == 0
                        ? ""
                        : " Left out, because the program sounded just then and was as loud: " + leftOut + ".";
        boolean silent = standIn.isPresent()
                && transport.lastRequest().exercise().layers().isEmpty();
        state.set("Hits: " + hits + ". " + limits + left + (silent ? " There is no layer that it could play." : ""));
    }

    @Override
    public void close() {
        stop();
    }
}
