package app.fluss.core.stream;

import static app.fluss.core.measure.Better.LESS;
import static app.fluss.core.measure.Better.NEITHER;

import app.fluss.core.measure.Better;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.function.Function;

/// Every figure of what a link did to packets.
@SuppressWarnings("ImmutableEnumChecker") // functions without state, which the checker cannot see
public enum LinkMeasure implements Described {
    /// Packets sent.
    SENT("sent", "packets sent", "", 0, NEITHER, "Packets that were sent.", link -> Figure.of((double) link.sent())),
    /// Packets received.
    RECEIVED(
            "received",
            "packets received",
            "",
            0,
            NEITHER,
            "Packets that came in.",
            link -> Figure.of((double) link.received())),
    /// Packets lost.
    LOST("lost", "packets lost", "", 0, LESS, "Packets that never came in.", link -> Figure.of((double) link.lost())),
    /// Packet loss.
    LOSS(
            "loss_percent",
            "packet loss",
            "%",
            2,
            LESS,
            "Lost over sent packets, percent.",
            link -> link.lossShare().map(share -> share * 100)),
    /// Longest loss.
    LONGEST_LOSS(
            "longest_loss_run",
            "longest loss",
            "",
            0,
            LESS,
            "Most packets lost in a row.",
            link -> Figure.of((double) link.longestLossRun())),
    /// Packets reordered.
    REORDERED(
            "reordered",
            "packets reordered",
            "",
            0,
            LESS,
            "Packets whose number is below the highest that came in before (RFC 4737).",
            link -> Figure.of((double) link.reordered())),
    /// Interarrival jitter.
    JITTER(
            "jitter_ms",
            "interarrival jitter",
            "ms",
            2,
            LESS,
            "Interarrival jitter by RFC 3550, section 6.4.1.",
            LinkQuality::jitterMs),
    /// Clock drift.
    DRIFT(
            "clock_drift_ppm",
            "clock drift",
            "ppm",
            1,
            NEITHER,
            "How much faster the receiver's clock runs: slope of the smallest delays, less that of the round trips, which run on one clock; given where it is beyond doubt (p < 0.0001) and within 250 ppm.",
            link -> link.drift().map(drift -> drift * 1e6)),
    /// Delay spread p50.
    DELAY_P50(
            "delay_spread_ms.p50",
            "delay spread p50",
            "ms",
            2,
            LESS,
            "Median delay above the shortest.",
            link -> link.delaySpread().p50()),
    /// Delay spread p95.
    DELAY_P95(
            "delay_spread_ms.p95",
            "delay spread p95",
            "ms",
            2,
            LESS,
            "95 % quantile of the delay above the shortest.",
            link -> link.delaySpread().p95()),
    /// Delay spread p99.
    DELAY_P99(
            "delay_spread_ms.p99",
            "delay spread p99",
            "ms",
            2,
            LESS,
            "99 % quantile of the delay above the shortest.",
            link -> link.delaySpread().p99()),
    /// Delay spread p99.9.
    DELAY_P999(
            "delay_spread_ms.p999",
            "delay spread p99.9",
            "ms",
            2,
            LESS,
            "99.9 % quantile of the delay above the shortest.",
            link -> link.delaySpread().p999()),
    /// Delay spread max.
    DELAY_MAX(
            "delay_spread_ms.max",
            "delay spread max",
            "ms",
            2,
            LESS,
            "Longest delay above the shortest.",
            link -> link.delaySpread().max());

    private final Description description;
    private final Function<LinkQuality, Figure> figure;

    LinkMeasure(
            String json,
            String title,
            String unit,
            int decimals,
            Better better,
            String definition,
            Function<LinkQuality, Figure> figure) {
        this.description = new Description(json, title, unit, decimals, better, Grade.E, definition);
        this.figure = figure;
    }

    @Override
    public Description description() {
        return description;
    }

    /// The figure.
    public Figure of(LinkQuality result) {
        return figure.apply(result);
    }
}
