package app.fluss.files.share;

import app.fluss.core.verdict.Verdict;
import app.fluss.files.chart.VerdictSign;
import app.fluss.files.draw.Picture;
import app.fluss.files.print.PdfPages;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;

/// A report as it is printed: the same text and charts as the page, in a style of its own, on A4.
public final class ReportPdf {
    /// Width of a chart on paper, mm.
    private static final double CHART_MM = 184;

    private ReportPdf() {}

    /// Writes it; a file that is there is replaced.
    public static void write(Report report, Path file) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            write(report, out);
        }
    }

    /// Writes it.
    ///
    /// @param out stays open
    public static void write(Report report, OutputStream out) throws IOException {
        Map<String, Picture> pictures = new LinkedHashMap<>();
        report.charts().forEach(chart -> pictures.put(chart.id(), chart.picture()));
        for (Verdict.Word word : Verdict.Word.values()) {
            pictures.put(Page.SIGN + word.name(), new VerdictSign(word).picture());
        }
        Map<String, Object> values = new LinkedHashMap<>(report.values());
        values.put("style", PdfPages.style(PageTemplate.resource("report-pdf.css")));
        String page = PageTemplate.filled("report-pdf.html", values, id -> object(id, pictures));
        PdfPages.write(page, pictures, out);
    }

    private static String object(String id, Map<String, Picture> pictures) {
        if (id.startsWith(Page.SIGN)) {
            return PdfPages.object(id, 3.2, 3.2);
        }
        Picture picture = Objects.requireNonNull(pictures.get(id), id);
        return PdfPages.object(id, CHART_MM, CHART_MM * picture.height() / picture.width());
    }
}
