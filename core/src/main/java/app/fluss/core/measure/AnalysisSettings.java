package app.fluss.core.measure;

import java.util.Optional;
import java.util.OptionalLong;

/// What is known about a run besides its log, and how stutters are judged.
///
/// @param display the display mode, if stated; without it there is no refresh ledger
/// @param nativePath whether nothing between game and eye makes images, so that all images handed on are
///     rendered
/// @param multiplier images presented per rendered image, as set; NaN if not stated
/// @param capFps the frame cap, images/s; NaN if none is stated
/// @param claimed what a counter or a tool said
/// @param grade how good the evidence is
/// @param measuredAtMs when the run was measured, ms since the start of 1970, if known
/// @param stutterRule when a frame is a stutter
public record AnalysisSettings(
        Optional<DisplayMode> display,
        boolean nativePath,
        double multiplier,
        double capFps,
        Claimed claimed,
        Grade grade,
        OptionalLong measuredAtMs,
        StutterRule stutterRule) {
    /// Nothing is known besides the log.
    public static final AnalysisSettings NONE = new AnalysisSettings(
            Optional.empty(),
            false,
            Double.NaN,
            Double.NaN,
            Claimed.NONE,
            Grade.B,
            OptionalLong.empty(),
            StutterRule.DEFAULT);

    /// The same, on this display mode.
    public AnalysisSettings withDisplay(DisplayMode mode) {
        return new AnalysisSettings(
                Optional.of(mode), nativePath, multiplier, capFps, claimed, grade, measuredAtMs, stutterRule);
    }

    /// The same, with the path stated as native.
    public AnalysisSettings asNative() {
        return new AnalysisSettings(display, true, multiplier, capFps, claimed, grade, measuredAtMs, stutterRule);
    }

    /// The same, with this multiplier set.
    public AnalysisSettings withMultiplier(double nominal) {
        return new AnalysisSettings(display, nativePath, nominal, capFps, claimed, grade, measuredAtMs, stutterRule);
    }

    /// The same, with this frame cap.
    public AnalysisSettings withCap(double fps) {
        return new AnalysisSettings(display, nativePath, multiplier, fps, claimed, grade, measuredAtMs, stutterRule);
    }

    /// The same, with what a counter or a tool said.
    public AnalysisSettings withClaimed(Claimed said) {
        return new AnalysisSettings(display, nativePath, multiplier, capFps, said, grade, measuredAtMs, stutterRule);
    }

    /// The same, with what a counter said on average.
    public AnalysisSettings withClaimed(Figure fps) {
        return withClaimed(Claimed.ofMean(fps));
    }

    /// The same, with what a generator took for its base.
    public AnalysisSettings withBase(Figure fps) {
        return withClaimed(claimed.withBase(fps));
    }

    /// The same, with evidence of this grade.
    public AnalysisSettings withGrade(Grade other) {
        return new AnalysisSettings(display, nativePath, multiplier, capFps, claimed, other, measuredAtMs, stutterRule);
    }

    /// The same, measured at this time.
    public AnalysisSettings measuredAt(long timeMs) {
        return new AnalysisSettings(
                display, nativePath, multiplier, capFps, claimed, grade, OptionalLong.of(timeMs), stutterRule);
    }

    /// The time for one frame, ms: of the cap if one is stated, else of the refresh; NaN if neither is.
    double budgetMs() {
        return Double.isNaN(capFps) ? display.map(DisplayMode::periodMs).orElse(Double.NaN) : 1000 / capFps;
    }
}
