package nimblestride.desktop.ui.field;

import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Taps with the T key while a page is shown, unless the user types into a field. */
public final class TapKey {
    private final Runnable tap;
    private final EventHandler<KeyEvent> keys = this::press;
    private boolean down;

    /** @param page that has to be in a window for the key to tap */
    public TapKey(Node page, Runnable tap) {
        this.tap = tap;
        page.sceneProperty().addListener((property, old, now) -> listen(old, now));
    }

    private void listen(Scene old, Scene now) {
        if (old != null) {
            old.removeEventFilter(KeyEvent.ANY, keys);
        }
        if (now != null) {
            now.addEventFilter(KeyEvent.ANY, keys);
        }
    }

    /** Returns whether a key is typed into a field, or is part of a shortcut. */
    public static boolean isForOthers(KeyEvent event) {
        return TextEntry.isTypedInto(event.getTarget()) || event.isShortcutDown() || event.isAltDown();
    }

    private void press(KeyEvent event) {
        if (event.getCode() != KeyCode.T || isForOthers(event)) {
            return;
        }
        // A key held down repeats; only its first press is a tap.
        if (event.getEventType() == KeyEvent.KEY_PRESSED && !down) {
            down = true;
            tap.run();
        } else if (event.getEventType() == KeyEvent.KEY_RELEASED) {
            down = false;
        }
        event.consume();
    }
}
