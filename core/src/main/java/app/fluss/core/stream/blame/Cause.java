package app.fluss.core.stream.blame;

import java.util.Locale;

/// What held an image of a stream up.
public enum Cause {
    /// The game handed nothing on.
    GAME("game"),
    /// The host took long to encode the image, or left one out.
    ENCODER("encoder"),
    /// The image took long over the link, or one before it never came.
    NETWORK("network"),
    /// The client took long to decode the image.
    DECODER("decoder"),
    /// The image was ready and waited for the client's buffer or refresh.
    CLIENT_DISPLAY("client display"),
    /// The logs do not tell.
    UNKNOWN("unknown");

    private final String title;

    Cause(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// The name in files.
    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }
}
