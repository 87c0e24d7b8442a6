package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// What a column of a log means.
public enum Role {
    /// [Channel#PRESENT].
    PRESENT("present time", Channel.PRESENT),
    /// [Channel#DISPLAYED].
    DISPLAYED("display time", Channel.DISPLAYED),
    /// Time from hand-over until it was shown; used where there is no display time. Nothing or 0 is never.
    DISPLAY_WAIT("time to display", null),
    /// [Channel#DROPPED].
    DROPPED("never shown: 1", Channel.DROPPED),
    /// [Channel#CONTENT].
    CONTENT("game time", Channel.CONTENT),
    /// Time since the image before; used where there is no hand-over time.
    FRAME_TIME("frame time", null),
    /// [Channel#CPU].
    CPU("CPU work", Channel.CPU),
    /// [Channel#GPU].
    GPU("GPU work", Channel.GPU),
    /// Whether the image is rendered or generated, in words.
    KIND("kind of image", null),
    /// Which program the image belongs to.
    PROCESS("program", null),
    /// [Channel#GPU_LOAD].
    GPU_LOAD("GPU load, %", Channel.GPU_LOAD),
    /// [Channel#SECOND_GPU_LOAD].
    SECOND_GPU_LOAD("second card's load, %", Channel.SECOND_GPU_LOAD),
    /// [Channel#CPU_LOAD].
    CPU_LOAD("CPU load, %", Channel.CPU_LOAD),
    /// [Channel#VRAM].
    VRAM("card memory, MB", Channel.VRAM),
    /// [Channel#POWER].
    POWER("power, W", Channel.POWER),
    /// [Channel#GPU_TEMPERATURE].
    GPU_TEMPERATURE("GPU temperature, °C", Channel.GPU_TEMPERATURE),
    /// [Channel#GPU_CLOCK].
    GPU_CLOCK("GPU clock, MHz", Channel.GPU_CLOCK),
    /// [Channel#FRAME].
    FRAME("frame number", Channel.FRAME),
    /// [Channel#ENCODED].
    ENCODED("stream: encoded", Channel.ENCODED),
    /// [Channel#RECEIVED].
    RECEIVED("stream: received", Channel.RECEIVED),
    /// [Channel#DECODED].
    DECODED("stream: decoded", Channel.DECODED),
    /// Left out.
    IGNORED("left out", null);

    private final String label;
    private final @Nullable Channel channel;

    Role(String label, @Nullable Channel channel) {
        this.label = label;
        this.channel = channel;
    }

    /// The name for people.
    public String label() {
        return label;
    }

    /// The column of a frame log that this role fills, if it fills one as it stands.
    public Optional<Channel> channel() {
        return Optional.ofNullable(channel);
    }

    /// Whether the values are times, which have a unit.
    public boolean isTime() {
        return switch (this) {
            case PRESENT, DISPLAYED, DISPLAY_WAIT, CONTENT, FRAME_TIME, CPU, GPU, ENCODED, RECEIVED, DECODED -> true;
            default -> false;
        };
    }

    /// Whether the cells are numbers.
    boolean isNumber() {
        return this != KIND && this != PROCESS && this != IGNORED;
    }
}
