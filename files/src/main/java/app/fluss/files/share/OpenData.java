package app.fluss.files.share;

import app.fluss.core.work.Progress;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.report.Json;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.work.WholeFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/// A study as open data: figures and verdicts as tidy CSV, the study as JSON, and the frames of each run
/// as CSV.
public final class OpenData {
    private static final int SLUG = 60;

    private OpenData() {}

    /// Writes it; files of the same names are replaced, others are left.
    ///
    /// @param games names of those that are written; empty for all
    /// @param school by which all are judged; empty for the one that was chosen for each
    /// @param version of the program
    /// @return how many logs were written
    /// @throws IllegalArgumentException if a game is not in the study: it says which are
    public static int write(
            Study study, List<String> games, Optional<String> school, String version, Path folder, Progress progress)
            throws StudyException, IOException {
        Report report = Report.of(
                study, new ReportWish(games, school, Set.of()), version, LocalDate.EPOCH, progress.part(0, 0.6));
        List<MeasuredRun> logged = report.games().stream()
                .flatMap(game -> game.runs().stream())
                .filter(one -> one.run().hasLog())
                .toList();
        WholeFiles.folder(folder, own -> {
            Files.writeString(own.resolve("figures.csv"), report.figures().csv());
            Files.writeString(own.resolve("verdicts.csv"), report.verdicts().csv());
            Files.writeString(own.resolve("study.json"), Json.text(StudyJson.of(report)));
            Path frames = Files.createDirectory(own.resolve("frames"));
            int written = 0;
            for (MeasuredRun one : logged) {
                progress.part(0.6, 1).check((double) written / logged.size());
                written++;
                FrameLogWriter.write(study.log(one.run()), frames.resolve(name(written, one)));
            }
        });
        progress.check(1);
        return logged.size();
    }

    private static String name(int number, MeasuredRun one) {
        String words = "%s %s %s %s"
                .formatted(
                        one.game().name(),
                        one.scene().name(),
                        one.run().path().name(),
                        one.run().name());
        String plain = Shown.words(words).toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return "%04d-%s.csv".formatted(number, plain.length() > SLUG ? plain.substring(0, SLUG) : plain);
    }
}
