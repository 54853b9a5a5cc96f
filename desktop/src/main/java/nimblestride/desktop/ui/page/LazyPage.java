package nimblestride.desktop.ui.page;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.layout.Region;
import nimblestride.desktop.async.Lazy;
import nimblestride.desktop.ui.look.Palette;

/** A page that is built when it is first needed, in the colors of the others. */
public final class LazyPage<P extends Region & Page> {
    private final Lazy<P> page;
    private Optional<Palette> palette = Optional.empty();

    LazyPage(Supplier<P> making) {
        this.page = new Lazy<>(() -> {
            P made = making.get();
            palette.ifPresent(made::setPalette);
            return made;
        });
    }

    /** Returns the page, and builds it the first time. */
    public P get() {
        return page.get();
    }

    /** Does something with the page, if it has been built. */
    public void ifMade(Consumer<P> doing) {
        page.ifMade(doing);
    }

    void setPalette(Palette to) {
        palette = Optional.of(to);
        page.ifMade(made -> made.setPalette(to));
    }
}
