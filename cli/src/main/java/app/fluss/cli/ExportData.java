package app.fluss.cli;

import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.share.OpenData;
import app.fluss.files.share.ProductVersion;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// A study as open data.
@Command(
        name = "export",
        description = "A study as open data: every figure of every run and path as one tidy CSV file, verdicts claim by"
                + " claim, the study as JSON, and the frames of each run as CSV with the header that analyze reads.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example:", "  fluss export bench.fluss --out data"})
final class ExportData implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private StudyArgument argument;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "The folder to write to.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path out;

    @Option(names = "--game", paramLabel = "G", description = "Only this game; may be given several times.")
    private List<String> games = List.of();

    @Override
    public Integer call() throws IOException, InputException, StudyException {
        try (Study study = argument.open(spec.commandLine().getErr())) {
            int logs = OpenData.write(study, games, Optional.empty(), ProductVersion.number(), out, Progress.NONE);
            spec.commandLine()
                    .getOut()
                    .println("Figures, verdicts and %d frame logs written to %s".formatted(logs, out));
        } catch (IllegalArgumentException e) {
            throw new InputException(argument.file(), 0, 0, String.valueOf(e.getMessage()), "a game that there is");
        }
        spec.commandLine().getOut().flush();
        return 0;
    }
}
