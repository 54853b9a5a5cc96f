package nimblestride.desktop.shell;

import java.util.List;
import java.util.function.Consumer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Counted;
import nimblestride.desktop.async.Lazy;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.workspace.help.HelpListEntry;
import nimblestride.desktop.workspace.help.HelpPane;

/** The help takes the window's room for as long as it is read; its examples open on the desk. */
final class HelpView {
    private final CenterPane middle;
    private final FileMenu files;
    private final OpenBook book;
    private final Consumer<String> tell;
    private final Runnable bookIsSeen;
    private final Lazy<HelpPane> pane;

    /** @param bookIsSeen unfolds the Book, which has just got something to see */
    HelpView(CenterPane middle, FileMenu files, OpenBook book, Consumer<String> tell, Runnable bookIsSeen) {
        this.middle = middle;
        this.files = files;
        this.book = book;
        this.tell = tell;
        this.bookIsSeen = bookIsSeen;
        this.pane =
                new Lazy<>(() -> new HelpPane(new HelpPane.Beyond(this::openExample, this::takeSamples, middle::back)));
    }

    /** Shows the help from its first page on. */
    void welcome() {
        middle.show(pane.get());
        pane.get().welcome();
    }

    /** Shows the list of all shortcuts. */
    void shortcuts(List<HelpListEntry> all) {
        middle.show(pane.get());
        pane.get().shortcuts(all);
    }

    private void openExample(Exercise example) {
        if (files.lay(example)) {
            middle.back();
        }
    }

    private void takeSamples() {
        book.change(one -> SampleBook.addPieces(one, book.now()))
                .ifPresent(added -> tell.accept(Counted.count(added, "sample piece") + " in the Book."));
        bookIsSeen.run();
        middle.back();
    }
}
