package app.fluss.files.study;

import app.fluss.files.log.InputException;
import app.fluss.files.log.Sample;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/// A file of which nobody knows yet what it is.
public final class Candidate {
    private final Path file;
    private @Nullable Sample sample;

    /// Looks at nothing yet.
    public Candidate(Path file) {
        this.file = file;
    }

    /// The file.
    public Path file() {
        return file;
    }

    /// Whether its name ends so.
    public boolean endsWith(String ending) {
        return file.toString().toLowerCase(Locale.ROOT).endsWith(ending) && !Files.isDirectory(file);
    }

    /// Its beginning as a table, read once.
    ///
    /// @throws InputException if it is no table of text
    public Sample sample() throws IOException, InputException {
        Sample read = sample == null ? Sample.read(file) : sample;
        sample = read;
        return read;
    }
}
