package app.fluss.files.study;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.files.log.Readings;
import app.fluss.files.log.Summary;

/// What a counter or a tool said of a run.
///
/// @param kind who said it
/// @param count how often a counter was read; 1 for a summary
/// @param mean rate, /s
/// @param lowest reading, /s
/// @param highest reading, /s
/// @param base what a generator took for its base, /s
/// @param onePercentLow by the tool's own convention, /s
/// @param lowConvention that convention, in the tool's words
public record Claim(
        Kind kind,
        int count,
        Figure mean,
        Figure lowest,
        Figure highest,
        Figure base,
        Figure onePercentLow,
        String lowConvention) {
    /// Who said it.
    public enum Kind {
        /// A counter, read now and then.
        READINGS("readings", Grade.D),
        /// A tool, of the whole run.
        SUMMARY("summary", Grade.C);

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
    public static Claim of(Readings readings) {
        return new Claim(
                Kind.READINGS,
                readings.count(),
                readings.mean(),
                readings.lowest(),
                readings.highest(),
                readings.base(),
                Figure.missing("readings give no lows"),
                "");
    }

    /// What a tool said.
    public static Claim of(Summary summary) {
        Figure none = Figure.missing("a summary has no single readings");
        return new Claim(
                Kind.SUMMARY,
                1,
                summary.averageFps(),
                none,
                none,
                Figure.missing("the summary has no base rate"),
                summary.onePercentLowFps(),
                summary.lowConvention());
    }
}
