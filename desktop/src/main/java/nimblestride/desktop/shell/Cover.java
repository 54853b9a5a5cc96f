package nimblestride.desktop.shell;

import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.layout.Region;
import nimblestride.desktop.async.Lazy;
import nimblestride.desktop.ui.look.Palette;

/** A pane that covers the Road and the workspace for a while; it is made when it is first shown. */
final class Cover<P extends Region> {
    private final CenterPane center;
    private final Lazy<P> pane;
    private final BiConsumer<P, Palette> paint;
    private Palette palette = Palette.DAY;

    /** @param paint sets the colors of the pane's pictures */
    Cover(CenterPane center, Supplier<P> make, BiConsumer<P, Palette> paint) {
        this.center = center;
        this.pane = new Lazy<>(make);
        this.paint = paint;
    }

    /** Shows the pane. */
    P show() {
        P shown = pane.get();
        paint.accept(shown, palette);
        center.show(shown);
        return shown;
    }

    /** Paints the pane again, after it got other pictures. */
    void repaint() {
        pane.ifMade(made -> paint.accept(made, palette));
    }

    /** Does something with the pane, if it covers the exercise. */
    void ifShown(Consumer<P> then) {
        pane.ifMade(made -> {
            if (made.getScene() != null) {
                then.accept(made);
            }
        });
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
        pane.ifMade(made -> paint.accept(made, newPalette));
    }

    /** Shows the exercise again, if the pane covers it. */
    void leave() {
        pane.ifMade(center::back);
    }
}
