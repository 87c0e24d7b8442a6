package app.fluss.core.latency.chain;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Histogram;
import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// From input to light, stage by stage, by Monte Carlo with a fixed seed.
///
/// @param stages what each adds, in the order in which time passes
/// @param total what they add up to; without the stages that are not known it is a lower bound
/// @param missing what would have to be stated for the stages that are not known; empty if all are
/// @param draws of the total, in order
public record ChainEstimate(List<StageTime> stages, StageTime total, List<String> missing, Ordered draws) {
    /// Clicks drawn. The mean of a total that spreads by 20 ms is then known to 0.14 ms.
    public static final int DRAWS = 20_000;

    static final long SEED = 17;

    /// Estimates.
    ///
    /// @param threshold share of the light's step at which it counts, above 0 and below 1
    public static ChainEstimate of(ChainModel model, double threshold) {
        Map<LatencyStage, String> unknown = new EnumMap<>(LatencyStage.class);
        ChainDraw draw = new ChainDraw(model, threshold, SEED, unknown);
        double[][] stages = new double[LatencyStage.values().length][DRAWS];
        double[] totals = new double[DRAWS];
        double[] added = new double[stages.length];
        for (int i = 0; i < DRAWS; i++) {
            totals[i] = draw.next(added);
            for (int s = 0; s < stages.length; s++) {
                stages[s][i] = added[s];
            }
        }
        List<StageTime> times = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        LatencyStage[] all = LatencyStage.values();
        Set<LatencyStage> present = ChainDraw.stages(model);
        for (int s = 0; s < stages.length; s++) {
            LatencyStage stage = all[s];
            if (!present.contains(stage)) {
                continue;
            }
            String what = unknown.get(stage);
            if (what != null) {
                missing.add(what);
                times.add(StageTime.unknown(stage, "not stated: " + what));
            } else {
                Basis basis = model.measured().containsKey(stage) ? Basis.MEASURED : Basis.ESTIMATED;
                times.add(StageTime.of(Optional.of(stage), basis, stages[s]));
            }
        }
        return new ChainEstimate(
                List.copyOf(times),
                StageTime.of(Optional.empty(), Basis.ESTIMATED, totals),
                List.copyOf(missing),
                Ordered.of(totals));
    }

    /// Whether every stage is known.
    public boolean isWhole() {
        return missing.isEmpty();
    }

    /// What the known stages of a part add on average, ms: means may be added.
    ///
    /// @return missing where none of its stages is known
    public Figure meanMs(LatencyStage.Part part) {
        double sum = 0;
        boolean known = false;
        for (StageTime time : stages) {
            if (time.stage().orElseThrow().part() == part && time.mean().isKnown()) {
                sum += time.mean().orNaN();
                known = true;
            }
        }
        return known ? Figure.of(sum) : Figure.missing("nothing is stated of it");
    }

    /// Where a stage begins on average: what those before it add, ms after the input.
    ///
    /// @param stage its place in [#stages()]
    public double beginsMs(int stage) {
        double sum = 0;
        for (StageTime time : stages.subList(0, stage)) {
            sum += time.mean().isKnown() ? time.mean().orNaN() : 0;
        }
        return sum;
    }

    /// How the draws of the total lie.
    ///
    /// @param toMs where the last bin ends, ms, above 0
    public Histogram histogram(double toMs, int bins) {
        double[] all = new double[draws.size()];
        for (int i = 0; i < all.length; i++) {
            all[i] = draws.at(i);
        }
        return Histogram.of(all, 0, toMs, bins);
    }

    /// The mean of the total alone, ms, which takes a fraction of the time of a whole estimate.
    ///
    /// @param threshold share of the light's step at which it counts, above 0 and below 1
    public static double totalMeanMs(ChainModel model, double threshold) {
        ChainDraw draw = new ChainDraw(model, threshold, SEED, new EnumMap<>(LatencyStage.class));
        double[] added = new double[LatencyStage.values().length];
        double sum = 0;
        for (int i = 0; i < DRAWS; i++) {
            sum += draw.next(added);
        }
        return sum / DRAWS;
    }
}
