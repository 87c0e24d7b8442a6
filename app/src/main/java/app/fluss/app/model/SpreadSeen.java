package app.fluss.app.model;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.plan.PowerCurve;
import app.fluss.core.plan.RepeatsWanted;
import app.fluss.files.study.Planned;
import app.fluss.files.study.Run;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// How many repeats the spread from run to run calls for, scene by scene and path by path.
///
/// @param needed only the cells that have runs enough to tell
/// @param curve what so many runs find where runs spread most; empty where no cell tells
public record SpreadSeen(Map<Planned.Cell, Integer> needed, Optional<PowerCurve> curve) {
    /// Nothing was looked at.
    public static final SpreadSeen NONE = new SpreadSeen(Map.of(), Optional.empty());

    /// Looks at the delivered rate of runs, else at the presented one, else at the claimed one.
    ///
    /// @param matters share of a rate from which a difference matters
    public static SpreadSeen of(List<Run> runs, Workbench.Figures figures, double matters) throws StudyException {
        Map<Planned.Cell, List<Double>> rates = new HashMap<>();
        for (Run run : runs) {
            Figure rate = rate(figures.of(run));
            if (rate.isKnown()) {
                rates.computeIfAbsent(new Planned.Cell(run.sceneId(), run.path().id()), _ -> new ArrayList<>())
                        .add(rate.orNaN());
            }
        }
        Map<Planned.Cell, Integer> needed = new HashMap<>();
        double most = 0;
        for (Map.Entry<Planned.Cell, List<Double>> cell : rates.entrySet()) {
            double[] values =
                    cell.getValue().stream().mapToDouble(Double::doubleValue).toArray();
            Figure repeats = RepeatsWanted.of(values, matters);
            if (repeats.isKnown()) {
                needed.put(cell.getKey(), (int) repeats.orNaN());
                most = Math.max(most, RepeatsWanted.spread(values).orNaN());
            }
        }
        return new SpreadSeen(needed, most > 0 ? Optional.of(PowerCurve.of(most)) : Optional.empty());
    }

    private static Figure rate(Analysis run) {
        return Stream.of(Measure.DELIVERED, Measure.PRESENTED, Measure.CLAIMED)
                .map(measure -> measure.of(run))
                .filter(Figure::isKnown)
                .findFirst()
                .orElseGet(() -> Figure.missing(ModelText.NO_RATE));
    }
}
