package app.fluss.core.latency;

import app.fluss.core.latency.edge.EdgeDetection;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Excerpt;
import app.fluss.core.latency.edge.PressKind;
import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.edge.Signal;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Latency as it was measured: every trial, and what it was found by.
///
/// @param source what it was measured with
/// @param settings how edges were looked for; for samples that came as samples they mean nothing
/// @param rateHz samples, or pictures, a second; NaN for samples that came as samples
/// @param trials in time
/// @param input what was seen of the input as a whole
/// @param light what was seen of the light as a whole
public record Measurement(
        Source source,
        EdgeSettings settings,
        double rateHz,
        List<Trial> trials,
        InputQuality input,
        LightQuality light) {
    /// What latency was measured with.
    public enum Source {
        /// A list of samples that something else made.
        SAMPLES("list of samples"),
        /// A light sensor.
        TRACE("sensor trace"),
        /// A sound card with click and light.
        SOUND("sound recording"),
        /// A high-speed camera.
        CLIP("camera clip");

        private final String title;

        Source(String title) {
            this.title = title;
        }

        /// The name for people.
        public String title() {
            return title;
        }
    }

    /// What was seen of the input as a whole.
    ///
    /// @param pressed which part of it was taken for a press; empty if not known
    /// @param unclear whether it could not be told which part is the press
    public record InputQuality(Optional<PressKind> pressed, boolean unclear) {
        /// Nothing is known of it.
        public static final InputQuality UNKNOWN = new InputQuality(Optional.empty(), false);
    }

    /// What was seen of the light as a whole.
    ///
    /// @param rippleHz frequency of its ripple; NaN if none stands out
    /// @param humHz frequency of mains hum in it; NaN if none stands out
    /// @param couplingMs time constant with which it falls back because of its coupling; NaN if it stays
    /// @param noise standard deviation of what is left, as a share of its step; NaN if not known
    /// @param clippedShare share of samples at the highest value; NaN if not known
    /// @param looksSwapped whether the input looks like light and the light like clicks
    public record LightQuality(
            double rippleHz, double humHz, double couplingMs, double noise, double clippedShare, boolean looksSwapped) {
        /// Nothing is known of it.
        public static final LightQuality UNKNOWN =
                new LightQuality(Double.NaN, Double.NaN, Double.NaN, Double.NaN, Double.NaN, false);
    }

    /// Keeps a copy.
    public Measurement {
        trials = List.copyOf(trials);
    }

    /// Samples that came as samples.
    public static Measurement of(List<Trial> trials) {
        return new Measurement(
                Source.SAMPLES, EdgeSettings.DEFAULT, Double.NaN, trials, InputQuality.UNKNOWN, LightQuality.UNKNOWN);
    }

    /// Edges on a trace.
    ///
    /// @param source trace, sound or clip
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static Measurement of(Source source, Recording recording, EdgeSettings settings, Progress progress) {
        EdgeDetection.Grain grain = source == Source.CLIP ? EdgeDetection.Grain.PICTURES : EdgeDetection.Grain.SAMPLES;
        EdgeDetection found = EdgeDetection.of(recording, settings, grain, progress);
        return new Measurement(
                source,
                settings,
                recording.light().rateHz(),
                found.trials(),
                new InputQuality(found.pressed(), found.pressUnclear()),
                new LightQuality(
                        found.rippleHz(),
                        found.humHz(),
                        found.couplingMs(),
                        found.noise(),
                        found.clippedShare(),
                        found.looksSwapped()));
    }

    /// The light around each trial.
    public List<Excerpt> excerpts(Signal trace) {
        List<Excerpt> excerpts = new ArrayList<>();
        for (Trial trial : trials) {
            excerpts.add(Excerpt.of(trace, trial, settings));
        }
        return excerpts;
    }

    /// The latencies that count, ms: NaN for a missed trial; what is ambiguous is left out until somebody accepts it.
    public double[] samplesMs() {
        return trials.stream()
                .filter(trial -> trial.state() != Trial.State.AMBIGUOUS)
                .mapToDouble(Trial::latencyMs)
                .toArray();
    }

    /// Trials that somebody should look at.
    public List<Trial> ambiguous() {
        return trials.stream()
                .filter(trial -> trial.state() == Trial.State.AMBIGUOUS)
                .toList();
    }

    /// The step in which latencies come, ms: whole pictures, or the digits of a list; 0 where edges lie between
    /// samples.
    public double resolutionMs() {
        return switch (source) {
            case SAMPLES -> Resolution.of(samplesMs());
            case CLIP -> 1000 / rateHz;
            case TRACE, SOUND -> 0;
        };
    }

    /// The figures of the trials that count.
    public LatencyFigures figures() {
        return LatencyFigures.of(samplesMs(), resolutionMs());
    }
}
