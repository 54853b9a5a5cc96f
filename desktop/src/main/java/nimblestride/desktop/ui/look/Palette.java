package nimblestride.desktop.ui.look;

import java.util.List;
import javafx.scene.paint.Color;

/**
 * The colors of the program, for the stylesheet and for what is drawn. Text has a contrast of at least 4.5 to 1 on
 * every ground (WCAG 2.2, 1.4.3).
 */
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

    private final String ground;
    private final String panel;
    private final String ink;
    private final String quiet;
    private final String line;
    private final String landing;
    private final String landingGround;

    @SuppressWarnings("ImmutableEnumChecker") // Made by List.of, and never changed.
    private final List<String> layers;

    Palette(
            String ground,
            String panel,
            String ink,
            String quiet,
            String line,
            String landing,
            String landingGround,
            List<String> layers) {
        this.ground = ground;
        this.panel = panel;
        this.ink = ink;
        this.quiet = quiet;
        this.line = line;
        this.landing = landing;
        this.landingGround = landingGround;
        this.layers = layers;
    }

    /** Returns the color behind everything. */
    public Color ground() {
        return Color.web(ground);
    }

    /** Returns the color behind panes and fields. */
    public Color panel() {
        return Color.web(panel);
    }

    /** Returns the color of text. */
    public Color ink() {
        return Color.web(ink);
    }

    /** Returns the color of text and marks of second rank. */
    public Color quiet() {
        return Color.web(quiet);
    }

    /** Returns the color of fine lines. */
    public Color line() {
        return Color.web(line);
    }

    /** Returns the one strong color: landings and realignment. */
    public Color landing() {
        return Color.web(landing);
    }

    /** Returns a strong ground, under text. */
    public Color landingGround() {
        return Color.web(landingGround);
    }

    /** Returns the tone of a layer, always shown with its {@link MarkShape}. */
    public Color layer(int index) {
        return Color.web(layers.get(index % layers.size()));
    }

    /** Returns the colors under the names the stylesheet uses. */
    public String asStyle() {
        return "-ns-ground: " + ground + "; -ns-panel: " + panel + "; -ns-ink: " + ink + "; -ns-quiet: " + quiet
                + "; -ns-line: " + line + "; -ns-landing: " + landing + "; -ns-landing-ground: " + landingGround + ";";
    }
}
