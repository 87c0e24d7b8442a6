package app.fluss.core.latency.edge;

import app.fluss.core.work.Progress;
import java.util.List;
import java.util.Optional;

/// Finds, for every press of an input, when the light answered it: the first change of the light that stays a while,
/// measured where it passes a share of its step. Hum, ripple and a coupling by capacitor are taken out of the light
/// first; what could be read in two ways says so.
///
/// @param trials in time
/// @param rippleHz frequency of the light's ripple; NaN if none stands out
/// @param humHz frequency of mains hum in the light; NaN if none stands out
/// @param couplingMs time constant with which the light falls back because of its coupling; NaN if it stays
/// @param noise standard deviation of what is left of the light, as a share of its step; NaN without a step
/// @param clippedShare share of the light's samples at its highest value
/// @param pressed which part of the input was taken for a press; empty without any
/// @param pressUnclear whether it could not be told which level of the input is pressed, or which sound is the press
/// @param looksSwapped whether the two channels make more sense in each other's place
public record EdgeDetection(
        List<Trial> trials,
        double rippleHz,
        double humHz,
        double couplingMs,
        double noise,
        double clippedShare,
        Optional<PressKind> pressed,
        boolean pressUnclear,
        boolean looksSwapped) {
    private static final int LOOKED_AT = 500_000;
    private static final int FEWEST_SAMPLES = 16;
    private static final double REST_MS = 10;

    /// Keeps a copy.
    public EdgeDetection {
        trials = List.copyOf(trials);
    }

    /// What samples are.
    public enum Grain {
        /// The light at an instant: edges lie between samples.
        SAMPLES,
        /// The light gathered over a picture: edges are counted in whole pictures.
        PICTURES
    }

    /// Looks at a trace.
    ///
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static EdgeDetection of(Recording recording, EdgeSettings settings, Grain grain, Progress progress) {
        Signal input = recording.input();
        Signal light = recording.light();
        boolean pictures = grain == Grain.PICTURES;
        if (light.size() < FEWEST_SAMPLES) {
            return new EdgeDetection(
                    List.of(), Double.NaN, Double.NaN, Double.NaN, Double.NaN, 0, Optional.empty(), false, false);
        }
        List<PressSeries> readings = Presses.of(input, settings, pictures);
        progress.check(0.2);
        LightTrace trace = LightTrace.of(light, readings, settings, pictures);
        progress.check(0.5);
        PressChoice choice = PressChoice.of(readings, trace);
        Trials.Found found = choice.chosen()
                .map(read -> Trials.of(light, read, trace, settings, pictures, progress.part(0.5, 1)))
                .orElseGet(() -> new Trials.Found(List.of(), Double.NaN));
        return new EdgeDetection(
                found.trials().stream()
                        .map(trial -> whole(trial, recording, settings))
                        .toList(),
                trace.lines().rippleHz(),
                trace.lines().humHz(),
                trace.whole().coupling().tauMs(),
                found.noise(),
                clippedShare(light),
                choice.chosen().map(read -> read.presses().kind()),
                choice.unclear(),
                Channels.lookSwapped(input, light, choice, settings, pictures));
    }

    private static Trial whole(Trial trial, Recording recording, EdgeSettings settings) {
        double until = Double.isNaN(trial.photonMs()) ? trial.inputMs() + settings.timeoutMs() : trial.photonMs();
        return recording.isBroken(trial.inputMs() - REST_MS, until + REST_MS) ? trial.doubted(Doubt.GAP) : trial;
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
