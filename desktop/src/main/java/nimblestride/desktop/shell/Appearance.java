package nimblestride.desktop.shell;

import java.util.function.IntUnaryOperator;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.road.RoadView;

/** Applies the palette to every part of the window, and resizes everything. */
final class Appearance {
    private final WindowFrame frame;
    private final RoadView road;
    private final Workspaces workspaces;
    private final ImportView importing;
    private final HelpView help;
    private final StartView start;
    private final MusicStandWindow stand;
    private final Status status;

    Appearance(
            WindowFrame frame,
            RoadView road,
            Workspaces workspaces,
            ImportView importing,
            HelpView help,
            StartView start,
            MusicStandWindow stand,
            Status status) {
        this.frame = frame;
        this.road = road;
        this.workspaces = workspaces;
        this.importing = importing;
        this.help = help;
        this.start = start;
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
        importing.setPalette(palette);
        help.setPalette(palette);
        start.setPalette(palette);
        stand.refresh();
    }

    /** Changes the size of everything. */
    void resize(IntUnaryOperator next) {
        frame.resize(next);
        status.show("Display size: " + frame.percent() + "%.");
    }
}
