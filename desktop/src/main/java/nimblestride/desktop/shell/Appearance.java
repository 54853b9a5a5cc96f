package nimblestride.desktop.shell;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntUnaryOperator;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.road.RoadView;

/** Applies the palette to every part of the window, and resizes everything. */
final class Appearance {
    private final WindowFrame frame;
    private final RoadView road;
    private final Workspaces workspaces;
    private final List<Consumer<Palette>> covers;
    private final MusicStandWindow stand;
    private final Status status;

    /** @param covers set the colors of what may cover the exercise */
    Appearance(
            WindowFrame frame,
            RoadView road,
            Workspaces workspaces,
            List<Consumer<Palette>> covers,
            MusicStandWindow stand,
            Status status) {
        this.frame = frame;
        this.road = road;
        this.workspaces = workspaces;
        this.covers = List.copyOf(covers);
        this.stand = stand;
        this.status = status;
    }

    /** Follows the dark mode of the view options. */
    void follow(ViewOptions options) {
        options.darkModeProperty().subscribe(dark -> wear(dark ? Palette.NIGHT : Palette.DAY));
    }

    private void wear(Palette palette) {
        frame.wear(palette);
        road.paletteProperty().set(palette);
        workspaces.setPalette(palette);
        covers.forEach(cover -> cover.accept(palette));
        stand.refresh();
    }

    /** Changes the size of everything. */
    void resize(IntUnaryOperator next) {
        frame.resize(next);
        status.show("Display size: " + frame.percent() + "%.");
    }
}
