package app.fluss.core.finding;

import app.fluss.core.measure.Limits;
import app.fluss.core.vr.HeadsetSchool;
import app.fluss.core.vr.Reprojection;
import app.fluss.core.vr.ScaleOutlook;
import java.util.ArrayList;
import java.util.List;

/// What a headset showed.
public final class HeadsetFindings {
    private HeadsetFindings() {}

    /// The findings, worst first.
    ///
    /// @param limits what held the frames up
    public static List<Finding> of(Reprojection seen, Limits limits) {
        List<Finding> found = new ArrayList<>();
        String held = limits.most().map(HeadsetFindings::words).orElse("");
        if (seen.belowHalfTime().orNaN() > HeadsetSchool.NEVER) {
            found.add(Finding.fault(
                    "vr-below-half",
                    "%s of the time fewer than every second refresh brought a new image; the longest spell was %d refreshes.%s"
                            .formatted(RunFindings.percent(seen.belowHalfTime().orNaN()), seen.longestSpell(), held),
                    "Below half rate what moves in the scene jumps, and some people get sick.",
                    "Lower the render scale or the settings. Stop at the first sign of sickness."));
        }
        if (seen.share().orNaN() > HeadsetSchool.FULL_RATE_SHARE) {
            boolean steadyHalf = seen.halfTime().orNaN() >= Thresholds.STEADY_HALF;
            found.add(
                    steadyHalf
                            ? Finding.note(
                                    "vr-half-rate",
                                    "Every second refresh shows the last image again, turned to the head.",
                                    "Heads move smoothly, hands and moving things at half the rate: a matter of school.",
                                    "For full rate lower the settings or the refresh rate.")
                            : Finding.warning(
                                    "vr-not-full",
                                    "%s of the refreshes had no new image.%s"
                                            .formatted(
                                                    RunFindings.percent(
                                                            seen.share().orNaN()),
                                                    held),
                                    "Who wants full rate puts up with 1 %.",
                                    "See which refresh rate or render scale keeps up, in the path's view."));
        }
        if (seen.evenShare().orNaN() < ScaleOutlook.EVEN && seen.share().orNaN() > HeadsetSchool.FULL_RATE_SHARE) {
            found.add(Finding.warning(
                    "vr-uneven",
                    "Only %s of the images stay for the same number of refreshes."
                            .formatted(RunFindings.percent(seen.evenShare().orNaN())),
                    "What moves shakes: one image stays for one refresh, the next for two.",
                    "Hold the application to half rate, or change the render scale: a larger one can be smoother."));
        }
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    private static String words(Limits.Held held) {
        return switch (held) {
            case GPU -> " Most frames were held up by the card.";
            case CPU -> " Most frames were held up by the processor.";
            case CAP, MIXED, UNKNOWN -> "";
        };
    }
}
