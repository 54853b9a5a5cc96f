package nimblestride.desktop.ui.look;

import atlantafx.base.theme.PrimerLight;
import javafx.application.Application;

/** How controls look before the program's own style sheet: one look on every system. */
public final class Theme {
    private Theme() {}

    /** Gives every window of the program this look. Call it on the interface thread, before the first window. */
    public static void use() {
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
    }
}
