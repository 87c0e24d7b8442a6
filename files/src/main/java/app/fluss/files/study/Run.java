package app.fluss.files.study;

import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.Optional;
import java.util.OptionalLong;

/// One measured repetition of a scene on a path.
///
/// @param id its number in the study
/// @param sceneId the scene
/// @param path the path
/// @param name what the analyst calls it
/// @param logId the parsed log that it rests on; empty if it has none
/// @param simulated whether it comes from a simulation and not from a bench
/// @param display the display mode it was measured on, if stated
/// @param capFps the frame cap, /s; NaN if none is stated
/// @param claimedFps the mean of what a counter said, as the analyst typed it, /s; NaN if nothing was
/// @param claim what a counter or a tool said, from its file
/// @param latencyId the measured latency that belongs to it; empty if there is none
/// @param taking how it was taken
public record Run(
        long id,
        long sceneId,
        DeliveryPath path,
        String name,
        OptionalLong logId,
        boolean simulated,
        Optional<DisplayMode> display,
        double capFps,
        double claimedFps,
        Optional<Claim> claim,
        OptionalLong latencyId,
        Taking taking) {
    /// Whether it counts.
    public boolean isKept() {
        return taking.outcome() == Outcome.KEPT;
    }

    /// How good its evidence is.
    public Grade grade() {
        if (logId.isPresent()) {
            return latencyId.isPresent() ? Grade.A : Grade.B;
        }
        return claim.map(said -> said.kind().grade()).orElse(Grade.E);
    }

    /// What an analysis of this run needs to know.
    public AnalysisSettings settings() {
        AnalysisSettings settings = AnalysisSettings.NONE
                .withMultiplier(path.multiplier())
                .withCap(capFps)
                .withGrade(grade())
                .withClaimed(claim.map(Claim::mean)
                        .orElseGet(() -> Figure.ofFinite(claimedFps, "no counter readings belong to this run")))
                .withBase(claim.map(Claim::base)
                        .orElseGet(() -> Figure.missing("no readings of a generator's base belong to this run")));
        settings = path.chain().drawsAll() ? settings.asNative() : settings;
        settings = taking.measuredAtMs().isPresent()
                ? settings.measuredAt(taking.measuredAtMs().getAsLong())
                : settings;
        return display.isPresent() ? settings.withDisplay(display.get()) : settings;
    }
}
