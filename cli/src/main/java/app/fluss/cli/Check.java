package app.fluss.cli;

import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Verifies a study.
@Command(
        name = "check",
        description = "Verifies the checksums of a study and makes every log again from its evidence.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss check bench.fluss"})
final class Check implements Callable<Integer> {
    private static final int BAD_INPUT = 3;

    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(paramLabel = "STUDY", description = "The study.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path file;

    @Override
    public Integer call() throws IOException, StudyException {
        if (!Files.exists(file)) {
            throw new NoSuchFileException(file.toString());
        }
        try (Study study = Study.open(file)) {
            PrintWriter out = spec.commandLine().getOut();
            PrintWriter err = spec.commandLine().getErr();
            study.notices().forEach(err::println);
            List<String> wrong = study.check();
            wrong.forEach(err::println);
            if (wrong.isEmpty()) {
                out.println("%s: %d runs, all as their evidence gives them."
                        .formatted(file, study.runs().size()));
            }
            out.flush();
            return wrong.isEmpty() ? 0 : BAD_INPUT;
        }
    }
}
