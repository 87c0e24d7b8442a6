package app.fluss.files.clip;

import app.fluss.files.log.InputException;
import java.io.IOException;

/// A clip that a recorder may still write.
public interface GrowingClip extends Clip {
    /// Looks whether pictures have come. The newest of them may still be half written.
    ///
    /// @return how many there are now
    /// @throws InputException if there are more than can be taken
    int grow() throws IOException, InputException;
}
