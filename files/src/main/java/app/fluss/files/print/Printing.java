package app.fluss.files.print;

import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.PDFPageable;

/// Prints pages through the system.
public final class Printing {
    private Printing() {}

    /// The printer of that name that the system has.
    public static Optional<PrintService> printer(String name) {
        return Arrays.stream(PrintServiceLookup.lookupPrintServices(null, null))
                .filter(one -> one.getName().equals(name))
                .findFirst();
    }

    /// Prints.
    ///
    /// @param pdf the pages
    /// @param copies of each, 1 or more
    /// @throws IOException if they could not be printed: it says why
    public static void print(byte[] pdf, PrintService printer, String title, int copies) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PrinterJob job = PrinterJob.getPrinterJob();
            job.setPrintService(printer);
            job.setJobName(title);
            job.setCopies(copies);
            job.setPageable(new PDFPageable(document));
            job.print();
        } catch (PrinterException e) {
            throw new IOException("%s could not print: %s".formatted(printer.getName(), e.getMessage()), e);
        }
    }
}
