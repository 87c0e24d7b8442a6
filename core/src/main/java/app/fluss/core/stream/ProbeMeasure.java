package app.fluss.core.stream;

import static app.fluss.core.measure.Better.LESS;
import static app.fluss.core.measure.Better.MORE;

import app.fluss.core.measure.Better;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.function.Function;

/// Every figure of a link probe besides those of its packets.
@SuppressWarnings("ImmutableEnumChecker") // functions without state, which the checker cannot see
public enum ProbeMeasure implements Described {
    /// Round trip.
    ROUND_TRIP("round_trip_ms", "round trip", "ms", 2, LESS, "Median round trip of inputs.", ProbeReport::roundTripMs),
    /// Round trip p95.
    ROUND_TRIP_P95(
            "round_trip_p95_ms",
            "round trip p95",
            "ms",
            2,
            LESS,
            "95 % quantile of the round trips.",
            ProbeReport::roundTripP95Ms),
    /// Shortest round trip.
    ROUND_TRIP_SHORTEST(
            "round_trip_shortest_ms",
            "shortest round trip",
            "ms",
            2,
            LESS,
            "Shortest round trip of an input.",
            ProbeReport::shortestMs),
    /// Inputs lost.
    INPUTS_LOST(
            "inputs_lost",
            "inputs lost",
            "",
            0,
            LESS,
            "Inputs that were not answered.",
            probe -> Figure.of((double) probe.inputsLost())),
    /// Throughput.
    THROUGHPUT(
            "throughput_mbps",
            "throughput",
            "Mbit/s",
            1,
            MORE,
            "Bits that came in over the time that it took.",
            ProbeReport::throughputMbps),
    /// Burst rate.
    BURST(
            "burst_mbps",
            "burst rate",
            "Mbit/s",
            1,
            MORE,
            "Rate within the bursts of images: a lower bound of what the link can do.",
            ProbeReport::burstMbps);

    private final Description description;
    private final Function<ProbeReport, Figure> figure;

    ProbeMeasure(
            String json,
            String title,
            String unit,
            int decimals,
            Better better,
            String definition,
            Function<ProbeReport, Figure> figure) {
        this.description = new Description(json, title, unit, decimals, better, Grade.E, definition);
        this.figure = figure;
    }

    @Override
    public Description description() {
        return description;
    }

    /// The figure.
    public Figure of(ProbeReport result) {
        return figure.apply(result);
    }
}
