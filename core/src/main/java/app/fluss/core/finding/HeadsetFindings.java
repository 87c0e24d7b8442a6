package app.fluss.core.finding;

import app.fluss.core.measure.Limits;
import app.fluss.core.vr.HeadsetClaims;
import app.fluss.core.vr.Reprojection;
import app.fluss.core.vr.ScaleOutlook;
import java.util.ArrayList;
import java.util.List;

/// What a headset showed.
final class HeadsetFindings {
    private HeadsetFindings() {}

    /// The findings, worst first.
    ///
    /// @param limits what held the frames up
    static List<Finding> of(Reprojection seen, Limits limits) {
        List<Finding> found = new ArrayList<>();
        String held = limits.most().map(HeadsetFindings::words).orElse("");
        if (seen.belowHalfTime().orNaN() > HeadsetClaims.NEVER) {
            found.add(Finding.of(
                    FindingCode.VR_BELOW_HALF,
                    "%s of the time fewer than every second refresh brought a new image; the longest spell was %d refreshes.%s"
                            .formatted(RunFindings.percent(seen.belowHalfTime().orNaN()), seen.longestSpell(), held)));
        }
        if (seen.share().orNaN() > HeadsetClaims.FULL_RATE_SHARE) {
            boolean steadyHalf = seen.halfTime().orNaN() >= Thresholds.STEADY_HALF;
            found.add(
                    steadyHalf
                            ? Finding.of(
                                    FindingCode.VR_HALF_RATE,
                                    "Every second refresh shows the last image again, turned to the head.")
                            : Finding.of(
                                    FindingCode.VR_NOT_FULL,
                                    "%s of the refreshes had no new image.%s"
                                            .formatted(
                                                    RunFindings.percent(
                                                            seen.share().orNaN()),
                                                    held)));
        }
        if (seen.evenShare().orNaN() < ScaleOutlook.EVEN && seen.share().orNaN() > HeadsetClaims.FULL_RATE_SHARE) {
            found.add(Finding.of(
                    FindingCode.VR_UNEVEN,
                    "Only %s of the images stay for the same number of refreshes."
                            .formatted(RunFindings.percent(seen.evenShare().orNaN()))));
        }
        if (seen.rowsAlike()) {
            found.add(Finding.of(FindingCode.VR_ROWS_ALIKE, FindingCode.VR_ROWS_ALIKE.meaning()));
        }
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    private static String words(Limits.Held held) {
        return switch (held) {
            case GPU -> " Most frames were limited by the card.";
            case CPU -> " Most frames were limited by the processor.";
            case CAP, MIXED, UNKNOWN -> "";
        };
    }
}
