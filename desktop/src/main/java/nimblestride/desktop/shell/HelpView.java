package nimblestride.desktop.shell;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Counted;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.workspace.help.HelpListEntry;
import nimblestride.desktop.workspace.help.HelpPane;

/** Shows the help in place of the Road and the workspace, and opens its examples. */
final class HelpView {
    private final OpenBook book;
    private final WindowServices services;
    private final Cover<HelpPane> cover;

    HelpView(CenterPane center, OpenBook book, WindowServices services) {
        this.book = book;
        this.services = services;
        this.cover = new Cover<>(
                center, () -> new HelpPane(this::openExample, this::addSamples, center::back), HelpPane::setPalette);
    }

    void setPalette(Palette palette) {
        cover.setPalette(palette);
    }

    /** Shows the first page of the help. */
    void welcome() {
        cover.show().welcome();
    }

    /** Shows the list of all shortcuts. */
    void shortcuts(List<HelpListEntry> all) {
        cover.show().shortcuts(all);
    }

    private void openExample(Exercise example) {
        services.library().open(example);
        leave();
    }

    /** Closes it. */
    void leave() {
        cover.leave();
    }

    private void addSamples() {
        book.change(one -> SampleBook.addPieces(one, book.now()))
                .ifPresent(added -> services.status().show(Counted.count(added, "sample exercise") + " in the Book."));
        services.navigation().showBook();
        cover.leave();
    }
}
