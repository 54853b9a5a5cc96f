package nimblestride.desktop.pages;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.layout.Region;
import nimblestride.desktop.look.Palette;

/** A page that is made when it is first needed, so that a window does not wait for what nobody looks at yet. */
public final class LatePage<P extends Region & Page> {
    private final Supplier<P> making;
    private Optional<P> made = Optional.empty();
    private Optional<Palette> palette = Optional.empty();

    LatePage(Supplier<P> making) {
        this.making = making;
    }

    /** The page, made now where it has not been before. */
    public P get() {
        if (made.isEmpty()) {
            P page = making.get();
            made = Optional.of(page);
            palette.ifPresent(page::setPalette);
        }
        return made.get();
    }

    /** Does something with the page, where there is one yet. */
    public void ifMade(Consumer<P> doing) {
        made.ifPresent(doing);
    }

    void setPalette(Palette to) {
        palette = Optional.of(to);
        made.ifPresent(page -> page.setPalette(to));
    }
}
