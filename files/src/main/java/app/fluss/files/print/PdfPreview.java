package app.fluss.files.print;

import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/// Pages as they will be printed, as pictures. Safe for threads.
public final class PdfPreview implements AutoCloseable {
    private final PDDocument document;
    private final PDFRenderer renderer;

    /// Of pages.
    ///
    /// @throws IOException if it is no PDF
    public PdfPreview(byte[] pdf) throws IOException {
        document = Loader.loadPDF(pdf);
        renderer = new PDFRenderer(document);
    }

    /// How many there are.
    public int pages() {
        return document.getNumberOfPages();
    }

    /// A page.
    ///
    /// @param page from 0
    /// @param dpi pixels an inch
    public synchronized BufferedImage page(int page, int dpi) throws IOException {
        return renderer.renderImageWithDPI(page, dpi, ImageType.RGB);
    }

    @Override
    public synchronized void close() throws IOException {
        document.close();
    }
}
