package app.fluss.core.latency.chain;

import java.util.Locale;

/// Where time passes between input and light, in the order in which it passes.
public enum LatencyStage {
    /// Until the input device is polled, and its own delay.
    DEVICE("input device"),
    /// From a stream's client to its host.
    UPLINK("input over the link"),
    /// Until the game reads its input, once a frame.
    SAMPLING("sampling wait"),
    /// CPU work.
    CPU("game work"),
    /// Behind frames that are still being drawn.
    QUEUE("queue"),
    /// GPU work.
    GPU("render"),
    /// Until the generator looks at what the game shows.
    CAPTURE("capture wait"),
    /// To the second card.
    COPY("copy to second GPU"),
    /// Until the image that shows enough of the change is handed on.
    GENERATION("generation"),
    /// Until the encoder takes the image, and its work.
    ENCODE("encode"),
    /// Over the link.
    NETWORK("network"),
    /// Decoder, and what is held back against jitter.
    DECODE("decode, buffer"),
    /// Until the display takes the image.
    SYNC("sync wait"),
    /// Inside the display.
    PROCESSING("display processing"),
    /// The display's own images between images.
    SMOOTHING("display smoothing"),
    /// From the top of the screen to the place that is looked at.
    SCAN_OUT("scan-out"),
    /// Until the panel has answered.
    PANEL("panel response");

    private final String title;

    LatencyStage(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// The name in files.
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
