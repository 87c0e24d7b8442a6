package app.fluss.files.log;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.Path;

/// A text file that is read whole, such as a mapping or a scenario.
public final class SmallText {
    private static final long LARGEST_BYTES = 1 << 20;

    private SmallText() {}

    /// Reads it.
    ///
    /// @param what it should be, for the fault
    /// @throws InputException if it is larger than 1 MiB, or no text in UTF-8
    public static String read(Path file, String what) throws IOException, InputException {
        if (Files.size(file) > LARGEST_BYTES) {
            throw new InputException(file, 0, 0, "more than 1 MiB", what);
        }
        try {
            return Files.readString(file);
        } catch (CharacterCodingException e) {
            throw new InputException(file, 0, 0, "bytes that are no text in UTF-8", what);
        }
    }
}
