package app.fluss.cli;

import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import picocli.CommandLine.Parameters;

/// The study that a command is about.
final class StudyArgument {
    @Parameters(index = "0", paramLabel = "STUDY", description = "The study.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path file;

    Path file() {
        return file;
    }

    /// Opens it and says what opening it did; one that does not exist is not made.
    Study open(PrintWriter notices) throws NoSuchFileException, StudyException {
        if (!Files.exists(file)) {
            throw new NoSuchFileException(file.toString());
        }
        Study study = Study.open(file);
        study.notices().forEach(notices::println);
        return study;
    }
}
