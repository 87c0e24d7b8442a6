package app.fluss.core.latency.chain;

import app.fluss.core.measure.Figure;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/// What is known of every stage of a path.
///
/// @param device where the input comes from
/// @param base the game's frames with the path on
/// @param generation images between rendered ones
/// @param stream in-home streaming; empty without
/// @param compositor a headset's; empty for a display
/// @param screen the display, or the headset's panel
/// @param measured stages of which there are samples, ms, which then replace their estimate
public record ChainModel(
        InputDevice device,
        BaseFrames base,
        Generation generation,
        Optional<StreamTimes> stream,
        Optional<Compositor> compositor,
        Screen screen,
        Map<LatencyStage, double[]> measured) {
    /// Keeps a copy.
    public ChainModel {
        measured = new EnumMap<>(measured.isEmpty() ? new EnumMap<>(LatencyStage.class) : measured);
    }

    /// The same with samples of a stage.
    ///
    /// @param samples ms, at least one
    public ChainModel withMeasured(LatencyStage stage, double[] samples) {
        Map<LatencyStage, double[]> more = new EnumMap<>(LatencyStage.class);
        more.putAll(measured);
        more.put(stage, samples.clone());
        return new ChainModel(device, base, generation, stream, compositor, screen, more);
    }

    /// In a headset, from a turn of the head to the light, ms: the image is turned to the newest pose just
    /// before each refresh, so only the compositor's lead and the scan-out are left. Everything else in the
    /// picture follows the whole path.
    ///
    /// @return missing where there is no headset or its lead is not stated
    public Figure headMs() {
        return compositor
                .map(headset ->
                        Figure.ofFinite(headset.leadMs() + screen.scanMs(), "not stated: the compositor's lead"))
                .orElseGet(() -> Figure.missing("only a headset turns its images late"));
    }
}
