package app.fluss.files.share;

import app.fluss.core.work.Progress;
import app.fluss.files.draw.Palette;
import app.fluss.files.report.Json;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/// A report as a folder: the page, the same as PDF if it is wanted, figures and verdicts as CSV, the
/// study as JSON, and every chart as SVG, PNG and CSV, and a card of each game.
public final class ReportFolder {
    /// Name of the page in the folder.
    public static final String PAGE = "report.html";

    /// Name of the printed form in the folder.
    public static final String PRINTED = "report.pdf";

    private ReportFolder() {}

    /// Writes all of it; files of the same names are replaced, others are left.
    ///
    /// @param pdf whether the printed form is written too
    public static void write(Report report, Path folder, boolean pdf, Progress progress) throws IOException {
        Path charts = folder.resolve("charts");
        Files.createDirectories(charts);
        Files.writeString(folder.resolve(PAGE), ReportHtml.of(report));
        Files.writeString(folder.resolve("figures.csv"), report.figures().csv());
        Files.writeString(folder.resolve("verdicts.csv"), report.verdicts().csv());
        Files.writeString(folder.resolve("study.json"), Json.text(StudyJson.of(report)));
        InTurn.written(
                report.charts(),
                chart -> {
                    Files.writeString(
                            charts.resolve(chart.id() + ".svg"), chart.picture().svg(Palette.LIGHT));
                    Files.write(
                            charts.resolve(chart.id() + ".png"), chart.picture().png(Palette.LIGHT));
                    Files.writeString(
                            charts.resolve(chart.id() + ".csv"), chart.data().csv());
                },
                pdf ? progress.part(0, 0.5) : progress);
        cards(report, folder.resolve("cards"));
        if (pdf) {
            ReportPdf.write(report, folder.resolve(PRINTED));
        }
        progress.check(1);
    }

    private static void cards(Report report, Path folder) throws IOException {
        Files.createDirectories(folder);
        int number = 0;
        for (ReportGame game : report.games()) {
            number++;
            Optional<Card> card = Card.of(game.verdicts());
            if (card.isPresent()) {
                Files.write(
                        folder.resolve(GameBuilder.slug(number, game.verdicts().game()) + ".png"),
                        card.get().picture().png(Palette.LIGHT, 1));
            }
        }
    }
}
