package app.fluss.core.latency;

import app.fluss.core.measure.Ordered;
import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.List;

/// Finds, for every input edge of a sensor trace, when the light passed a share of its step. Ripple and hum are taken
/// away first; every trial keeps what it was judged by.
///
/// @param trials in time
/// @param rippleHz frequency of the light's ripple; NaN if none stands out
/// @param humHz frequency of mains hum in the light; NaN if none stands out
/// @param noise standard deviation of what is left of the light, as a share of its step; NaN without a step
/// @param clippedShare share of the light's samples at its highest value
public record EdgeDetection(List<Trial> trials, double rippleHz, double humHz, double noise, double clippedShare) {
    private static final int RIPPLE_STRETCHES = 8;
    private static final int TAU_EDGES = 16;
    private static final int LOOKED_AT = 500_000;

    /// Keeps a copy.
    public EdgeDetection {
        trials = List.copyOf(trials);
    }

    /// Looks at a trace.
    ///
    /// @param input the button, or the sound of its click
    /// @param light the sensor, as many samples at the same times
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static EdgeDetection of(Signal input, Signal light, EdgeSettings settings, Progress progress) {
        double[] starts = InputEdges.of(input, settings.refractoryMs());
        progress.check(0.3);
        List<LightEdge> edges = new ArrayList<>();
        for (int i = 0; i < starts.length; i++) {
            double previous = i > 0 ? starts[i - 1] : 0;
            double next = i + 1 < starts.length ? starts[i + 1] : light.size() - 1.0;
            edges.add(LightEdge.around(light, starts[i], previous, next, settings));
        }
        List<Ripple> ripples = ripples(edges, light);
        double typical = Ordered.of(edges.stream()
                        .filter(edge -> !edge.isShort())
                        .mapToDouble(edge -> Math.abs(edge.step()))
                        .filter(step -> step > 0)
                        .toArray())
                .quantile(0.75);
        for (int i = 0; i < edges.size(); i++) {
            edges.get(i).look(light, ripples, typical, settings.threshold());
            progress.check(0.3 + 0.5 * i / edges.size());
        }
        double tauMs = tau(edges, light.rateHz());
        progress.check(0.8);
        List<Trial> trials = new ArrayList<>();
        for (LightEdge edge : edges) {
            trials.add(edge.trial(settings.threshold(), tauMs));
        }
        double noise = Ordered.of(edges.stream()
                        .filter(LightEdge::isAnswered)
                        .mapToDouble(LightEdge::relativeNoise)
                        .toArray())
                .median();
        return new EdgeDetection(trials, hz(ripples, false), hz(ripples, true), noise, clippedShare(light));
    }

    private static double hz(List<Ripple> ripples, boolean hum) {
        return ripples.stream()
                .filter(ripple -> isMains(ripple.hz()) == hum)
                .mapToDouble(Ripple::hz)
                .findFirst()
                .orElse(Double.NaN);
    }

    private static boolean isMains(double hz) {
        return Math.abs(hz - 50) < 1 || Math.abs(hz - 60) < 1;
    }

    /// The periodic parts, strongest first: at most a ripple and a hum.
    private static List<Ripple> ripples(List<LightEdge> edges, Signal light) {
        List<Ripple.Stretch> bright = new ArrayList<>();
        for (LightEdge edge : edges) {
            if (!edge.isShort() && bright.size() < RIPPLE_STRETCHES) {
                bright.add(edge.brightStretch(light));
            }
        }
        List<Ripple> found = new ArrayList<>();
        Ripple.Stretch[] stretches = bright.toArray(Ripple.Stretch[]::new);
        for (int part = 0; part < 2; part++) {
            Ripple ripple = Ripple.find(stretches, light.rateHz());
            if (!ripple.isThere()) {
                break;
            }
            found.add(ripple);
            for (Ripple.Stretch stretch : stretches) {
                double[] wave =
                        ripple.waveform(stretch.values(), 0, stretch.values().length, stretch.from(), light.rateHz());
                if (wave.length > 0) {
                    ripple.remove(stretch.values(), stretch.from(), light.rateHz(), wave, wave, 0, 1);
                }
            }
        }
        return found;
    }

    private static double tau(List<LightEdge> edges, double rateHz) {
        List<double[]> shapes = new ArrayList<>();
        List<Double> around = new ArrayList<>();
        for (LightEdge edge : edges) {
            if (edge.isAnswered() && shapes.size() < TAU_EDGES) {
                shapes.add(edge.shape());
                around.add(edge.shapeStartsMs());
            }
        }
        return shapes.isEmpty()
                ? Double.NaN
                : Response.tauMs(
                        shapes.toArray(double[][]::new),
                        1000 / rateHz,
                        around.stream().mapToDouble(Double::doubleValue).toArray(),
                        LightEdge.REACH_MS);
    }

    /// The share of samples at the highest value, of some hundred thousand.
    private static double clippedShare(Signal light) {
        int step = Math.max(1, light.size() / LOOKED_AT);
        double highest = Double.NEGATIVE_INFINITY;
        int at = 0;
        int n = 0;
        for (int i = 0; i < light.size(); i += step, n++) {
            double value = light.at(i);
            if (value > highest) {
                highest = value;
                at = 0;
            }
            at += value == highest ? 1 : 0;
        }
        return (double) at / Math.max(1, n);
    }
}
