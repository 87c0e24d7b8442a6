package app.fluss.devices.folder;

import java.nio.file.Path;
import java.util.List;

/// What a look at a watched folder found.
public sealed interface Sighting {
    /// The folder cannot be read, or is gone. It is looked at again next time.
    ///
    /// @param why in words
    record Gone(String why) implements Sighting {}

    /// Nothing has been written since the watch began.
    record Quiet() implements Sighting {}

    /// One file is being written.
    record Growing(Path file) implements Sighting {}

    /// Several files are being written at once: somebody must say which one counts.
    record Several(List<Path> files) implements Sighting {
        /// Keeps a copy.
        public Several {
            files = List.copyOf(files);
        }
    }

    /// A file was written and has stopped growing.
    record Settled(Path file) implements Sighting {}
}
