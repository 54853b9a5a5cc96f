package nimblestride.desktop.shell;

import java.nio.file.Path;
import nimblestride.desktop.async.Lazy;
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
    private final CenterPane center;
    private final ImportSession session;
    private final Lazy<ImportPane> pane;
    private Palette palette = Palette.DAY;

    /** @param home folder of the drum map */
    ImportView(CenterPane center, Path home, Library library, Dialogs dialogs, Status status) {
        this.center = center;
        this.session = new ImportSession(
                library, dialogs, status, center::back, new DrumMap(home.resolve("sounds.properties")));
        this.pane = new Lazy<>(() -> {
            ImportPane made = new ImportPane(session);
            made.setPalette(palette);
            return made;
        });
    }

    /** Reads a file and shows what it holds. */
    void begin(ImportedOriginal original) {
        center.show(pane.get());
        session.begin(original);
    }

    void setPalette(Palette to) {
        palette = to;
        pane.ifMade(made -> made.setPalette(to));
    }

    /** Stops reading. */
    void close() {
        session.leave();
    }
}
