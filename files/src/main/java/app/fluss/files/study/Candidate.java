package app.fluss.files.study;

import app.fluss.files.log.InputException;
import app.fluss.files.log.Sample;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/// A file of which nobody knows yet what it is.
public final class Candidate {
    private static final int BEGINNING = 256;

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

    /// Whether its beginning has a text in it.
    boolean beginsWith(String text) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(BEGINNING), StandardCharsets.UTF_8).contains(text);
        }
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
