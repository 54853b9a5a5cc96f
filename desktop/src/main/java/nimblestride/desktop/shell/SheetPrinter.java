package nimblestride.desktop.shell;

import java.util.List;
import java.util.concurrent.CancellationException;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.transform.Scale;
import javafx.scene.transform.Translate;
import javafx.stage.Stage;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.view.staff.PrintedPage;
import nimblestride.files.FileException;

/** Prints pages through the system's dialog. */
final class SheetPrinter {
    private final Stage stage;
    private final Dialogs dialogs;
    private final CommandQueue commands;
    private final Status status;

    SheetPrinter(Stage stage, Dialogs dialogs, CommandQueue commands, Status status) {
        this.stage = stage;
        this.dialogs = dialogs;
        this.commands = commands;
        this.status = status;
    }

    /** Asks for a printer and its settings, and prints the pages; shows why it can't. */
    void print(String title, List<Drawing> pages, PaperSize paper) {
        PrinterJob job = Printer.getDefaultPrinter() == null ? null : PrinterJob.createPrinterJob();
        if (job == null) {
            dialogs.showError(
                    "No printer found",
                    "Set up a printer on this computer, or save the sheet as a PDF and print it elsewhere.");
            return;
        }
        job.getJobSettings().setJobName(title);
        job.getJobSettings().setPageLayout(layout(job.getPrinter(), paper));
        if (!job.showPrintDialog(stage)) {
            job.cancelJob();
            return;
        }
        PageLayout layout = job.getJobSettings().getPageLayout();
        commands.run(
                "Printing " + title,
                progress -> printed(job, title, pages, layout, progress),
                count -> status.show("Printed " + count + (count == 1 ? " page." : " pages.")));
    }

    private static int printed(
            PrinterJob job, String title, List<Drawing> pages, PageLayout layout, CommandQueue.Progress progress) {
        try {
            int count = 0;
            for (Drawing page : pages) {
                progress.report(count / (double) pages.size());
                if (!job.printPage(layout, placed(page, layout))) {
                    throw new FileException("the printer accepted only part of " + title + ", or nothing");
                }
                count++;
            }
            if (!job.endJob()) {
                throw new FileException("the printer accepted all of " + title + " and then failed");
            }
            return count;
        } catch (CancellationException e) {
            job.cancelJob();
            throw e;
        }
    }

    private static PageLayout layout(Printer printer, PaperSize paper) {
        return printer.createPageLayout(
                switch (paper) {
                    case A4 -> javafx.print.Paper.A4;
                    case LETTER -> javafx.print.Paper.NA_LETTER;
                },
                PageOrientation.PORTRAIT,
                Printer.MarginType.HARDWARE_MINIMUM);
    }

    /** Places a page at its own size, unless the printer's margins would cut its content. */
    private static PrintedPage placed(Drawing page, PageLayout layout) {
        double space = PaperSize.pointsToTheSpace();
        PrintedPage printed = new PrintedPage(page, space);
        double widest = Math.max(
                Math.max(layout.getLeftMargin(), layout.getRightMargin()),
                Math.max(layout.getTopMargin(), layout.getBottomMargin()));
        if (widest <= SheetLayout.MARGIN * space) {
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
