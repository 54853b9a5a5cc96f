package nimblestride.desktop.shell;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.stage.Window;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.desktop.view.stand.MusicStand;

/** Creates the music stand on first use, and keeps it in step with the exercise, the Road's count, and the sound. */
final class MusicStandWindow {
    private final Window owner;
    private final ExerciseDocument document;
    private final RoadView road;
    private final Runnable play;
    private final Supplier<String> colors;
    private Optional<MusicStand> stand = Optional.empty();

    /** @param colors style of the window's root */
    MusicStandWindow(Window owner, ExerciseDocument document, RoadView road, Runnable play, Supplier<String> colors) {
        this.owner = owner;
        this.document = document;
        this.road = road;
        this.play = play;
        this.colors = colors;
        document.exerciseProperty().addListener(change -> refresh());
        road.countingSystemProperty().addListener(change -> refresh());
        road.subdivisionProperty().addListener(change -> refresh());
    }

    void show() {
        if (stand.isEmpty()) {
            stand = Optional.of(new MusicStand(owner, play));
        }
        stand.get()
                .show(
                        document.exerciseProperty().get(),
                        road.countingSystemProperty().get(),
                        road.subdivisionProperty().get(),
                        colors.get());
    }

    void refresh() {
        stand.filter(MusicStand::isShowing)
                .ifPresent(shown -> shown.put(
                        document.exerciseProperty().get(),
                        road.countingSystemProperty().get(),
                        road.subdivisionProperty().get(),
                        colors.get()));
    }

    void follow(Playhead playhead) {
        stand.ifPresent(shown -> shown.follow(playhead));
    }

    void close() {
        stand.ifPresent(MusicStand::close);
    }
}
