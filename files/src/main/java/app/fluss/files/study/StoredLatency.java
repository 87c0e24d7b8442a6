package app.fluss.files.study;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.Trial;
import java.util.List;
import java.util.Optional;

/// The measured latency of a run.
///
/// @param id its number in the study
/// @param sha256 of its evidence
/// @param swapped whether the channels were taken in each other's place
/// @param method number of the way in which edges were found
/// @param measurement what was measured
/// @param trials the trials of the measurement, with what the analyst said of them
public record StoredLatency(
        long id, String sha256, boolean swapped, int method, Measurement measurement, List<JudgedTrial> trials) {
    /// Where the analyst set the mark of the light by hand.
    ///
    /// @param photonMs ms after the first sample
    /// @param withinMs how far it may be off, ms
    public record HandMark(double photonMs, double withinMs) {}

    /// A trial and what the analyst said of it.
    ///
    /// @param id its number in the study
    /// @param number its place in the measurement, from 1
    /// @param trial what was found
    /// @param accepted whether the analyst accepted or rejected it; empty if nothing was said
    /// @param mark where the analyst set the mark; empty if it is where it was found
    public record JudgedTrial(long id, int number, Trial trial, Optional<Boolean> accepted, Optional<HandMark> mark) {
        /// Whether its latency counts: it was found without doubt, or somebody accepted it or set its mark, and nobody
        /// rejected it.
        public boolean counts() {
            return !Double.isNaN(latencyMs())
                    && accepted.orElse(mark.isPresent() || trial.state() == Trial.State.ACCEPTED);
        }

        /// Whether it counts as missed: nothing answered it, and nobody rejected it.
        public boolean isMissed() {
            return trial.state() == Trial.State.MISSED && mark.isEmpty() && !isRejected();
        }

        /// Whether somebody should look at it.
        public boolean isOpen() {
            return trial.state() == Trial.State.AMBIGUOUS && accepted.isEmpty() && mark.isEmpty();
        }

        /// Whether the analyst took it out.
        public boolean isRejected() {
            return accepted.isPresent() && !accepted.get();
        }

        /// When the light answered, ms after the first sample; NaN if it never did.
        public double photonMs() {
            return mark.map(HandMark::photonMs).orElse(trial.photonMs());
        }

        /// From input to light, ms; NaN if it was not answered.
        public double latencyMs() {
            return photonMs() - trial.inputMs();
        }
    }

    /// Keeps a copy.
    public StoredLatency {
        trials = List.copyOf(trials);
    }

    /// The latencies that count, ms; NaN for a missed trial, which counts as missed. What was rejected, and what is
    /// open until somebody looks at it, is left out.
    public double[] samplesMs() {
        return trials.stream()
                .filter(judged -> judged.counts() || judged.isMissed())
                .mapToDouble(judged -> judged.counts() ? judged.latencyMs() : Double.NaN)
                .toArray();
    }

    /// The step in which the latencies come, ms: that of the evidence, or twice what marks set by hand may be off.
    public double resolutionMs() {
        return trials.stream()
                .filter(JudgedTrial::counts)
                .flatMap(judged -> judged.mark().stream())
                .mapToDouble(mark -> 2 * mark.withinMs())
                .reduce(measurement.resolutionMs(), Math::max);
    }

    /// The figures of the trials that count.
    public LatencyFigures figures() {
        return LatencyFigures.of(samplesMs(), resolutionMs());
    }

    /// Trials that somebody should look at.
    public List<Trial> open() {
        return trials.stream()
                .filter(JudgedTrial::isOpen)
                .map(JudgedTrial::trial)
                .toList();
    }

    /// Trials that the analyst took out.
    public long rejected() {
        return trials.stream().filter(JudgedTrial::isRejected).count();
    }
}
