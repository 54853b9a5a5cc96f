package nimblestride.desktop.ui.look;

import java.util.List;
import javafx.scene.paint.Color;

/**
 * The colors of the program, for the stylesheet and for what is drawn. Text has a contrast of at least 4.5 to 1 on
 * every ground (WCAG 2.2, 1.4.3).
 */
@SuppressWarnings("ImmutableEnumChecker") // Colors and their lists never change.
public enum Palette {
    /** Chart paper by day. */
    DAY(
            "#f7f0e3",
            "#fdf9f0",
            "#2a2520",
            "#655b4e",
            "#d6c9b0",
            "#a8320a",
            "#fbe3d6",
            List.of("#3f5468", "#4c5c33", "#6d4563", "#75562b", "#2f5f5b", "#5a4a7a")),
    /** A dim stage by night. */
    NIGHT(
            "#1d1a18",
            "#272320",
            "#f0e7d8",
            "#b9ad9c",
            "#4d453d",
            "#ff9a5c",
            "#4a2f20",
            List.of("#a9bccd", "#b7c79d", "#d2b1ca", "#dcc096", "#98c9c4", "#c0b4e0"));

    private final Color ground;
    private final Color panel;
    private final Color ink;
    private final Color quiet;
    private final Color line;
    private final Color landing;
    private final Color landingGround;
    private final List<Color> layers;
    private final String style;

    Palette(
            String ground,
            String panel,
            String ink,
            String quiet,
            String line,
            String landing,
            String landingGround,
            List<String> layers) {
        this.ground = Color.web(ground);
        this.panel = Color.web(panel);
        this.ink = Color.web(ink);
        this.quiet = Color.web(quiet);
        this.line = Color.web(line);
        this.landing = Color.web(landing);
        this.landingGround = Color.web(landingGround);
        this.layers = layers.stream().map(Color::web).toList();
        this.style = "-ns-ground: " + ground + "; -ns-panel: " + panel + "; -ns-ink: " + ink + "; -ns-quiet: " + quiet
                + "; -ns-line: " + line + "; -ns-landing: " + landing + "; -ns-landing-ground: " + landingGround + ";";
    }

    /** Returns the color behind everything. */
    public Color ground() {
        return ground;
    }

    /** Returns the color behind panes and fields. */
    public Color panel() {
        return panel;
    }

    /** Returns the color of text. */
    public Color ink() {
        return ink;
    }

    /** Returns the color of text and marks of second rank. */
    public Color quiet() {
        return quiet;
    }

    /** Returns the color of fine lines. */
    public Color line() {
        return line;
    }

    /** Returns the one strong color: landings and realignment. */
    public Color landing() {
        return landing;
    }

    /** Returns a strong ground, under text. */
    public Color landingGround() {
        return landingGround;
    }

    /** Returns the tone of a layer, always shown with its {@link MarkShape}. */
    public Color layer(int index) {
        return layers.get(index % layers.size());
    }

    /** Returns the colors under the names the stylesheet uses. */
    public String asStyle() {
        return style;
    }
}
