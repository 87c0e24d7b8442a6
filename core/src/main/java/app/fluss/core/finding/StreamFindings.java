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
public final class StreamFindings {
    private static final String NOT_THE_PATH =
            "It would hitch without the stream, too: what is said of the stream must not rest on it.";

    private StreamFindings() {}

    /// What the hitches of a client come from, one finding a cause, worst first.
    public static List<Finding> of(List<ClientHitch> hitches, Alignment alignment) {
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
            found.add(Finding.note(
                    "logs-lined-up-loosely",
                    "Host and client were lined up by the best offset, and another one fits nearly as well.",
                    "A hitch of the game may then be put down to the wrong one.",
                    "Log frame numbers at both ends."));
        }
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    private static Finding of(Cause cause, int count, int all, boolean isMost) {
        String seen = "%d of %d hitches at the client come from %s.".formatted(count, all, where(cause));
        String code = "stream-" + cause.label().replace('_', '-');
        return switch (cause) {
            case UNKNOWN ->
                Finding.note(
                        code,
                        "Of %d of %d hitches at the client the logs do not tell the cause.".formatted(count, all),
                        "Stages without a time stamp run together.",
                        "Log when images are encoded at the host, and received and decoded at the client.");
            case GAME -> Finding.warning(code, seen, NOT_THE_PATH, remedy(cause));
            case ENCODER, NETWORK, DECODER, CLIENT_DISPLAY ->
                isMost
                        ? Finding.fault(code, seen, "This is what the stream's hitches are.", remedy(cause))
                        : Finding.warning(code, seen, "It is not the main cause, but one.", remedy(cause));
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

    private static String remedy(Cause cause) {
        return switch (cause) {
            case GAME -> "Look at the host's own run first: cap it, or lower what loads its processor.";
            case ENCODER -> "Leave the card some room with a cap, or choose a lighter encoder setting.";
            case NETWORK -> "Use a cable at both ends or a clear channel, a lower bit rate, or a longer buffer.";
            case DECODER -> "Stream a picture or a format that the client decodes in hardware.";
            case CLIENT_DISPLAY -> "Stream at the rate of the client's display, or let it refresh as images come.";
            case UNKNOWN -> "Log when images are encoded at the host, and received and decoded at the client.";
        };
    }

    /// What a probe of the link says.
    ///
    /// @param bufferMs what the client holds back, ms; NaN if it is not stated
    public static List<Finding> of(ProbeReport probe, double bufferMs) {
        List<Finding> found = new ArrayList<>();
        if (probe.arrivals().inTimeShare(bufferMs).orNaN() < StreamBudget.IN_TIME && bufferMs >= 0) {
            Figure needed = probe.arrivals().bufferMs(StreamBudget.IN_TIME);
            found.add(Finding.warning(
                    "stream-late",
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
                        case Figure.Missing _ -> "No buffer mends lost packets: use a cable, or a clear channel.";
                    }));
        }
        double loss = probe.link().lossShare().orNaN();
        if (loss > Thresholds.LINK_LOSS) {
            found.add(Finding.warning(
                    "link-loses",
                    "The link lost %s %% of the packets, %d in a row at most."
                            .formatted(
                                    RunFindings.number(loss * 100, 2),
                                    probe.link().longestLossRun()),
                    "Each lost packet costs its image, or the time to ask for it again.",
                    "Use a cable at both ends, or a clear channel of 5 or 6 GHz."));
        }
        return List.copyOf(found);
    }
}
