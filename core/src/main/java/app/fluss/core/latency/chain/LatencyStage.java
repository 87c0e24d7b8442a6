package app.fluss.core.latency.chain;

/// Where time passes between input and light, in the order in which it passes.
public enum LatencyStage {
    /// Until the input device is polled, and its own delay.
    DEVICE("input device", Part.GAME),
    /// From a stream's client to its host.
    UPLINK("input over the link", Part.PATH),
    /// Until the game reads its input, once a frame.
    SAMPLING("sampling wait", Part.GAME),
    /// CPU work.
    CPU("game work", Part.GAME),
    /// Behind frames that are still being drawn.
    QUEUE("queue", Part.GAME),
    /// GPU work.
    GPU("render", Part.GAME),
    /// Until the generator looks at what the game shows.
    CAPTURE("capture wait", Part.PATH),
    /// To the second card.
    COPY("copy to second GPU", Part.PATH),
    /// Until the image that shows enough of the change is handed on.
    GENERATION("generation", Part.PATH),
    /// Until the encoder takes the image, and its work.
    ENCODE("encode", Part.PATH),
    /// Over the link.
    NETWORK("network", Part.PATH),
    /// Decoder, and what is held back against jitter.
    DECODE("decode, buffer", Part.PATH),
    /// Until the display takes the image.
    SYNC("sync wait", Part.DISPLAY),
    /// Inside the display.
    PROCESSING("display processing", Part.DISPLAY),
    /// The display's own images between images.
    SMOOTHING("display smoothing", Part.DISPLAY),
    /// From the top of the screen to the place that is looked at.
    SCAN_OUT("scan-out", Part.DISPLAY),
    /// Until the panel has answered.
    PANEL("panel response", Part.DISPLAY);

    private final String title;
    private final Part part;

    LatencyStage(String title, Part part) {
        this.title = title;
        this.part = part;
    }

    /// The parts of a chain as it is drawn.
    public enum Part {
        /// From the input to the game's image.
        GAME,
        /// What stands between game and display.
        PATH,
        /// From the image to its light.
        DISPLAY
    }

    /// The part of the chain that it belongs to.
    public Part part() {
        return part;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
