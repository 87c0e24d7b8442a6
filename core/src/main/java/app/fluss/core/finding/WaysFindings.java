package app.fluss.core.finding;

import app.fluss.core.generation.WaysToKnow;
import java.util.ArrayList;
import java.util.List;

/// Where the three ways to know what was generated do not say the same.
public final class WaysFindings {
    private WaysFindings() {}

    /// The findings of a run, worst first.
    public static List<Finding> of(WaysToKnow ways) {
        List<Finding> found = new ArrayList<>();
        if (!ways.kindsAgree()) {
            found.add(Finding.warning(
                    "kinds-disagree",
                    "By kind %s of the images are generated, by their game times %s."
                            .formatted(
                                    RunFindings.percent(ways.byKind().orNaN()),
                                    RunFindings.percent(ways.byGameTime().orNaN())),
                    "One of the two columns does not say what it seems to, and the base rate rests on the kinds.",
                    "Check what the logger writes as kind; count the pictures of a clip to settle it."));
        }
        if (!ways.picturesAgree()) {
            found.add(Finding.warning(
                    "pictures-disagree",
                    "By the log %s distinct images/s reach the panel, in the clip %s/s can be told apart."
                            .formatted(
                                    RunFindings.rate(ways.distinctByLog()),
                                    RunFindings.rate(ways.distinctByPictures())),
                    "The log counts images that look alike, or the clip shows another stretch.",
                    "Record the clip over the stretch that is logged, leave overlays out, and trust the pictures."));
        }
        return List.copyOf(found);
    }
}
