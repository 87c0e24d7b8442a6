package app.fluss.files.study;

import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.Trial;
import java.util.List;
import java.util.Optional;

/// The measured latency of a run.
///
/// @param id its number in the study
/// @param sha256 of its evidence
/// @param swapped whether the channels were taken in each other's place
/// @param measurement what was measured
/// @param trials the trials of the measurement, with what the analyst said of them
public record StoredLatency(
        long id, String sha256, boolean swapped, Measurement measurement, List<JudgedTrial> trials) {
    /// A trial and what the analyst said of it.
    ///
    /// @param id its number in the study
    /// @param number its place in the measurement, from 1
    /// @param trial what was found
    /// @param accepted whether the analyst accepted or rejected it; empty if nothing was said
    public record JudgedTrial(long id, int number, Trial trial, Optional<Boolean> accepted) {
        /// Whether its latency counts: it was answered, and nobody rejected it.
        public boolean counts() {
            return trial.state() != Trial.State.MISSED && accepted.orElse(true);
        }

        /// Whether somebody should look at it.
        public boolean isOpen() {
            return trial.state() == Trial.State.AMBIGUOUS && accepted.isEmpty();
        }

        /// Whether the analyst took it out.
        public boolean isRejected() {
            return accepted.isPresent() && !accepted.get();
        }
    }

    /// Keeps a copy.
    public StoredLatency {
        trials = List.copyOf(trials);
    }

    /// The latencies that count, ms; NaN for a missed trial, which counts as missed. Rejected ones are
    /// left out.
    public double[] samplesMs() {
        return trials.stream()
                .filter(judged -> !judged.isRejected())
                .mapToDouble(judged -> judged.trial().latencyMs())
                .toArray();
    }

    /// Trials that somebody should look at.
    public long open() {
        return trials.stream().filter(JudgedTrial::isOpen).count();
    }

    /// Trials that the analyst took out.
    public long rejected() {
        return trials.stream().filter(JudgedTrial::isRejected).count();
    }
}
