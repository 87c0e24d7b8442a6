package app.fluss.files.study;

import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import java.util.Optional;

/// One measured repetition of a scene on a path.
///
/// @param id its number in the study
/// @param sceneId the scene
/// @param path the path
/// @param name what the analyst calls it
/// @param logId the parsed log that it rests on
/// @param simulated whether it comes from a simulation and not from a bench
/// @param display the display mode it was measured on, if stated
/// @param capFps the frame cap, /s; NaN if none is stated
/// @param claimedFps the mean of what a counter said, /s; NaN if nothing was read
public record Run(
        long id,
        long sceneId,
        DeliveryPath path,
        String name,
        long logId,
        boolean simulated,
        Optional<DisplayMode> display,
        double capFps,
        double claimedFps) {
    /// What an analysis of this run needs to know.
    public AnalysisSettings settings() {
        AnalysisSettings settings = AnalysisSettings.NONE
                .withMultiplier(path.multiplier())
                .withCap(capFps)
                .withClaimed(Figure.ofFinite(claimedFps, "no counter readings belong to this run"));
        settings = path.isNative() ? settings.asNative() : settings;
        return display.isPresent() ? settings.withDisplay(display.get()) : settings;
    }
}
