package app.fluss.cli;

import app.fluss.files.log.InputException;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Another analyst's study taken into one's own.
@Command(
        name = "take-in",
        description = "Takes another analyst's study in: its games, rigs and runs stand beside those of STUDY, each run"
                + " marked with where it comes from. Nothing that is there is changed, and it is one step to undo.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example:", "  fluss take-in bench.fluss from-noor.fluss --as Noor"})
final class TakeInStudy implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private StudyArgument argument;

    @Parameters(index = "1", paramLabel = "OTHER", description = "The study that is taken in; it is only read.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path other;

    @Option(
            names = "--as",
            paramLabel = "NAME",
            description = "How its runs are marked (default: the name of its file).")
    private @Nullable String origin;

    @Override
    public Integer call() throws IOException, InputException, StudyException {
        if (!Files.exists(other)) {
            throw new NoSuchFileException(other.toString());
        }
        try (Study study = argument.open(spec.commandLine().getErr())) {
            spec.commandLine()
                    .getOut()
                    .println(study.takeIn(other, origin == null ? stem(other) : origin)
                            .words());
        } catch (IllegalArgumentException e) {
            throw new InputException(other, 0, 0, String.valueOf(e.getMessage()), "a name of 1 to 60 characters");
        }
        spec.commandLine().getOut().flush();
        return 0;
    }

    private static String stem(Path study) {
        String name = String.valueOf(study.getFileName());
        return name.endsWith(".fluss") ? name.substring(0, name.length() - ".fluss".length()) : name;
    }
}
