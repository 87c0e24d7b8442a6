package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// What the runs of one side say of one figure: those that have it count, the others take nothing away.
///
/// @param runs the runs that have it, in order
/// @param figure what is asked of each
/// @param missing why none has it, if so
record SideFigures(List<Analysis> runs, Function<Analysis, Figure> figure, Figure missing) {
    private static final Figure NO_RUN = Figure.missing("there is no run");

    static SideFigures of(List<Analysis> side, Function<Analysis, Figure> figure) {
        List<Analysis> having =
                side.stream().filter(run -> figure.apply(run).isKnown()).toList();
        return new SideFigures(having, figure, having.isEmpty() && !side.isEmpty() ? missing(side, figure) : NO_RUN);
    }

    /// Why no run has it: where there is a log, it says more than that another run has none.
    private static Figure missing(List<Analysis> side, Function<Analysis, Figure> figure) {
        return side.stream()
                .filter(run -> run.settings().grade().hasLog())
                .findFirst()
                .map(figure)
                .orElseGet(() -> figure.apply(side.getFirst()));
    }

    /// The figure of each of the runs, in their order.
    double[] values() {
        return values(runs, figure);
    }

    static double[] values(List<Analysis> runs, Function<Analysis, Figure> figure) {
        return runs.stream().mapToDouble(run -> figure.apply(run).orNaN()).toArray();
    }

    boolean isEmpty() {
        return runs.isEmpty();
    }

    /// What is known of the side by itself.
    Difference.Side side(Measure measure, PooledSpread scene) {
        return new Difference.Side(
                Level.of(values(), missing, scene),
                runs.size(),
                runs.stream().map(run -> run.settings().grade()).reduce(Grade::weaker),
                runs.size() == 1 ? Steadiness.of(runs.getFirst(), measure) : Optional.empty());
    }
}
