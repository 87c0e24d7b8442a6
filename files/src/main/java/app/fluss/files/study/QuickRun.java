package app.fluss.files.study;

import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Chain;
import app.fluss.core.path.PathGuess;
import app.fluss.core.reading.QuickRow;
import app.fluss.core.reading.Reading;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.Summary;
import app.fluss.files.log.SummaryFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.regex.Pattern;

/// Runs that are typed into a table: what was noted becomes a file like any other, and is kept as evidence.
public final class QuickRun {
    private static final Figure NOT_NOTED = Figure.missing("it was not noted");

    private static final Pattern WRITTEN = Pattern.compile("(summary|noted)-\\d+\\.csv");

    private QuickRun() {}

    /// Whether a run rests on a row of the table and nothing else, so that a row holds all there is of it.
    public static boolean isOne(Run run) {
        return !run.simulated()
                && !run.isToggled()
                && run.evidence().stream()
                        .allMatch(one -> WRITTEN.matcher(one.fileName()).matches())
                && run.evidence().size() <= 1;
    }

    /// What a row says of its run.
    ///
    /// @param paths the paths that are known: one of that name is taken, any other is guessed by its name
    /// @param name of the run
    public static RunDraft draft(QuickRow.Reading.Read read, List<DeliveryPath> paths, String name) {
        QuickRow row = read.row();
        return new RunDraft(
                row.game(),
                row.scene(),
                row.path(),
                chain(row.path(), paths),
                name,
                false,
                Setup.EMPTY,
                Double.NaN,
                new Taking(OptionalLong.empty(), Outcome.KEPT, "", read.impression()));
    }

    /// The stages of a path that is typed by name.
    public static Chain chain(String path, List<DeliveryPath> paths) {
        return paths.stream()
                .filter(known -> known.name().equals(path.strip()))
                .map(DeliveryPath::chain)
                .findFirst()
                .orElseGet(() -> PathGuess.of(path));
    }

    /// Writes what a row says as a file, and reads it as evidence.
    ///
    /// @param folder for the file, which must last until the run is kept
    /// @param number tells the files of several rows apart
    /// @return none of a run that was only felt
    public static List<RunEvidence<?>> evidence(QuickRow.Reading.Read read, Path folder, int number)
            throws IOException, InputException {
        if (Double.isNaN(read.averageFps())) {
            return List.of();
        }
        QuickRow row = read.row();
        if (row.ofTool()) {
            Path file = folder.resolve("summary-%d.csv".formatted(number));
            SummaryFile.write(
                    new Summary(
                            Figure.missing("the length was not noted"),
                            new Claimed(
                                    Figure.of(read.averageFps()),
                                    Figure.ofFinite(read.lowestFps(), "the lowest rate was not noted"),
                                    Figure.ofFinite(read.highestFps(), "the highest rate was not noted"),
                                    NOT_NOTED,
                                    Figure.ofFinite(read.lowFps(), "the low was not noted"),
                                    row.convention().strip()),
                            Map.of()),
                    file);
            return List.of(RunEvidence.of(EvidenceKinds.SUMMARY, file, Progress.NONE));
        }
        boolean ends = !Double.isNaN(read.lowestFps()) || !Double.isNaN(read.highestFps());
        Path file = folder.resolve("noted-%d.csv".formatted(number));
        ReadingsFile.write(
                new ReadingSeries(
                        List.of(new Reading(
                                Double.NaN,
                                read.averageFps(),
                                ends ? read.lowestFps() : read.averageFps(),
                                ends ? read.highestFps() : read.averageFps(),
                                Double.NaN)),
                        List.of(),
                        Figure.ofFinite(read.lowFps(), "the low was not noted"),
                        row.convention().strip(),
                        Map.of()),
                file);
        return List.of(RunEvidence.of(EvidenceKinds.READINGS, file, Progress.NONE));
    }
}
