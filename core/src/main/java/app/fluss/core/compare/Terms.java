package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Measure;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// What two sides are compared under.
///
/// @param multiplier images presented per rendered image as set on side b; NaN if not stated
/// @param scene all runs of the scene that count, group by group, both sides among them: a side with few runs
///     borrows their spread. Empty for the two sides alone
/// @param confounds recorded facts that differ and should not; empty where no facts were looked at
/// @param wanted measures to compare besides the rates
/// @param latency what was measured of the latency of both sides; empty if nothing was
/// @param primary the figure that the comparison is made for, a measure or a figure of latency
public record Terms(
        double multiplier,
        List<List<Analysis>> scene,
        Optional<List<Confound>> confounds,
        Set<Measure> wanted,
        Optional<Difference> latency,
        Described primary) {
    /// Two sides of which nothing more is known.
    public static final Terms PLAIN =
            new Terms(Double.NaN, List.of(), Optional.empty(), Measure.COMPARED, Optional.empty(), Measure.DELIVERED);

    /// Keeps copies.
    public Terms {
        scene = scene.stream().map(List::copyOf).toList();
        confounds = confounds.map(List::copyOf);
        wanted = Set.copyOf(wanted);
    }

    /// The same, with a multiplier as set.
    public Terms withMultiplier(double set) {
        return new Terms(set, scene, confounds, wanted, latency, primary);
    }

    /// The same, among the runs of a scene.
    public Terms among(List<List<Analysis>> groups) {
        return new Terms(multiplier, groups, confounds, wanted, latency, primary);
    }

    /// The same, with these facts looked at.
    public Terms withConfounds(List<Confound> found) {
        return new Terms(multiplier, scene, Optional.of(found), wanted, latency, primary);
    }

    /// The same, with only the rates compared: what many stretches are compared by.
    public Terms ofRates() {
        return new Terms(multiplier, scene, confounds, RunComparison.RATES, latency, primary);
    }

    /// The same, with measured latency.
    public Terms withLatency(Difference measured) {
        return new Terms(multiplier, scene, confounds, wanted, Optional.of(measured), primary);
    }

    /// The same, made for another figure.
    public Terms madeFor(Described figure) {
        return new Terms(multiplier, scene, confounds, wanted, latency, figure);
    }
}
