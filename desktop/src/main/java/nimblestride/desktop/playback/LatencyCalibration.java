package nimblestride.desktop.playback;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import nimblestride.sound.input.LatencyEstimate;
import nimblestride.sound.play.AudiblePosition;

/** Has the user tap with a click, and sets the latency from the taps. */
public final class LatencyCalibration {
    private final Transport transport;
    private final PlaybackDevices devices;
    private final Consumer<OptionalInt> progress;
    private Optional<LatencyEstimate> taps = Optional.empty();
    private boolean keysBefore;
    private int before;

    /** @param progress shows how many taps are missing, while it measures */
    public LatencyCalibration(Transport transport, PlaybackDevices devices, Consumer<OptionalInt> progress) {
        this.transport = transport;
        this.devices = devices;
        this.progress = progress;
        devices.onStroke(this::tapped);
        transport.playingProperty().addListener(change -> {
            if (!transport.playingProperty().get()) {
                finish();
            }
        });
    }

    /** Starts to measure, or stops. */
    public void toggle() {
        if (taps.isPresent()) {
            stop();
            return;
        }
        transport.stop();
        keysBefore = devices.keysProperty().get();
        devices.keysProperty().set(true);
        before = devices.latencyProperty().get();
        devices.latencyProperty().set(0);
        taps = Optional.of(new LatencyEstimate());
        transport.playPlainClick();
        progress.accept(OptionalInt.of(LatencyEstimate.TAPS));
    }

    private void tapped(PlayedStroke struck) {
        if (taps.isEmpty() || struck.heard().isEmpty()) {
            return;
        }
        LatencyEstimate along = taps.get();
        along.tap(late(struck.heard().get()));
        along.latency()
                .ifPresentOrElse(
                        latency -> {
                            stop();
                            devices.latencyProperty().set(latency);
                        },
                        () -> progress.accept(OptionalInt.of(along.missing())));
    }

    /** Returns how far a tap is from the nearest click, in milliseconds. */
    private static double late(AudiblePosition heard) {
        double clicks = heard.moment() * Transport.PLAIN_CLICKS_PER_WHOLE;
        return (clicks - Math.rint(clicks)) * 60_000 / Transport.PLAIN_CLICKS_PER_MINUTE;
    }

    /** Stops measuring. */
    public void stop() {
        if (taps.isPresent()) {
            transport.stop();
        }
    }

    private void finish() {
        if (taps.isPresent()) {
            taps = Optional.empty();
            devices.latencyProperty().set(before);
            devices.keysProperty().set(keysBefore);
            progress.accept(OptionalInt.empty());
        }
    }
}
