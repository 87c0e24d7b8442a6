package app.fluss.core.finding;

import app.fluss.core.generation.WaysToKnow;
import java.util.ArrayList;
import java.util.List;

/// Where the three ways to know what was generated do not say the same.
final class WaysFindings {
    private WaysFindings() {}

    /// The findings of a run, worst first.
    static List<Finding> of(WaysToKnow ways) {
        List<Finding> found = new ArrayList<>();
        if (!ways.kindsAgree()) {
            found.add(Finding.of(
                    FindingCode.KINDS_DISAGREE,
                    "By kind %s of the images are generated, by their game times %s."
                            .formatted(
                                    RunFindings.percent(ways.byKind().orNaN()),
                                    RunFindings.percent(ways.byGameTime().orNaN()))));
        }
        if (!ways.picturesAgree()) {
            found.add(Finding.of(
                    FindingCode.PICTURES_DISAGREE,
                    "By the log %s distinct images/s reach the panel, in the clip %s/s can be told apart."
                            .formatted(
                                    RunFindings.rate(ways.distinctByLog()),
                                    RunFindings.rate(ways.distinctByPictures()))));
        }
        return List.copyOf(found);
    }
}
