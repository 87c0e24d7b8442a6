package app.fluss.app.model;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.MaySay;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.generation.SectionFigures;
import app.fluss.core.plan.EnoughRuns;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.vr.Reprojection;
import app.fluss.files.compare.Grouping;
import app.fluss.files.compare.Pair;
import app.fluss.files.study.DeliveryPath;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A group of runs of a scene against the baseline.
///
/// @param pair what is compared
/// @param runs how it compares
/// @param enough whether there are enough of them, by the rate that it is about
/// @param findings what Fluss noticed, worst first
/// @param addedMs what the other side adds to the time from input to light, ms: measured, else from stages
/// @param latencyEstimated whether that is from stages, because it was not measured on both sides
/// @param sections the same in each stretch that runs on both sides have marked
/// @param headset what a headset showed of the first run of the other side; empty without one
/// @param hitches how many hitches of the first run's stream each cause has; empty without a stream or its
///     host's log
/// @param simulated whether any of the runs is simulated
public record Comparison(
        Pair pair,
        RunComparison runs,
        EnoughRuns enough,
        List<Finding> findings,
        Difference addedMs,
        boolean latencyEstimated,
        List<SectionFigures> sections,
        Optional<Reprojection> headset,
        Optional<Map<Cause, Integer>> hitches,
        boolean simulated) {
    /// Name of the baseline.
    public String baseline() {
        return pair.by().shown(pair.baseline());
    }

    /// Name of the other side, for people.
    public String name() {
        String level = pair.by().shown(pair.level());
        return pair.within().isEmpty() ? level : pair.within() + " · " + level;
    }

    /// What may be said of it, in a sentence or two.
    public String maySay() {
        return MaySay.of(runs, pair.by().said(pair.baseline()), pair.by().said(pair.level()));
    }

    /// The path of the other side.
    public DeliveryPath path() {
        return pair.b().getFirst().path();
    }

    /// Whether it is a path that is held against another path.
    public boolean isOfPaths() {
        return pair.by() instanceof Grouping.ByPath;
    }

    /// The added latency with the interval that was judged with the other figures, where it was measured.
    public Difference latency() {
        return latencyEstimated ? addedMs : runs.latency().orElse(addedMs);
    }
}
