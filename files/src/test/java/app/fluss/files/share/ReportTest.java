package app.fluss.files.share;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.compare.Difference;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Measure;
import app.fluss.core.work.Progress;
import app.fluss.core.work.StoppedException;
import app.fluss.files.compare.Grouping;
import app.fluss.files.compare.Pair;
import app.fluss.files.compare.SceneFigures;
import app.fluss.files.draw.TextFace;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.table.Cell;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import nu.validator.client.EmbeddedValidator;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Reports of studies whose logs are written in the test: what they say, that it is what Compare and
/// Examine say, and that nothing in a study can do harm in them.
class ReportTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 28);

    @TempDir
    private static Path folder;

    private static Study study;
    private static Report report;

    @BeforeAll
    static void make() throws Exception {
        study = Study.open(folder.resolve("bench of mine.fluss"));
        WrittenBench bench = new WrittenBench(folder);
        bench.addGame(study, "Reedlight", "weir run", "driver generation 2×", 3, "");
        bench.addGame(study, WrittenBench.HOSTILE, WrittenBench.HOSTILE, WrittenBench.HOSTILE, 1, "");
        report = made();
    }

    @AfterAll
    static void close() throws Exception {
        study.close();
    }

    private static Report made() throws Exception {
        return Report.of(study, ReportWish.ALL, "9.9", DAY, Progress.NONE);
    }

    @Test
    void thePagePassesAValidator() throws Exception {
        EmbeddedValidator validator = new EmbeddedValidator();
        validator.setOutputFormat(EmbeddedValidator.OutputFormat.TEXT);
        String said = validator.validate(
                new ByteArrayInputStream(ReportHtml.of(report).getBytes(StandardCharsets.UTF_8)));
        assertThat(said.lines().filter(line -> line.contains("error:"))).isEmpty();
    }

    @Test
    void thePageNeedsNothingOutsideAndSaysNoPathOfTheMachine() {
        String page = ReportHtml.of(report);
        assertThat(page).doesNotContainPattern("(?:src|href)=\"(?!#)");
        assertThat(page).doesNotContainPattern("url\\((?!data:)");
        assertThat(page).doesNotContain(folder.toString()).doesNotContain(System.getProperty("user.home") + "/");
        assertThat(page).contains("default-src 'none'");
    }

    @Test
    void sameStudySameBytesButForTheDate() throws Exception {
        Report again = made();
        assertThat(ReportHtml.of(again)).isEqualTo(ReportHtml.of(report));
        assertThat(again.figures().csv()).isEqualTo(report.figures().csv());
        Report later = Report.of(study, ReportWish.ALL, "9.9", DAY.plusDays(1), Progress.NONE);
        List<String> before = ReportHtml.of(report).lines().toList();
        List<String> after = ReportHtml.of(later).lines().toList();
        assertThat(Stream.iterate(0, i -> i < before.size(), i -> i + 1)
                        .filter(i -> !before.get(i).equals(after.get(i))))
                .singleElement()
                .satisfies(line -> assertThat(after.get(line)).contains("2026-11-29"));
    }

    /// Whatever a study calls its games, scenes and paths: no script, no formula, one line, cut with the
    /// whole beside.
    @Test
    void hostileNamesAreEscapedDefusedAndCut() throws Exception {
        String page = ReportHtml.of(report);
        assertThat(page).doesNotContain("<script>alert").contains("&lt;script&gt;alert(1)");
        assertThat(page).doesNotContain("\u202E");
        assertThat(page).containsPattern("title=\"[^\"]{200,}\"><bdi>[^<]{1,200}…</bdi>");
        Path out = Files.createDirectories(folder.resolve("hostile"));
        ReportFolder.write(report, out, true, Progress.NONE);
        try (Stream<Path> files = Files.walk(out)) {
            for (Path csv :
                    files.filter(file -> file.toString().endsWith(".csv")).toList()) {
                try (CsvReader<NamedCsvRecord> reader = CsvReader.builder().ofNamedCsvRecord(csv)) {
                    for (NamedCsvRecord row : reader) {
                        assertThat(row.getFields()).as(csv.toString()).noneMatch(cell -> cell.startsWith("="));
                        assertThat(row.getFields()).noneMatch(cell -> cell.contains("\n"));
                    }
                }
            }
        }
        try (Stream<Path> svgs = Files.list(out.resolve("charts"))) {
            for (Path svg :
                    svgs.filter(file -> file.toString().endsWith(".svg")).toList()) {
                assertThat(Files.readString(svg)).doesNotContain("<script");
            }
        }
        assertThat(ImageIO.read(out.resolve("cards/02-reedlight.png").toFile()).getWidth())
                .isEqualTo(Card.WIDTH);
    }

    /// Every figure of every run is the one that Examine shows, every difference the one that Compare
    /// shows.
    @Test
    void everyFigureIsOneThatExamineOrCompareShows() throws Exception {
        SceneFigures figures = new SceneFigures(study);
        List<NamedCsvRecord> rows = rows(report.figures().csv());
        for (Run run : study.runs()) {
            if (!run.path().name().equals("driver generation 2×")) {
                continue;
            }
            Analysis analysis = figures.of(run);
            for (Measure measure : Measure.values()) {
                assertThat(value(rows, run.name(), measure.id()))
                        .as("%s of %s", measure, run.name())
                        .isEqualTo(Cell.of(measure.of(analysis)));
            }
        }
        List<Run> ofScene = study.runs().stream()
                .filter(run -> run.name().compareTo("run 7") < 0)
                .toList();
        Pair pair = Pair.of(ofScene, new Grouping.ByPath(), Optional.empty()).getFirst();
        var compared = pair.compare(study, figures);
        for (Measure measure : Measure.COMPARED) {
            Difference difference = compared.measure(measure);
            NamedCsvRecord row = row(rows, "", measure.id() + "-ratio", "driver generation 2×");
            assertThat(row.getField("value")).as(measure.id()).isEqualTo(Cell.of(difference.ratio()));
            assertThat(row.getField("low")).isEqualTo(Cell.of(difference.ratioInterval(), ends -> ends.low()));
        }
        double gain = Double.parseDouble(
                row(rows, "", "delivered-ratio", "driver generation 2×").getField("value"));
        // Two images every 13 ms against one every 12.5 ms, each with a rare long frame.
        assertThat(gain).isBetween(1.90, 1.95);
    }

    private static List<NamedCsvRecord> rows(String csv) throws Exception {
        try (CsvReader<NamedCsvRecord> reader = CsvReader.builder().ofNamedCsvRecord(csv)) {
            return reader.stream().toList();
        }
    }

    private static String value(List<NamedCsvRecord> rows, String run, String measure) {
        return row(rows, run, measure, "driver generation 2×").getField("value");
    }

    private static NamedCsvRecord row(List<NamedCsvRecord> rows, String run, String measure, String path) {
        return rows.stream()
                .filter(row -> row.getField("run").equals(run)
                        && row.getField("measure").equals(measure)
                        && row.getField("path").equals(path))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no row of %s, %s, %s".formatted(run, measure, path)));
    }

    @Test
    void thePrintedFormHasSelectableTextInTheFaceThatItCarries() throws Exception {
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        ReportPdf.write(report, pdf);
        try (PDDocument document = Loader.loadPDF(pdf.toByteArray())) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Reedlight", "How it was measured", "delivered gain", "rendered", "1 of ");
            // A letter that the face does not have would stand as this.
            assertThat(text).doesNotContain("#");
            for (PDPage page : document.getPages()) {
                for (var name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).isEmbedded()).isTrue();
                }
                assertThat(page.getMediaBox().getWidth()).isBetween(595f, 596f);
            }
        }
    }

    /// What the page says in our own words can be drawn with the face.
    @Test
    void theFaceHasEveryLetterThatWeWrite() throws Exception {
        try (TrueTypeFont face =
                new TTFParser().parse(new RandomAccessReadBuffer(TextFace.bytes(TextFace.Weight.REGULAR)))) {
            CmapLookup letters = face.getUnicodeCmapLookup();
            String words = ReportHtml.of(report).replaceAll("(?s)<style>.*?</style>|<script>.*?</script>|<[^>]*>", " ");
            assertThat(words.codePoints()
                            .filter(letter -> letter > ' ' && letters.getGlyphId(letter) == 0)
                            .distinct()
                            .mapToObj(Character::toString))
                    .isEmpty();
        }
    }

    @Test
    void aReportCanBeStoppedAndAsksForGamesThatThereAre() {
        assertThatThrownBy(() -> Report.of(study, ReportWish.ALL, "9.9", DAY, share -> share < 0.1))
                .isInstanceOf(StoppedException.class);
        ReportWish other = new ReportWish(List.of("Nowhere"), Optional.empty(), Set.of());
        assertThatThrownBy(() -> Report.of(study, other, "9.9", DAY, Progress.NONE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("there is no game 'Nowhere'; the study has: ");
    }
}
