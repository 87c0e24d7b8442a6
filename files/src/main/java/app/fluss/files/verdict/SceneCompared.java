package app.fluss.files.verdict;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.files.study.Run;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// How a path compares with the native one in a scene, figure by figure: what Compare shows. It holds no
/// frames.
///
/// @param measures every measure that is compared
/// @param latency what the path adds from input to light, ms
/// @param latencyEstimated whether that is from stages, because it was not measured on both sides
/// @param grade the weakest of the runs
/// @param maySay what may be said of it
/// @param confounds recorded facts that differ and should not
/// @param noticed what Fluss noticed of its runs and of the comparison
public record SceneCompared(
        Map<Measure, Difference> measures,
        Difference latency,
        boolean latencyEstimated,
        Grade grade,
        String maySay,
        List<Confound> confounds,
        List<Noticed> noticed) {
    /// Something that was noticed.
    ///
    /// @param run of which run; empty where it is of the comparison
    /// @param finding what
    public record Noticed(Optional<Run> run, Finding finding) {}

    /// Of a comparison.
    ///
    /// @param latency as measured; where it was not, as estimated
    static SceneCompared of(
            RunComparison compared,
            Difference latency,
            boolean latencyEstimated,
            String maySay,
            List<Noticed> noticed) {
        return new SceneCompared(
                compared.measures(),
                latency,
                latencyEstimated,
                compared.grade(),
                maySay,
                compared.confounds().orElse(List.of()),
                noticed);
    }

    /// The comparison of one measure.
    ///
    /// @throws NullPointerException if it is not compared
    public Difference measure(Measure measure) {
        return Objects.requireNonNull(measures.get(measure));
    }
}
