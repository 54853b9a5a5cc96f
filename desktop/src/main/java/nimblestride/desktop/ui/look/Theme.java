package nimblestride.desktop.ui.look;

import javafx.application.Application;

/**
 * How controls look before the program's own style sheet: one look on every system, AtlantaFX's light one. Rules for controls that
 * no window has are left out, which makes starts shorter.
 */
public final class Theme {
    private static final String FILE = "/nimblestride/desktop/ui/look/theme.bss";

    private Theme() {}

    /** Gives every window of the program this look. Call it on the interface thread, before the first window. */
    public static void use() {
        Application.setUserAgentStylesheet(Theme.class.getResource(FILE).toExternalForm());
    }
}
