package app.fluss.files.clip;

import app.fluss.files.log.InputException;
import java.io.IOException;

/// A clip that a recorder may still write.
public interface GrowingClip extends Clip {
    /// Recorders write several pictures at a time: so many of the newest may be half written.
    int UNFINISHED = 8;

    /// Looks whether pictures have come.
    ///
    /// @return how many there are now
    /// @throws InputException if there are more than can be taken
    int grow() throws IOException, InputException;
}
