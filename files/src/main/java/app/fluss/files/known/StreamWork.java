package app.fluss.files.known;

import app.fluss.core.bench.FactKey;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.StreamOutlooks;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.core.stream.blame.TwoLanes;
import java.util.List;
import java.util.Optional;

/// What is worked out of a run over a stream.
///
/// @param probe of its link; empty if there was none
/// @param probeSimulated whether a stand-in was probed
/// @param budget what the stream has to work with; empty where facts are missing
/// @param outlooks what it would be like with other pictures; empty as the budget is
/// @param missing those facts
/// @param bufferMs what the client holds back, ms; NaN if it is not stated
/// @param blame its hitches; empty without the log of the host
public record StreamWork(
        Optional<ProbeReport> probe,
        boolean probeSimulated,
        Optional<StreamBudget> budget,
        Optional<StreamOutlooks> outlooks,
        List<FactKey> missing,
        double bufferMs,
        Optional<Blamed> blame) {
    /// The hitches of the client, each with its cause.
    ///
    /// @param alignment how the logs were lined up
    /// @param hitches in time
    /// @param lanes both logs on one clock
    public record Blamed(Alignment alignment, List<ClientHitch> hitches, TwoLanes lanes) {}
}
