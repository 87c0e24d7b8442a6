package app.fluss.files.known;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.UncertaintyBudget;
import app.fluss.core.latency.chain.ChainEstimate;
import app.fluss.core.latency.chain.Unexplained;
import app.fluss.core.measure.Figure;
import app.fluss.files.study.StoredLatency;
import java.util.List;
import java.util.Optional;

/// The latency of a run: what was measured, what the stages add up to, and the difference.
///
/// @param measured what was measured; empty if nothing was
/// @param estimate stage by stage; empty where it cannot be had
/// @param noEstimate why not, in words; empty where there is one
/// @param shares with generation between two images, what the stages add up to until a tenth, half and nine
///     tenths of a change show, ms, for those can lie far apart; empty otherwise
/// @param headMs in a headset, from a turn of the head to the light, ms
/// @param unexplained measured less estimated; empty unless there are both
public record AnalysedLatency(
        Optional<Measured> measured,
        Optional<ChainEstimate> estimate,
        String noEstimate,
        List<Double> shares,
        Figure headMs,
        Optional<Unexplained> unexplained) {
    /// What was measured.
    ///
    /// @param stored the trials
    /// @param samplesMs those that count, ms; NaN for missed ones
    /// @param figures of them
    /// @param budget what their mean is uncertain by
    public record Measured(
            StoredLatency stored, List<Double> samplesMs, LatencyFigures figures, UncertaintyBudget budget) {}
}
