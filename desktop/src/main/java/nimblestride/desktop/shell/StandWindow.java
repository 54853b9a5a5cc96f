package nimblestride.desktop.shell;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import javafx.stage.Window;
import nimblestride.desktop.document.exercise.Desk;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.desktop.view.stand.CountStand;

/** The count on the music stand, from the first time it is asked for; it follows the desk, the Road's count and the sound. */
final class StandWindow {
    private final Window owner;
    private final Desk desk;
    private final RoadView road;
    private final Runnable play;
    private final Supplier<String> colours;
    private Optional<CountStand> stand = Optional.empty();

    /** @param colours of the window, for its root */
    StandWindow(Window owner, Desk desk, RoadView road, Runnable play, Supplier<String> colours) {
        this.owner = owner;
        this.desk = desk;
        this.road = road;
        this.play = play;
        this.colours = colours;
        desk.exercise().addListener(change -> refresh());
        road.school().addListener(change -> refresh());
        road.division().addListener(change -> refresh());
    }

    void show() {
        if (stand.isEmpty()) {
            stand = Optional.of(new CountStand(owner, play));
        }
        stand.get()
                .show(
                        desk.exercise().get(),
                        road.school().get(),
                        road.division().get(),
                        colours.get());
    }

    void refresh() {
        stand.filter(CountStand::isShowing)
                .ifPresent(shown -> shown.put(
                        desk.exercise().get(),
                        road.school().get(),
                        road.division().get(),
                        colours.get()));
    }

    void follow(OptionalDouble moment) {
        stand.ifPresent(shown -> shown.follow(moment));
    }

    void close() {
        stand.ifPresent(CountStand::close);
    }
}
