package app.fluss.core.latency;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.List;

/// Latency as it was measured: every trial, and what it was found by.
///
/// @param source what it was measured with
/// @param settings how edges were looked for; for samples that came as samples they mean nothing
/// @param rateHz samples, or pictures, a second; NaN for samples that came as samples
/// @param trials in time
/// @param light what was seen of the light as a whole
public record Measurement(Source source, EdgeSettings settings, double rateHz, List<Trial> trials, LightQuality light) {
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

    /// What was seen of the light as a whole.
    ///
    /// @param rippleHz frequency of its ripple; NaN if none stands out
    /// @param humHz frequency of mains hum in it; NaN if none stands out
    /// @param noise standard deviation of what is left, as a share of its step; NaN if not known
    /// @param clippedShare share of samples at the highest value; NaN if not known
    /// @param looksSwapped whether the input looks like light and the light like clicks
    public record LightQuality(double rippleHz, double humHz, double noise, double clippedShare, boolean looksSwapped) {
        /// Nothing is known of it.
        public static final LightQuality UNKNOWN =
                new LightQuality(Double.NaN, Double.NaN, Double.NaN, Double.NaN, false);
    }

    /// Keeps a copy.
    public Measurement {
        trials = List.copyOf(trials);
    }

    /// Samples that came as samples.
    public static Measurement of(List<Trial> trials) {
        return new Measurement(Source.SAMPLES, EdgeSettings.DEFAULT, Double.NaN, trials, LightQuality.UNKNOWN);
    }

    /// Edges on a trace.
    ///
    /// @param source trace, sound or clip
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static Measurement of(Source source, Signal input, Signal light, EdgeSettings settings, Progress progress) {
        if (source == Source.CLIP) {
            List<Trial> trials = ClipEdges.of(input, light, settings);
            return new Measurement(source, settings, light.rateHz(), trials, LightQuality.UNKNOWN);
        }
        EdgeDetection found = EdgeDetection.of(input, light, settings, progress);
        return new Measurement(
                source,
                settings,
                light.rateHz(),
                found.trials(),
                new LightQuality(
                        found.rippleHz(),
                        found.humHz(),
                        found.noise(),
                        found.clippedShare(),
                        Channels.lookSwapped(input, light)));
    }

    /// The light around each trial.
    public List<Excerpt> excerpts(Signal trace) {
        List<Excerpt> excerpts = new ArrayList<>();
        for (Trial trial : trials) {
            excerpts.add(Excerpt.of(trace, trial, settings));
        }
        return excerpts;
    }

    /// The latencies, ms, one a trial; NaN for a missed one.
    public double[] samplesMs() {
        return trials.stream().mapToDouble(Trial::latencyMs).toArray();
    }
}
