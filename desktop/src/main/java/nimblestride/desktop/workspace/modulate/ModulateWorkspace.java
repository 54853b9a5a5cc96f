package nimblestride.desktop.workspace.modulate;

import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Shift bench: a change of gear, there and back, and the sections it leads through. */
public final class ModulateWorkspace extends PagedPane implements Workspace {
    public ModulateWorkspace(ExerciseDocument document, Transport transport) {
        SelectedModulation gear = new SelectedModulation();
        add(
                "Pivot",
                "A change of tempo by a note that lasts equally long in both, and the way back",
                () -> new PivotPage(document, gear));
        add(
                "Sections",
                "The sections one after the other, and whether their tempos come home",
                () -> new SectionsPage(document, transport));
        add(
                "Tempos",
                "Where all tempos are whole numbers, and ways from one tempo to another",
                () -> new TemposPage(document, gear));
        add(
                "Implied",
                "The bars stay, and a layer sounds as though the tempo had changed",
                () -> new ImpliedPage(document, gear));
        choose("Pivot");
    }
}
