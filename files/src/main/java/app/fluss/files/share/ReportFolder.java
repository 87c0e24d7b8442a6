package app.fluss.files.share;

import app.fluss.core.work.Progress;
import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Picture;
import app.fluss.files.report.Json;
import app.fluss.files.work.WholeFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/// A report as a folder: the page, the same as PDF if it is wanted, figures and verdicts as CSV, the
/// study as JSON, and every chart as SVG, PNG and CSV, and a card of each game.
public final class ReportFolder {
    /// Name of the page in the folder.
    public static final String PAGE = "report.html";

    /// Name of the printed form in the folder.
    public static final String PRINTED = "report.pdf";

    private static final String CHARTS = "charts";
    private static final String CARDS = "cards";

    private ReportFolder() {}

    private record Piece(Path file, Writing writing) {
        @FunctionalInterface
        interface Writing {
            void to(Path file) throws IOException;
        }

        static Piece text(Path file, Supplier<String> text) {
            return new Piece(file, to -> Files.writeString(to, text.get()));
        }

        static Piece picture(Path file, Supplier<byte[]> png) {
            return new Piece(file, to -> Files.write(to, png.get()));
        }

        void write() throws IOException {
            writing.to(file);
        }
    }

    /// Writes all of it, two pieces at a time; files of the same names are replaced, others are left.
    ///
    /// @param pdf whether the printed form is written too
    public static void write(Report report, Path folder, boolean pdf, Progress progress) throws IOException {
        WholeFiles.folder(folder, own -> pieces(report, own, pdf, progress));
    }

    /// The page comes last, for it holds the charts that were drawn for their own files.
    private static void pieces(Report report, Path folder, boolean pdf, Progress progress) throws IOException {
        Files.createDirectories(folder.resolve(CHARTS));
        Files.createDirectories(folder.resolve(CARDS));
        Map<String, String> drawn = new ConcurrentHashMap<>();
        List<Piece> pieces = new ArrayList<>();
        if (pdf) {
            pieces.add(new Piece(folder.resolve(PRINTED), file -> ReportPdf.write(report, file)));
        }
        report.charts().forEach(chart -> pieces.addAll(chart(chart, folder.resolve(CHARTS), drawn)));
        pieces.addAll(cards(report, folder.resolve(CARDS)));
        InTurn.written(pieces, Piece::write, progress.part(0, 0.9));
        InTurn.written(
                List.of(
                        Piece.text(
                                folder.resolve(PAGE),
                                () -> ReportHtml.of(report, id -> Objects.requireNonNull(drawn.get(id), id))),
                        Piece.text(folder.resolve("figures.csv"), report.figures()::csv),
                        Piece.text(folder.resolve("verdicts.csv"), report.verdicts()::csv),
                        Piece.text(folder.resolve("study.json"), () -> Json.text(StudyJson.of(report)))),
                Piece::write,
                progress.part(0.9, 1));
    }

    private static List<Piece> chart(ReportChart chart, Path charts, Map<String, String> drawn) {
        return List.of(
                Piece.text(charts.resolve(chart.id() + ".svg"), () -> {
                    Picture.Vector vector = chart.picture().vector(ReportChart.prefix(chart.id()));
                    drawn.put(chart.id(), vector.element());
                    return vector.file();
                }),
                Piece.picture(
                        charts.resolve(chart.id() + ".png"),
                        () -> chart.picture().png(Palette.LIGHT)),
                Piece.text(charts.resolve(chart.id() + ".csv"), chart.data()::csv));
    }

    private static List<Piece> cards(Report report, Path folder) {
        List<Piece> pieces = new ArrayList<>();
        int number = 0;
        for (ReportGame game : report.games()) {
            number++;
            Path file = folder.resolve(GameBuilder.slug(number, game.verdicts().game()) + ".png");
            Card.of(game.verdicts())
                    .ifPresent(card ->
                            pieces.add(Piece.picture(file, () -> card.picture().png(Palette.LIGHT, 1))));
        }
        return pieces;
    }
}
