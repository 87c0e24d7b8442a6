package app.fluss.cli;

import app.fluss.devices.probe.ProbeException;
import app.fluss.files.log.InputException;
import app.fluss.files.study.StudyException;
import app.fluss.files.work.UnwritableException;
import java.io.IOException;
import java.nio.file.NoSuchFileException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionException;
import org.jspecify.annotations.Nullable;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/// The command line.
@Command(
        name = "fluss",
        description = "A bench for delivered frame rate, frame pacing and latency.",
        mixinStandardHelpOptions = true,
        versionProvider = Version.class,
        footer = {
            "",
            "Windows: fluss demo | fluss open [STUDY]",
            "",
            "Examples:",
            "  fluss analyze run.csv --refresh 144 --sync vrr --json",
            "  fluss latency clicks.wav --json",
            "  fluss video clip.y4m --without 0,0,200,60 --json",
            "  fluss overlay clip.mp4 --area rate=20,10,80,24 --json",
            "  fluss compare native.csv --against generated.csv --refresh 120 --json",
            "  fluss probe serve                    (and: fluss probe run HOST --code CODE)",
            "  fluss blame host.csv client.csv --json",
            "  fluss simulate docs/scenarios/phantom-images.json --out simulated/",
            "  source <(fluss generate-completion)"
        })
final class Fluss implements Runnable {
    private static final int BAD_INPUT = 3;

    private static final String NO_MEMORY =
            "there is not enough memory for this; %d MB may be used. Cut the log into parts, or leave columns out."
                    .formatted(Runtime.getRuntime().maxMemory() >> 20);

    /// All jobs, in the order of help.
    private static final List<Class<?>> JOBS = List.of(
            Analyze.class,
            Compare.class,
            Decide.class,
            MakeReport.class,
            ExportData.class,
            HandOnGames.class,
            TakeInStudy.class,
            Latency.class,
            Video.class,
            Overlay.class,
            Picture.class,
            Vr.class,
            Probe.class,
            BlameJob.class,
            Simulate.class,
            Check.class,
            Reference.class,
            AutoComplete.GenerateCompletion.class);

    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    private Fluss() {}

    /// Runs a command and ends with its exit code.
    public static void main(String... args) {
        System.exit(run(args));
    }

    private static int run(String... args) {
        CommandLine line = commandLine(args);
        try {
            return line.execute(args);
        } catch (OutOfMemoryError e) {
            return tell(NO_MEMORY, line);
        }
    }

    /// All jobs.
    static CommandLine commandLine() {
        return commandLine(JOBS);
    }

    /// What a line of arguments needs: looking at all jobs takes longer than many a job.
    private static CommandLine commandLine(String... args) {
        Optional<Class<?>> named = JOBS.stream()
                .filter(job -> args.length > 0
                        && job != AutoComplete.GenerateCompletion.class
                        && job.getAnnotation(Command.class).name().equals(args[0]))
                .findFirst();
        return commandLine(named.map(List::<Class<?>>of).orElse(JOBS));
    }

    private static CommandLine commandLine(List<Class<?>> jobs) {
        CommandLine line = new CommandLine(new Fluss());
        jobs.forEach(line::addSubcommand);
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((fault, command, _) -> explain(fault, command));
        return line;
    }

    @Override
    public void run() {
        throw new ParameterException(spec.commandLine(), "Name a job, such as analyze; fluss --help lists them.");
    }

    /// Explains what the user can do something about; all else is a fault of the program.
    private static int explain(Exception fault, CommandLine command) throws Exception {
        String words = switch (fault) {
            case InputException e -> e.getMessage();
            case StudyException e -> e.getMessage();
            case ProbeException e -> e.getMessage();
            case NoSuchFileException e -> e.getFile() + ": there is no such file";
            case UnwritableException e -> e.getMessage();
            case IOException e -> "cannot be read: " + e.getMessage();
            case CompletionException e when e.getCause() instanceof OutOfMemoryError -> NO_MEMORY;
            default -> throw fault;
        };
        return tell(words, command);
    }

    private static int tell(@Nullable String words, CommandLine command) {
        command.getErr().println("fluss: " + words);
        return BAD_INPUT;
    }
}
