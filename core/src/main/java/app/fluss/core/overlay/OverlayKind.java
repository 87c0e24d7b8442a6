package app.fluss.core.overlay;

import app.fluss.core.frame.Channel;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// What a number on the pictures is.
public enum OverlayKind {
    /// What a counter claims of the rate.
    RATE("rate", "frame rate", "/s"),
    /// What a generator takes for its base.
    BASE("base", "base rate", "/s"),
    /// Its 1 % low.
    LOW("low", "1 % low", "/s"),
    /// A frame time.
    FRAME_TIME("frame_time", "frame time", "ms"),
    /// Load of the graphics card.
    GPU_LOAD("gpu_load", "GPU load", "%"),
    /// Load of the processor.
    CPU_LOAD("cpu_load", "CPU load", "%"),
    /// Power that the graphics card takes.
    POWER("power", "power", "W"),
    /// Clock of the graphics card.
    GPU_CLOCK("gpu_clock", "GPU clock", "MHz"),
    /// Temperature of the graphics card.
    TEMPERATURE("temperature", "temperature", "°C"),
    /// Share of refreshes that a headset reprojects.
    REPROJECTION("reprojection", "reprojection", "%"),
    /// Latency as the overlay has it.
    LATENCY("latency", "latency", "ms"),
    /// Anything else.
    OTHER("other", "number", "");

    private final String id;
    private final String title;
    private final String unit;

    OverlayKind(String id, String title, String unit) {
        this.id = id;
        this.title = title;
        this.unit = unit;
    }

    /// The name on the command line and in files.
    public String id() {
        return id;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// Its unit; empty if it has none.
    public String unit() {
        return unit;
    }

    /// The channel of a log that has the same values; empty if none has.
    public Optional<Channel> channel() {
        return switch (this) {
            case GPU_LOAD -> Optional.of(Channel.GPU_LOAD);
            case CPU_LOAD -> Optional.of(Channel.CPU_LOAD);
            case POWER -> Optional.of(Channel.POWER);
            case GPU_CLOCK -> Optional.of(Channel.GPU_CLOCK);
            case TEMPERATURE -> Optional.of(Channel.GPU_TEMPERATURE);
            case RATE, BASE, LOW, FRAME_TIME, REPROJECTION, LATENCY, OTHER -> Optional.empty();
        };
    }

    /// The kind of a rectangle by its name; [#OTHER] for a name that is no kind's.
    public static OverlayKind of(String name) {
        String known = name.strip().toLowerCase(Locale.ROOT).replace('-', '_');
        return Arrays.stream(values())
                .filter(kind -> kind.id.equals(known))
                .findFirst()
                .orElse(OTHER);
    }
}
