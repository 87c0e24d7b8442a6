package app.fluss.cli;

import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.share.ProductVersion;
import app.fluss.files.share.Report;
import app.fluss.files.share.ReportFolder;
import app.fluss.files.share.ReportWish;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// A report of a study.
@Command(
        name = "report",
        description = "A report of a study as one self-contained page, as PDF, and as a folder of its"
                + " pieces: figures and verdicts as CSV, the study as JSON, every chart as SVG, PNG and CSV.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Examples:",
            "  fluss report bench.fluss --out report --pdf",
            "  fluss report bench.fluss --out reedlight --game Reedlight --school response-first --open"
        })
final class MakeReport implements Callable<Integer> {
    private static final long EVERY_NS = 4_000_000_000L;

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

    @Option(
            names = "--school",
            paramLabel = "S",
            description = "Judge all games by this school (default: the one chosen for each game, else by its kind).")
    private @Nullable String school;

    @Option(names = "--pdf", description = "Write report.pdf too.")
    private boolean pdf;

    @Option(names = "--open", description = "Open the page when it is written.")
    private boolean open;

    @Override
    public Integer call() throws IOException, InputException, StudyException {
        PrintWriter err = spec.commandLine().getErr();
        ReportWish wish = new ReportWish(games, Optional.ofNullable(school), ReportWish.ALL.parts());
        try (Study study = argument.open(spec.commandLine().getErr())) {
            Report report =
                    Report.of(study, wish, ProductVersion.number(), LocalDate.now(ZoneId.systemDefault()), told(err));
            ReportFolder.write(report, out, pdf, Progress.NONE);
        } catch (IllegalArgumentException e) {
            throw new InputException(
                    argument.file(), 0, 0, String.valueOf(e.getMessage()), "a game and a school that there are");
        }
        Path page = out.resolve(ReportFolder.PAGE);
        spec.commandLine().getOut().println("Report written to " + page);
        spec.commandLine().getOut().flush();
        if (open && !OpenPage.of(page)) {
            err.println("No program for web pages was found here: open %s yourself.".formatted(page));
        }
        return 0;
    }

    /// Says every few seconds how far it is.
    private static Progress told(PrintWriter err) {
        long[] next = {System.nanoTime() + EVERY_NS};
        return share -> {
            if (System.nanoTime() >= next[0]) {
                err.println("%.0f %%".formatted(share * 100));
                err.flush();
                next[0] = System.nanoTime() + EVERY_NS;
            }
            return true;
        };
    }
}
