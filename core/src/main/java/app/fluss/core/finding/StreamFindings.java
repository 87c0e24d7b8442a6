package app.fluss.core.finding;

import app.fluss.core.measure.Figure;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.stream.blame.ClientHitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// What a stream's logs and the probe of its link show.
final class StreamFindings {
    private StreamFindings() {}

    /// What the hitches of a client come from, one finding a cause, worst first.
    static List<Finding> of(List<ClientHitch> hitches, Alignment alignment) {
        Map<Cause, Integer> totals = Blame.totals(hitches);
        int most = totals.values().stream().mapToInt(count -> count).max().orElse(0);
        List<Finding> found = new ArrayList<>();
        totals.forEach((cause, count) -> {
            if (count >= Thresholds.FEWEST_HITCHES) {
                found.add(of(cause, count, hitches.size(), count == most));
            }
        });
        boolean leans = totals.getOrDefault(Cause.GAME, 0) > 0 || most > totals.getOrDefault(Cause.UNKNOWN, 0);
        if (!alignment.byNumber() && !hitches.isEmpty() && leans && alignment.confidence() < Thresholds.SURE_OFFSET) {
            found.add(Finding.of(
                    FindingCode.LOGS_LINED_UP_LOOSELY,
                    "Host and client were lined up by the best offset, and another one fits nearly as well."));
        }
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    private static Finding of(Cause cause, int count, int all, boolean isMost) {
        return switch (cause) {
            case UNKNOWN ->
                Finding.of(
                        code(cause),
                        "Of %d of %d hitches at the client the logs do not tell the cause.".formatted(count, all));
            case GAME -> Finding.of(code(cause), seen(cause, count, all));
            case ENCODER, NETWORK, DECODER, CLIENT_DISPLAY -> {
                Finding finding = Finding.of(code(cause), seen(cause, count, all));
                yield isMost ? finding : finding.asWarning("It is not the main cause, but one.");
            }
        };
    }

    private static String seen(Cause cause, int count, int all) {
        return "%d of %d hitches at the client come from %s.".formatted(count, all, where(cause));
    }

    private static FindingCode code(Cause cause) {
        return switch (cause) {
            case GAME -> FindingCode.STREAM_GAME;
            case ENCODER -> FindingCode.STREAM_ENCODER;
            case NETWORK -> FindingCode.STREAM_NETWORK;
            case DECODER -> FindingCode.STREAM_DECODER;
            case CLIENT_DISPLAY -> FindingCode.STREAM_CLIENT_DISPLAY;
            case UNKNOWN -> FindingCode.STREAM_UNKNOWN;
        };
    }

    private static String where(Cause cause) {
        return switch (cause) {
            case GAME -> "the game";
            case ENCODER -> "the host's encoder";
            case NETWORK -> "the network";
            case DECODER -> "the client's decoder";
            case CLIENT_DISPLAY -> "the client's display";
            case UNKNOWN -> "something unknown";
        };
    }

    /// What a probe of the link says.
    ///
    /// @param bufferMs what the client holds back, ms; NaN if it is not stated
    static List<Finding> of(ProbeReport probe, double bufferMs) {
        List<Finding> found = new ArrayList<>();
        if (probe.queueMsPerS() > 0) {
            found.add(Finding.of(
                    FindingCode.QUEUE_GROWS,
                    "Delay grew by %s ms per second, and so did the round trips."
                            .formatted(RunFindings.number(probe.queueMsPerS(), 2))));
        }
        if (probe.arrivals().inTimeShare(bufferMs).orNaN() < StreamBudget.IN_TIME && bufferMs >= 0) {
            Figure needed = probe.arrivals().bufferMs(StreamBudget.IN_TIME);
            found.add(Finding.of(
                    FindingCode.STREAM_LATE,
                    "With a buffer of %s ms %s of the probe's images were in time."
                            .formatted(
                                    RunFindings.number(bufferMs, 1),
                                    RunFindings.percent(probe.arrivals()
                                            .inTimeShare(bufferMs)
                                            .orNaN())),
                    "The others show as hitches, whatever the game does.",
                    switch (needed) {
                        case Figure.Known(double ms) ->
                            "A buffer of %s ms would do for 99 %%; a lower bit rate or a better link needs less."
                                    .formatted(RunFindings.number(ms, 1));
                        case Figure.Missing _ -> "No buffer replaces lost packets: use a cable, or a clear channel.";
                    }));
        }
        double loss = probe.link().lossShare().orNaN();
        if (loss > Thresholds.LINK_LOSS) {
            found.add(Finding.of(
                    FindingCode.LINK_LOSES,
                    "The link lost %s %% of the packets, %d in a row at most."
                            .formatted(
                                    RunFindings.number(loss * 100, 2),
                                    probe.link().longestLossRun())));
        }
        return List.copyOf(found);
    }
}
