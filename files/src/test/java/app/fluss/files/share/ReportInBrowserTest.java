package app.fluss.files.share;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.fluss.core.work.Progress;
import app.fluss.files.study.Study;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The page in a real browser, where there is one: no error, and nothing wider than the screen or the
/// paper.
class ReportInBrowserTest {
    private static final int PATIENCE_S = 120;

    @TempDir
    private Path folder;

    private static Optional<Path> browser() {
        return Stream.of("chromium", "chromium-browser", "google-chrome")
                .map(name -> Path.of("/usr/bin", name))
                .filter(Files::isExecutable)
                .findFirst();
    }

    private Path page() throws Exception {
        try (Study study = Study.open(folder.resolve("bench.fluss"))) {
            WrittenBench bench = new WrittenBench(folder);
            bench.addGame(study, "Reedlight", "weir run", "driver generation 2×", 2, "");
            bench.addGame(study, WrittenBench.HOSTILE, "x".repeat(200), "y".repeat(200), 1, "");
            Report report = Report.of(study, ReportWish.ALL, "9.9", LocalDate.of(2026, 11, 28), Progress.NONE);
            return Files.writeString(folder.resolve("report.html"), ReportHtml.of(report));
        }
    }

    private String run(String... arguments) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                browser().orElseThrow().toString(),
                "--headless",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--allow-file-access-from-files",
                "--enable-logging=stderr",
                "--user-data-dir=" + folder.resolve("browser")));
        command.addAll(List.of(arguments));
        Path out = folder.resolve("out.txt");
        Path err = folder.resolve("err.txt");
        Process process = new ProcessBuilder(command)
                .redirectOutput(out.toFile())
                .redirectError(err.toFile())
                .start();
        assertThat(process.waitFor(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
        assertThat(Files.readString(err)).doesNotContain("CONSOLE");
        return Files.readString(out);
    }

    @Test
    void nothingIsWiderThanTheScreenNorOffThePaper() throws Exception {
        assumeTrue(browser().isPresent(), "there is no browser on this machine");
        Path page = page();
        for (int width : new int[] {380, 1280}) {
            Path frame = Files.writeString(folder.resolve("frame.html"), """
                    <body><iframe src="report.html" width="%d" height="900"></iframe><script>
                    onload = () => { const inner = frames[0].document;
                      const head = inner.querySelector("#verdicts thead th:nth-child(3) button"); head.click();
                      document.title = inner.documentElement.scrollWidth + " " + head.parentNode.ariaSort; };
                    </script></body>""".formatted(width));
            String dom = run("--dump-dom", frame.toUri().toString());
            String title = dom.replaceFirst("(?s).*<title>([^<]*)</title>.*", "$1");
            assertThat(Integer.parseInt(title.split(" ")[0])).as("at " + width).isLessThanOrEqualTo(width);
            assertThat(title).as("tables sort").endsWith("ascending");
        }
        Path pdf = folder.resolve("printed.pdf");
        run("--no-pdf-header-footer", "--print-to-pdf=" + pdf, page.toUri().toString());
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            float paper = document.getPage(0).getMediaBox().getWidth();
            assertThat(paper).as("A4").isBetween(594f, 597f);
            float[] right = {0};
            new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition text) {
                    right[0] = Math.max(right[0], text.getXDirAdj() + text.getWidthDirAdj());
                }
            }.getText(document);
            assertThat(right[0]).isBetween(paper / 2, paper);
        }
    }
}
