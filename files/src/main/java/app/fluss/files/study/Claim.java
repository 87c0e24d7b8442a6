package app.fluss.files.study;

import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Grade;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.Stand;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.files.log.Summary;
import app.fluss.files.overlay.RecordedNumbers;

/// What a counter or a tool said of a run.
///
/// @param kind who said it
/// @param count how often a counter was read; 1 for a summary
/// @param said what it said
public record Claim(Kind kind, int count, Claimed said) {
    /// Who said it, the better one first.
    public enum Kind {
        /// A tool, of the whole run.
        SUMMARY("summary", Grade.C),
        /// A counter, read from a recording on every picture.
        RECORDING("counter on a recording", Grade.D_PLUS),
        /// A counter, read now and then.
        READINGS("readings", Grade.D);

        private final String title;
        private final Grade grade;

        Kind(String title, Grade grade) {
            this.title = title;
            this.grade = grade;
        }

        /// The name for people.
        public String title() {
            return title;
        }

        /// The grade of a run that rests on nothing else.
        public Grade grade() {
            return grade;
        }
    }

    /// What a counter said.
    public static Claim of(ReadingSeries readings) {
        return new Claim(Kind.READINGS, readings.readings().size(), readings.claimed());
    }

    /// What a counter on a recording said.
    public static Claim of(StoredNumbers numbers) {
        int stands = numbers.of(OverlayKind.RATE)
                .map(series ->
                        (int) series.stands().stream().filter(Stand::isRead).count())
                .orElse(0);
        return new Claim(Kind.RECORDING, stands, numbers.claimed());
    }

    /// What a counter on a recording said, as it was read.
    public static Claim of(RecordedNumbers read) {
        return of(StoredNumbers.uncorrected(read));
    }

    /// What a tool said.
    public static Claim of(Summary summary) {
        return new Claim(Kind.SUMMARY, 1, summary.claimed());
    }
}
