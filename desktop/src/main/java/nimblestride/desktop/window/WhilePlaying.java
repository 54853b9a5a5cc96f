package nimblestride.desktop.window;

import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.play.Transport;

/** What the window does while it plays: it says through what, and turns to the feel that is heard. */
final class WhilePlaying {
    private WhilePlaying() {}

    /** @param told says how it is played */
    static void listen(Transport transport, Desk desk, Scene scene, Label told) {
        Runnable tell = () -> told.setText(transport.playing().get() ? transport.told() : "");
        transport.playing().addListener(change -> tell.run());
        transport.percent().addListener(change -> tell.run());
        transport.loop().addListener(change -> tell.run());
        transport.section().addListener((property, was, section) -> turn(desk, scene, section.intValue()));
    }

    /** The feel that is heard is taken in hand, unless something is being typed. */
    private static void turn(Desk desk, Scene scene, int section) {
        boolean typing = scene.getFocusOwner() instanceof TextInputControl;
        if (section != Transport.NO_SECTION && !typing) {
            desk.turnTo(desk.exercise().get().sections().get(section).feel());
        }
    }
}
