package nimblestride.desktop.workspace.share;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.formats.export.ExportFormat;

/** How what is handed out leaves the program: to a file that is asked for, or to a printer. */
public interface ExportDelivery {
    /** Writes an exercise in a form. */
    void save(Exercise exercise, ExportFormat form, Sheet sheet);

    /** Writes pages as a PDF. */
    void savePages(String title, List<Drawing> pages);

    /** Asks where something is to be written; empty for nowhere after all. */
    Optional<Path> where(String suggested);

    /** Prints pages through the system's dialog. */
    void print(String title, List<Drawing> pages, PaperSize paper);
}
