package nimblestride.desktop.service;

import java.util.List;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.formats.export.ExportFormat;
import nimblestride.web.Booklet;

/** Exports to files the user names, and prints. Each method asks for the file first, and shows what came of it. */
public interface Export {
    /** Exports an exercise in a format. */
    void exercise(Exercise exercise, ExportFormat format, Sheet sheet);

    /** Exports pages as a PDF; does nothing when there are none. */
    void pages(String title, List<Drawing> pages);

    /** Exports a practice page for phones. */
    void webPage(Booklet booklet);

    /** Prints pages through the system's dialog. */
    void print(String title, List<Drawing> pages, PaperSize paper);

    /** Exports exercises of the Book as one file for another person's program. */
    void exercises(List<UUID> exercises, String forWhom);

    /** Exports your own log as a file a teacher can merge. */
    void log();

    /** Exports the log of everybody as a table for a spreadsheet. */
    void logTable();

    /** Exports the whole Book as JSON. */
    void book();
}
