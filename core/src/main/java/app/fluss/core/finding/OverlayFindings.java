package app.fluss.core.finding;

import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// What is to be said of numbers that were read from a clip.
final class OverlayFindings {
    private static final double OPEN = 0.02;

    private OverlayFindings() {}

    static List<Finding> of(Map<String, OverlaySeries> numbers, String missing) {
        List<Finding> found = new ArrayList<>();
        if (!missing.isEmpty()) {
            found.add(Finding.of(FindingCode.CLIP_CUT, "Of the clip a part is missing: %s.".formatted(missing)));
        }
        numbers.forEach((name, series) -> {
            if (!series.whyNot().isEmpty()) {
                found.add(Finding.of(
                        FindingCode.OVERLAY_UNREAD, "\"%s\" could not be read: %s.".formatted(name, series.whyNot())));
            } else if (series.openShare() > OPEN) {
                found.add(Finding.of(
                        FindingCode.OVERLAY_OPEN,
                        "\"%s\" is open for %s %% of the time."
                                .formatted(name, RunFindings.number(100 * series.openShare(), 1))));
            }
            if (OverlayKind.of(name) == OverlayKind.FRAME_TIME) {
                found.add(Finding.of(FindingCode.OVERLAY_NO_LOWS, FindingCode.OVERLAY_NO_LOWS.meaning()));
            }
        });
        return found;
    }
}
