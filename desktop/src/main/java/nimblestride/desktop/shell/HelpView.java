package nimblestride.desktop.shell;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Counted;
import nimblestride.desktop.async.Lazy;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.workspace.help.HelpListEntry;
import nimblestride.desktop.workspace.help.HelpPane;

/** Shows the help in place of the Road and the workspace, and opens its examples. */
final class HelpView {
    private final CenterPane center;
    private final OpenBook book;
    private final WindowServices services;
    private final Lazy<HelpPane> pane;
    private Palette palette = Palette.DAY;

    HelpView(CenterPane center, OpenBook book, WindowServices services) {
        this.center = center;
        this.book = book;
        this.services = services;
        this.pane = new Lazy<>(() -> new HelpPane(this::openExample, this::addSamples, center::back));
    }

    private void show() {
        pane.get().setPalette(palette);
        center.show(pane.get());
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
        pane.ifMade(made -> made.setPalette(newPalette));
    }

    /** Shows the first page of the help. */
    void welcome() {
        show();
        pane.get().welcome();
    }

    /** Shows the list of all shortcuts. */
    void shortcuts(List<HelpListEntry> all) {
        show();
        pane.get().shortcuts(all);
    }

    private void openExample(Exercise example) {
        if (services.library().open(example)) {
            center.back();
        }
    }

    private void addSamples() {
        book.change(one -> SampleBook.addPieces(one, book.now()))
                .ifPresent(added -> services.status().show(Counted.count(added, "sample exercise") + " in the Book."));
        services.navigation().showBook();
        center.back();
    }
}
