package app.fluss.core.latency.chain;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Ordered;
import java.util.Optional;

/// What a stage, or all of them, add.
///
/// @param stage which; empty for all of them
/// @param basis what it rests on
/// @param mean ms
/// @param p5 ms, 5 % of the draws are shorter
/// @param p95 ms, 5 % are longer
public record StageTime(Optional<LatencyStage> stage, Basis basis, Figure mean, Figure p5, Figure p95) {
    static StageTime of(Optional<LatencyStage> stage, Basis basis, double[] draws) {
        double sum = 0;
        for (double draw : draws) {
            sum += draw;
        }
        Ordered ordered = Ordered.of(draws);
        return new StageTime(
                stage,
                basis,
                Figure.of(sum / draws.length),
                Figure.of(ordered.quantile(0.05)),
                Figure.of(ordered.quantile(0.95)));
    }

    static StageTime unknown(LatencyStage stage, String reason) {
        Figure missing = Figure.missing(reason);
        return new StageTime(Optional.of(stage), Basis.UNKNOWN, missing, missing, missing);
    }
}
