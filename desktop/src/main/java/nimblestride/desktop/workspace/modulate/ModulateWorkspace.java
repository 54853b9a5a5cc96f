package nimblestride.desktop.workspace.modulate;

import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Modulate workspace: pivots, there and back, and the sections they lead through. */
public final class ModulateWorkspace extends PagedPane implements Workspace {
    /**
     * Creates the pages.
     *
     * @param transport plays the modulation
     */
    public ModulateWorkspace(ExerciseDocument document, Transport transport) {
        SelectedModulation gear = new SelectedModulation();
        add(PageId.PIVOT, () -> new PivotPage(document, gear));
        add(PageId.SECTIONS, () -> new SectionsPage(document, transport));
        add(PageId.TEMPOS, () -> new TemposPage(document, gear));
        add(PageId.IMPLIED, () -> new ImpliedPage(document, gear));
        open(PageId.PIVOT);
    }
}
