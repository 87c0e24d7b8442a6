package app.fluss.app.model;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.plan.RepeatsWanted;
import app.fluss.files.study.Planned;
import app.fluss.files.study.Run;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// How many repeats the spread from run to run calls for, scene by scene and path by path.
public final class SpreadSeen {
    private SpreadSeen() {}

    /// Looks at the delivered rate of runs, or at the claimed one where that is all there is.
    ///
    /// @param matters share of a rate from which a difference matters
    /// @return only the cells that have runs enough to tell
    public static Map<Planned.Cell, Integer> needed(List<Run> runs, Workbench.Figures figures, double matters)
            throws StudyException {
        Map<Planned.Cell, List<Double>> rates = new HashMap<>();
        for (Run run : runs) {
            Figure rate = rate(figures.of(run));
            if (rate.isKnown()) {
                rates.computeIfAbsent(new Planned.Cell(run.sceneId(), run.path().id()), _ -> new ArrayList<>())
                        .add(rate.orNaN());
            }
        }
        Map<Planned.Cell, Integer> needed = new HashMap<>();
        rates.forEach((cell, values) -> {
            Figure repeats = RepeatsWanted.of(
                    values.stream().mapToDouble(Double::doubleValue).toArray(), matters);
            if (repeats.isKnown()) {
                needed.put(cell, (int) repeats.orNaN());
            }
        });
        return needed;
    }

    private static Figure rate(Analysis run) {
        Figure delivered = Measure.DELIVERED.of(run);
        return delivered.isKnown() ? delivered : Measure.CLAIMED.of(run);
    }
}
