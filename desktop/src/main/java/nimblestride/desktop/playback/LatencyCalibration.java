package nimblestride.desktop.playback;

import java.util.Optional;
import javafx.application.Platform;
import nimblestride.sound.input.LatencyEstimate;
import nimblestride.sound.microphone.AudioInput;
import nimblestride.sound.microphone.ClickListener;
import nimblestride.sound.play.AudiblePosition;

/** Plays a click, has the user tap along or a microphone listen, and sets the latency from what comes back. */
public final class LatencyCalibration {
    private static final double MILLISECONDS_PER_CLICK = 60_000.0 / Transport.PLAIN_CLICKS_PER_MINUTE;

    private static final String TAPPED = "";

    private final Transport transport;
    private final PlaybackDevices devices;
    private final Progress progress;
    private Optional<LatencyEstimate> estimate = Optional.empty();
    private Optional<ClickListener> ear = Optional.empty();
    private boolean keysBefore;
    private int before;

    /** Shows how it goes. */
    public interface Progress {
        /**
         * Shows how many taps or clicks are missing.
         *
         * @param microphone the name of what listens; blank while the user taps
         */
        void missing(int count, String microphone);

        /**
         * Shows that it is over.
         *
         * @param why it could not be measured; empty where it was, or was stopped
         */
        void over(String why);
    }

    public LatencyCalibration(Transport transport, PlaybackDevices devices, Progress progress) {
        this.transport = transport;
        this.devices = devices;
        this.progress = progress;
        devices.onStroke(this::tapped);
        transport.playingProperty().addListener(change -> {
            if (!transport.playingProperty().get()) {
                finish("");
            }
        });
    }

    /** Has the user tap along, or stops measuring. */
    public void tap() {
        if (!stopped()) {
            begin();
            keysBefore = devices.keysProperty().get();
            devices.keysProperty().set(true);
            progress.missing(LatencyEstimate.TAPS, TAPPED);
        }
    }

    /** Has a microphone listen, or stops measuring. */
    public void listen() {
        if (stopped()) {
            return;
        }
        Optional<AudioInput> input = devices.inputs().open();
        if (input.isEmpty()) {
            progress.over("No microphone can be opened now. Measure by tapping, or type the latency.");
            return;
        }
        String name = input.get().name();
        begin();
        keysBefore = devices.keysProperty().get();
        progress.missing(LatencyEstimate.TAPS, name);
        ear = Optional.of(new ClickListener(
                input.get(),
                ago -> devices.heard().ifPresent(now -> {
                    double late = late(now) - 1_000 * ago;
                    Platform.runLater(() -> add(late, name));
                }),
                () -> Platform.runLater(() -> finish(name + " was unplugged."))));
    }

    private boolean stopped() {
        boolean measures = estimate.isPresent();
        stop();
        return measures;
    }

    private void begin() {
        transport.stop();
        before = devices.latencyProperty().get();
        devices.latencyProperty().set(0);
        estimate = Optional.of(new LatencyEstimate());
        transport.playPlainClick();
    }

    private void tapped(PlayedStroke struck) {
        if (ear.isEmpty()) {
            struck.heard().ifPresent(heard -> add(late(heard), TAPPED));
        }
    }

    /** @param late milliseconds after some click, or before it where negative */
    private void add(double late, String microphone) {
        if (estimate.isEmpty()) {
            return;
        }
        LatencyEstimate now = estimate.get();
        now.tap(late - MILLISECONDS_PER_CLICK * Math.rint(late / MILLISECONDS_PER_CLICK));
        now.latency()
                .ifPresentOrElse(
                        latency -> {
                            ear.ifPresent(open -> devices.microphone().measureEcho(open.loudest()));
                            stop();
                            devices.latencyProperty().set(latency);
                        },
                        () -> progress.missing(now.missing(), microphone));
    }

    /** Returns how far a moment is after the first click, in milliseconds. */
    private static double late(AudiblePosition heard) {
        return heard.moment() * Transport.PLAIN_CLICKS_PER_WHOLE * MILLISECONDS_PER_CLICK;
    }

    /** Stops measuring. */
    public void stop() {
        if (estimate.isPresent()) {
            transport.stop();
        }
    }

    private void finish(String why) {
        if (estimate.isPresent()) {
            estimate = Optional.empty();
            ear.ifPresent(ClickListener::close);
            ear = Optional.empty();
            devices.latencyProperty().set(before);
            devices.keysProperty().set(keysBefore);
            if (!why.isEmpty()) {
                transport.stop();
            }
            progress.over(why);
        }
    }
}
