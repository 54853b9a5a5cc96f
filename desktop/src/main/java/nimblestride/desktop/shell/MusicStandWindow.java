package nimblestride.desktop.shell;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import javafx.stage.Window;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.desktop.view.stand.MusicStand;

/** The count on the music stand, from the first time it is asked for; it follows the desk, the Road's count and the sound. */
final class MusicStandWindow {
    private final Window owner;
    private final ExerciseDocument desk;
    private final RoadView road;
    private final Runnable play;
    private final Supplier<String> colours;
    private Optional<MusicStand> stand = Optional.empty();

    /** @param colours of the window, for its root */
    MusicStandWindow(Window owner, ExerciseDocument desk, RoadView road, Runnable play, Supplier<String> colours) {
        this.owner = owner;
        this.desk = desk;
        this.road = road;
        this.play = play;
        this.colours = colours;
        desk.exerciseProperty().addListener(change -> refresh());
        road.countingSystemProperty().addListener(change -> refresh());
        road.subdivisionProperty().addListener(change -> refresh());
    }

    void show() {
        if (stand.isEmpty()) {
            stand = Optional.of(new MusicStand(owner, play));
        }
        stand.get()
                .show(
                        desk.exerciseProperty().get(),
                        road.countingSystemProperty().get(),
                        road.subdivisionProperty().get(),
                        colours.get());
    }

    void refresh() {
        stand.filter(MusicStand::isShowing)
                .ifPresent(shown -> shown.put(
                        desk.exerciseProperty().get(),
                        road.countingSystemProperty().get(),
                        road.subdivisionProperty().get(),
                        colours.get()));
    }

    void follow(OptionalDouble moment) {
        stand.ifPresent(shown -> shown.follow(moment));
    }

    void close() {
        stand.ifPresent(MusicStand::close);
    }
}
