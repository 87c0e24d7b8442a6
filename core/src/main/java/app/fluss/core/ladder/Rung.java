package app.fluss.core.ladder;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Level;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.CardLoads;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// What runs with one value of a setting gave, in the mean.
///
/// @param value of the setting; infinity for no cap
/// @param runs how many there are
/// @param deliveredFps delivered rate, /s
/// @param deliveredInterval 95 % of that from run to run, with the spread of the ladder where a rung has few
///     runs; empty if there is none
/// @param lowFps 1 % low by percentile, /s
/// @param unevenMs mean motion timing error, ms
/// @param latencyMs from input to light, ms
/// @param loadPct of the card that generates, percent
public record Rung(
        double value,
        int runs,
        Figure deliveredFps,
        Optional<Interval> deliveredInterval,
        Figure lowFps,
        Figure unevenMs,
        Figure latencyMs,
        Figure loadPct) {
    /// @param ladder the runs of every rung
    static Rung of(double value, List<LadderRun> runs, List<List<Analysis>> ladder) {
        return new Rung(
                value,
                runs.size(),
                mean(runs, run -> run.analysis().rates().delivered()),
                Level.of(runs.stream().map(LadderRun::analysis).toList(), Measure.DELIVERED, ladder)
                        .interval(),
                mean(runs, run -> run.analysis().onePercentLow().percentile()),
                mean(runs, run -> run.analysis().motion().meanAbs()),
                mean(runs, LadderRun::latencyMs),
                mean(runs, run -> load(run.analysis())));
    }

    private static Figure load(Analysis run) {
        CardLoads loads = CardLoads.of(run);
        return loads.second().isKnown() ? loads.second() : loads.first();
    }

    private static Figure mean(List<LadderRun> runs, Function<LadderRun, Figure> figure) {
        Figure sum = Figure.of(0);
        for (LadderRun run : runs) {
            sum = sum.with(figure.apply(run), Double::sum);
        }
        return sum.map(all -> all / runs.size());
    }
}
