package app.fluss.devices.probe;

import java.io.IOException;

/// A probe that could not be made, with words for the user.
public final class ProbeException extends IOException {
    private static final long serialVersionUID = 1;

    ProbeException(String words) {
        super(words);
    }
}
