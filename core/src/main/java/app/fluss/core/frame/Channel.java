package app.fluss.core.frame;

import java.util.Optional;

/// The numeric columns that a frame log may have, one value per image. The header is the name in our own CSV;
/// it carries the unit. Times count from the log's own origin.
public enum Channel {
    /// When the image was handed on (presented), ms.
    PRESENT("present_ms"),
    /// When the image was first shown, ms on the clock of [#PRESENT]; NaN for an image that was never shown.
    DISPLAYED("displayed_ms"),
    /// 1 for an image that was handed on and never shown, else 0.
    DROPPED("dropped"),
    /// The game time that the image depicts, ms; any origin.
    CONTENT("content_ms"),
    /// CPU work for the image, ms.
    CPU("cpu_ms"),
    /// GPU work for the image, ms.
    GPU("gpu_ms"),
    /// Load of the GPU, percent, 0 to 100.
    GPU_LOAD("gpu_load_pct"),
    /// Load of a second card that generates, percent, 0 to 100.
    SECOND_GPU_LOAD("second_gpu_load_pct"),
    /// Load of the CPU, percent, 0 to 100.
    CPU_LOAD("cpu_load_pct"),
    /// Card memory in use, megabytes.
    VRAM("vram_mb"),
    /// Power drawn, watts.
    POWER("power_w"),
    /// GPU temperature, degrees Celsius.
    GPU_TEMPERATURE("gpu_temp_c"),
    /// GPU clock, megahertz.
    GPU_CLOCK("gpu_clock_mhz"),
    /// Number of the rendered frame that the image shows, where two logs of one stream are to be lined up.
    FRAME("frame"),
    /// When a stream's host had encoded the image, ms on the clock of [#PRESENT]; NaN for one that was not sent.
    ENCODED("encoded_ms"),
    /// When all of the image was at a stream's client, ms on the clock of [#PRESENT].
    RECEIVED("received_ms"),
    /// When a stream's client had decoded the image, ms on the clock of [#PRESENT].
    DECODED("decoded_ms");

    private final String header;

    Channel(String header) {
        this.header = header;
    }

    /// The column's name in our own CSV, unit included.
    public String header() {
        return header;
    }

    /// Whether the values are points on the log's clock, which shift together when its origin moves.
    public boolean isTimeStamp() {
        return switch (this) {
            case PRESENT, DISPLAYED, CONTENT, ENCODED, RECEIVED, DECODED -> true;
            default -> false;
        };
    }

    /// Whether the values are readings of a sensor beside the images: a load, memory, power, temperature, a clock.
    public boolean isSensor() {
        return switch (this) {
            case GPU_LOAD, SECOND_GPU_LOAD, CPU_LOAD, VRAM, POWER, GPU_TEMPERATURE, GPU_CLOCK -> true;
            default -> false;
        };
    }

    /// The channel with this header, letter case aside.
    public static Optional<Channel> ofHeader(String header) {
        for (Channel channel : values()) {
            if (channel.header.equalsIgnoreCase(header)) {
                return Optional.of(channel);
            }
        }
        return Optional.empty();
    }
}
