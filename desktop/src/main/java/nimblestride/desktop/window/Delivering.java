package nimblestride.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.transform.Scale;
import javafx.scene.transform.Translate;
import javafx.stage.Stage;
import nimblestride.core.engraving.Drawing;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.sheet.Paper;
import nimblestride.core.sheet.Sheet;
import nimblestride.core.sheet.SheetPages;
import nimblestride.desktop.handout.Delivery;
import nimblestride.desktop.staff.PrintedPage;
import nimblestride.formats.file.AtomicFile;
import nimblestride.formats.file.FileName;
import nimblestride.formats.form.Form;
import nimblestride.formats.picture.PdfFile;

/** Writes what is handed out to files the user names, and prints it through the system's dialog. */
final class Delivering implements Delivery {
    private final Stage stage;
    private final Questions questions;
    private final Consumer<String> status;

    Delivering(Stage stage, Questions questions, Consumer<String> status) {
        this.stage = stage;
        this.questions = questions;
        this.status = status;
    }

    @Override
    public void save(Exercise exercise, Form form, Sheet sheet) {
        write(FileName.of(exercise) + "." + form.ending(), form.title(), () -> form.write(exercise, sheet));
    }

    @Override
    public void savePages(String title, List<Drawing> pages) {
        if (!pages.isEmpty()) {
            write(
                    FileName.of(title) + ".pdf",
                    Form.PDF.title(),
                    () -> PdfFile.write(title, pages, Paper.pointsToTheSpace()));
        }
    }

    @Override
    public Optional<Path> where(String suggested) {
        return questions.fileToSave(suggested);
    }

    @Override
    public void failed(String title, String why) {
        questions.tell(title, why);
    }

    private void write(String suggested, String what, Supplier<byte[]> content) {
        questions.fileToSave(suggested).ifPresent(file -> write(file, what, content));
    }

    private void write(Path file, String what, Supplier<byte[]> content) {
        try {
            AtomicFile.write(file, content.get());
            status.accept("Wrote " + file + ".");
        } catch (IOException | IllegalArgumentException e) {
            questions.tell("The " + what + " could not be written", e.getMessage());
        }
    }

    @Override
    public void print(String title, List<Drawing> pages, Paper paper) {
        PrinterJob job = Printer.getDefaultPrinter() == null ? null : PrinterJob.createPrinterJob();
        if (job == null) {
            questions.tell(
                    "There is no printer",
                    "This computer has no printer set up. Save the sheet as a PDF and print it where there is one.");
            return;
        }
        job.getJobSettings().setJobName(title);
        job.getJobSettings().setPageLayout(layout(job.getPrinter(), paper));
        if (!job.showPrintDialog(stage)) {
            job.cancelJob();
            return;
        }
        PageLayout layout = job.getJobSettings().getPageLayout();
        boolean good = true;
        for (Drawing page : pages) {
            good &= job.printPage(layout, placed(page, layout));
        }
        if (good && job.endJob()) {
            status.accept("Printed " + pages.size() + (pages.size() == 1 ? " page." : " pages."));
        } else {
            questions.tell("Printing failed", "The printer took only part of " + title + ", or none of it.");
        }
    }

    private static PageLayout layout(Printer printer, Paper paper) {
        return printer.createPageLayout(
                switch (paper) {
                    case A4 -> javafx.print.Paper.A4;
                    case LETTER -> javafx.print.Paper.NA_LETTER;
                },
                PageOrientation.PORTRAIT,
                Printer.MarginType.HARDWARE_MINIMUM);
    }

    /** At its own size, unless the printer's margins reach into what stands on the page. */
    private static PrintedPage placed(Drawing page, PageLayout layout) {
        double space = Paper.pointsToTheSpace();
        PrintedPage printed = new PrintedPage(page, space);
        double widest = Math.max(
                Math.max(layout.getLeftMargin(), layout.getRightMargin()),
                Math.max(layout.getTopMargin(), layout.getBottomMargin()));
        if (widest <= SheetPages.MARGIN * space) {
            printed.getTransforms().add(new Translate(-layout.getLeftMargin(), -layout.getTopMargin()));
        } else {
            double fits = Math.min(
                    layout.getPrintableWidth() / (page.width() * space),
                    layout.getPrintableHeight() / (page.height() * space));
            printed.getTransforms().add(new Scale(fits, fits));
        }
        return printed;
    }
}
