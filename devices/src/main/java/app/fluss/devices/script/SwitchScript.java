package app.fluss.devices.script;

import app.fluss.core.feel.blind.Side;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.TimeUnit;

/// A program of the user's that sets one of two paths. It is run with the letter `A` or `B` as its only
/// argument, by no shell; what it writes is thrown away, for it could give the letter away. It is chosen
/// anew each time and kept in no study: a study comes from others, and a program must not.
///
/// @param program a file that can be run
public record SwitchScript(Path program) {
    /// How long it may take.
    static final Duration LONGEST = Duration.ofSeconds(30);

    /// @throws IllegalArgumentException if it is no program, in words
    public SwitchScript {
        if (!Files.isRegularFile(program) || !Files.isExecutable(program)) {
            throw new IllegalArgumentException(
                    "%s is no program that can be run. Choose a script that takes A or B as its argument."
                            .formatted(program.getFileName()));
        }
    }

    /// Sets a side, and waits until the program has ended. Not for the interface thread.
    ///
    /// @throws IOException if it cannot be started, fails, or takes longer than 30 s; its words do not say
    ///     which side
    public void set(Side side) throws IOException, InterruptedException {
        set(side, LONGEST);
    }

    void set(Side side, Duration longest) throws IOException, InterruptedException {
        Process process;
        try {
            process = new ProcessBuilder(program.toAbsolutePath().toString(), side.name())
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException e) {
            // The system's words would hold the command with its letter.
            throw new IOException("The script could not be started. Check that it can be run by itself.", e);
        }
        process.getOutputStream().close();
        try {
            if (!process.waitFor(longest.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new IOException(
                        "The script did not end within %d s and was stopped.".formatted(longest.toSeconds()));
            }
        } finally {
            process.descendants().forEach(ProcessHandle::destroyForcibly);
            process.destroyForcibly();
        }
        if (process.exitValue() != 0) {
            throw new IOException("The script ended with code %d instead of 0, so the path may not be set."
                    .formatted(process.exitValue()));
        }
    }
}
