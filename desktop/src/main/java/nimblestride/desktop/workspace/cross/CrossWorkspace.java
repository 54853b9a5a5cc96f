package nimblestride.desktop.workspace.cross;

import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Cross workspace: what runs across the bar line, how it realigns, and what can be made of it. */
public final class CrossWorkspace extends PagedPane implements Workspace {
    private final LazyPage<WeavePage> weave;
    private final LazyPage<BarListingPage> words;

    /**
     * Creates the pages.
     *
     * @param library adds families to the Book
     */
    public CrossWorkspace(ExerciseDocument document, Library library) {
        add(PageId.LAYERS, () -> new LayersPage(document));
        weave = add(PageId.WEAVE, () -> new WeavePage(document));
        words = add(PageId.BAR_BY_BAR, BarListingPage::new);
        add(PageId.MAKE_IT_FIT, () -> new ResolutionsPage(document));
        add(PageId.FAMILIES, () -> new FamiliesPage(document, library));
        add(PageId.FLOW, () -> new FlowPage(document));
        open(PageId.LAYERS);
    }

    /**
     * Follows playback.
     *
     */
    public void follow(Playhead playhead) {
        weave.ifMade(page -> page.follow(playhead));
        words.ifMade(page -> page.follow(playhead));
    }
}
