package nimblestride.desktop.shell;

import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.workspace.importing.RepeatedImport;
import nimblestride.desktop.workspace.importing.RepeatedImportPane;

/** Shows a file that was imported before beside what the Book made of it. */
final class RepeatedImportView {
    private final Cover<RepeatedImportPane> cover;

    RepeatedImportView(CenterPane center) {
        this.cover = new Cover<>(center, () -> new RepeatedImportPane(this::leave), RepeatedImportPane::setPalette);
    }

    void show(RepeatedImport both, RepeatedImport.Choice choice) {
        cover.show().show(both, choice);
        cover.repaint();
    }

    private void leave() {
        cover.leave();
    }

    void setPalette(Palette palette) {
        cover.setPalette(palette);
    }
}
