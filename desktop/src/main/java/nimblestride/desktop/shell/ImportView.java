package nimblestride.desktop.shell;

import java.nio.file.Path;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.workspace.importing.DrumMap;
import nimblestride.desktop.workspace.importing.ImportPane;
import nimblestride.desktop.workspace.importing.ImportSession;
import nimblestride.desktop.workspace.importing.ImportedOriginal;

/** Shows what another program's file holds, in place of the Road and the workspace. */
final class ImportView {
    private final ImportSession session;
    private final Cover<ImportPane> cover;

    /** @param home folder of the drum map */
    ImportView(CenterPane center, Path home, Library library, Dialogs dialogs, Status status) {
        this.session = new ImportSession(
                library, dialogs, status, this::covered, new DrumMap(home.resolve("sounds.properties")));
        this.cover = new Cover<>(center, () -> new ImportPane(session), ImportPane::setPalette);
    }

    private void covered() {
        cover.leave();
    }

    /** Reads a file and shows what it holds. */
    void begin(ImportedOriginal original) {
        cover.show();
        session.begin(original);
    }

    void setPalette(Palette palette) {
        cover.setPalette(palette);
    }

    /** Stops reading. */
    void close() {
        session.leave();
    }
}
