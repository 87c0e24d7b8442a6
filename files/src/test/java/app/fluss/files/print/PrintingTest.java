package app.fluss.files.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.fluss.files.bench.RunSheetPage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.print.DocFlavor;
import javax.print.StreamPrintServiceFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/// A run sheet as PDF and on its way to a printer: one that writes PostScript into memory stands in for it.
class PrintingTest {
    private static byte[] sheet() throws Exception {
        return new RunSheetPage(
                        "bench",
                        "28 November 2026",
                        List.of(new RunSheetPage.Row(
                                0, 90, "run", true, "Reedlight, weir", "native", List.of("restart the game"))))
                .pdf();
    }

    @Test
    void theRunSheetSaysWhatIsToBeDone() throws Exception {
        try (PDDocument document = Loader.loadPDF(sheet())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Run sheet", "Reedlight, weir", "restart the game");
        }
    }

    @Test
    void pagesReachAPrinter() throws Exception {
        StreamPrintServiceFactory[] writers = StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
                DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript");
        assumeTrue(writers.length > 0, "this Java has no printer that writes PostScript");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Printing.print(sheet(), writers[0].getPrintService(out), "Run sheet", 1);
        assertThat(out.toString(StandardCharsets.ISO_8859_1)).startsWith("%!PS").contains("showpage");
        assertThatThrownBy(() -> Printing.print(new byte[] {1, 2}, writers[0].getPrintService(out), "x", 1))
                .isInstanceOf(IOException.class);
        assertThat(Printing.printer("no such printer")).isEmpty();
    }
}
