package app.fluss.files.study;

import app.fluss.core.bench.FactKey;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.reading.Impression;
import app.fluss.core.reading.PadEntry;
import app.fluss.files.log.Summary;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/// A line of the run sheet that is being measured. Everything in it was committed when it was typed.
///
/// @param id its number in the study
/// @param sheetId the line
/// @param begunAtMs when it was begun, ms since the start of 1970
/// @param startedAtMs when the scene was started, if it was
/// @param summary what a tool said, as typed
/// @param impression how it felt
/// @param entries readings and marks, in order
public record Attempt(
        long id,
        long sheetId,
        long begunAtMs,
        OptionalLong startedAtMs,
        TypedSummary summary,
        Impression impression,
        List<PadEntry> entries) {
    /// What a tool said of a whole run, as typed: text, so that a slip of the finger is not lost either.
    ///
    /// @param average rate, /s
    /// @param low 1 % low, /s
    /// @param convention of the low, in the tool's words; empty if unknown
    public record TypedSummary(String average, String low, String convention) {
        /// Nothing was typed.
        public static final TypedSummary NONE = new TypedSummary("", "", "");

        /// The summary that it states; empty if it has no average.
        ///
        /// @param seconds how long the scene took
        public Optional<Summary> summary(double seconds) {
            double rate = number(average);
            if (!(rate > 0)) {
                return Optional.empty();
            }
            double worst = number(low);
            return Optional.of(Summary.of(
                    Figure.of(seconds),
                    Figure.of(rate),
                    worst > 0 ? Figure.of(worst) : Figure.missing("the tool gave no 1 % low"),
                    convention));
        }

        private static double number(String typed) {
            return FactKey.number(typed.replace(',', '.'));
        }
    }

    /// How good the evidence is so far.
    ///
    /// @param hasLog whether a log is attached
    /// @param hasLatency whether latency was measured
    public Grade grade(boolean hasLog, boolean hasLatency) {
        if (hasLog) {
            return hasLatency ? Grade.A : Grade.B;
        } else if (summary.summary(1).isPresent()) {
            return Grade.C;
        }
        return PadEntry.readings(entries).isEmpty() ? Grade.E : Grade.D;
    }

    /// Whether there is anything that a run could rest on.
    ///
    /// @param hasLog whether a log is attached
    /// @param hasLatency whether latency was measured
    public boolean hasEvidence(boolean hasLog, boolean hasLatency) {
        return grade(hasLog, hasLatency) != Grade.E || hasLatency || impression.isSaid();
    }
}
