package app.fluss.app.share;

import app.fluss.app.model.Reports;
import java.util.function.Consumer;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.stage.Window;

/// Prints through the system: its own dialog chooses the printer, the pages go there as they are.
public final class SystemPrinting {
    private SystemPrinting() {}

    /// Lets the user choose a printer and prints.
    ///
    /// @param tell is told what happened, in words
    public static void print(byte[] pdf, String title, Window owner, Reports reports, Consumer<String> tell) {
        PrinterJob job = Printer.getAllPrinters().isEmpty() ? null : PrinterJob.createPrinterJob();
        if (job == null) {
            tell.accept(ShareText.NO_PRINTER);
            return;
        }
        if (job.showPrintDialog(owner)) {
            String printer = job.getPrinter().getName();
            int copies = job.getJobSettings().getCopies();
            job.cancelJob();
            reports.print(pdf, printer, title, copies, tell);
        } else {
            job.cancelJob();
        }
    }
}
