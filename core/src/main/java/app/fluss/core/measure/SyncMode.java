package app.fluss.core.measure;

import java.util.Locale;
import java.util.Optional;

/// How a display takes the images that are handed to it.
public enum SyncMode {
    /// Fixed refresh; each image waits its turn.
    FIFO,
    /// Fixed refresh; the newest image at each refresh.
    LATEST,
    /// No waiting; images tear into the scan-out.
    TEARING,
    /// Variable refresh: within the display's window an image is shown as it comes.
    VRR;

    /// The mode of this name, letter case aside.
    public static Optional<SyncMode> named(String name) {
        for (SyncMode mode : values()) {
            if (mode.label().equals(name.toLowerCase(Locale.ROOT))) {
                return Optional.of(mode);
            }
        }
        return Optional.empty();
    }

    /// The name in files and on the command line.
    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }
}
