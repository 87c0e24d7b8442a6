package app.fluss.core.finding;

import app.fluss.core.latency.chain.Unexplained;
import java.util.List;

/// Latency that the stages do not explain.
final class UnexplainedFindings {
    private UnexplainedFindings() {}

    /// One finding where measured and estimated latency differ by more than the figures can tell; else none.
    static List<Finding> of(Unexplained left) {
        if (left.causes().isEmpty()) {
            return List.of();
        }
        double ms = left.differenceMs();
        return List.of(Finding.of(
                FindingCode.LATENCY_UNEXPLAINED,
                "The measured latency is %s ms %s than the stages add up to."
                        .formatted(RunFindings.number(Math.abs(ms), 1), ms > 0 ? "longer" : "shorter"),
                "A stage takes, or saves, time that is not stated.",
                String.join(" ", left.causes())));
    }
}
