package app.fluss.core.display;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.measure.SyncMode;
import java.util.Comparator;
import java.util.Locale;
import java.util.Map;

/// Whether a display's own smoothing can act on what comes in, and how its two settings are best chosen. The
/// rule is common practice, no source: for 30 images/s low-rate smoothing high and full-rate smoothing off, for 60
/// the reverse.
///
/// @param sourceFps the steady rate that comes in, images/s; missing, with the reason, if it is not steady
/// @param acts whether smoothing acts at all
/// @param lowRate setting that evens out slow sources, as a share of its range, 0 to 1; missing where no setting suits
/// @param fullRate setting that sharpens fast ones, as a share of its range, 0 to 1; missing where no setting suits
/// @param words what to do, for the user
public record SmoothingAdvice(Figure sourceFps, boolean acts, Figure lowRate, Figure fullRate, String words) {
    /// The only output rate that smoothing takes, Hz. Common practice, no source.
    public static final double OUTPUT_HZ = 60;

    /// Share of images with the commonest hold from which a source counts as steady. Our own convention.
    private static final double STEADY = 0.9;

    private static final double HIGH = 0.9;
    private static final double ALIKE = 0.02;

    /// For what the refreshes of a run show.
    public static SmoothingAdvice of(RefreshLedger ledger) {
        Figure source = source(ledger);
        boolean fixed = ledger.mode().sync() != SyncMode.VRR;
        if (!fixed || Math.abs(ledger.mode().refreshHz() - OUTPUT_HZ) > OUTPUT_HZ * ALIKE) {
            return none(
                    source,
                    false,
                    fixed
                            ? said(
                                    "The output runs at %.0f Hz: set it to 60 Hz, or smoothing does not act.",
                                    ledger.mode().refreshHz())
                            : "Variable refresh is on: switch it off, or smoothing is greyed out.");
        }
        return switch (source) {
            case Figure.Known(double fps) -> ofSteady(source, fps);
            case Figure.Missing(String reason) ->
                none(
                        source,
                        true,
                        "No setting suits, for %s. Cap the game at 30 or at 60 so that it holds one of them."
                                .formatted(reason));
        };
    }

    /// The whole divisor of the refresh rate that distinct images keep.
    private static Figure source(RefreshLedger ledger) {
        double even = ledger.evenShare().orNaN();
        if (Double.isNaN(even)) {
            return ledger.evenShare();
        }
        if (even < STEADY) {
            return Figure.missing(
                    said("only %.0f %% of the images stay for the commonest number of refreshes", even * 100));
        }
        int hold = ledger.holdCounts().entrySet().stream()
                .max(Comparator.comparingInt(Map.Entry::getValue))
                .orElseThrow()
                .getKey();
        return Figure.of(ledger.mode().refreshHz() / hold);
    }

    private static SmoothingAdvice ofSteady(Figure source, double fps) {
        if (isAbout(fps, 30)) {
            return new SmoothingAdvice(
                    source,
                    true,
                    Figure.of(HIGH),
                    Figure.of(0),
                    "30 images/s come in: low-rate smoothing high, full-rate smoothing off, so that only missing images are made.");
        } else if (isAbout(fps, 60)) {
            return new SmoothingAdvice(
                    source,
                    true,
                    Figure.of(0),
                    Figure.of(HIGH),
                    "60 images/s come in: low-rate smoothing off, full-rate smoothing high; there is no slow source to even out.");
        }
        return none(
                source,
                true,
                said("A steady %.0f images/s is neither 30 nor 60: cap the game at one of them first.", fps));
    }

    private static SmoothingAdvice none(Figure source, boolean acts, String words) {
        Figure none = Figure.missing(words);
        return new SmoothingAdvice(source, acts, none, none, words);
    }

    private static boolean isAbout(double fps, double other) {
        return Math.abs(fps - other) <= ALIKE * other;
    }

    private static String said(String words, double value) {
        return String.format(Locale.ROOT, words, value);
    }
}
