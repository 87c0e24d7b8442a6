package app.fluss.app.shell;

import app.fluss.core.finding.Topic;

/// Where the evidence of a finding is to be seen.
public enum FindingPlace {
    /// The rate ladder of a run.
    RATES,
    /// Its refresh weave.
    WEAVE,
    /// Its figures.
    FIGURES,
    /// Its latency.
    LATENCY,
    /// What is worked out for its path.
    PATH,
    /// Its clip.
    PICTURES,
    /// The numbers on its recording.
    COUNTER,
    /// The preflight.
    PREFLIGHT,
    /// The table of a comparison.
    COMPARISON;

    /// The place for what findings are about.
    static FindingPlace of(Topic topic) {
        return switch (topic) {
            case RATES -> RATES;
            case REFRESHES -> WEAVE;
            case FRAMES -> FIGURES;
            case LATENCY -> LATENCY;
            case PATH -> PATH;
            case PICTURES -> PICTURES;
            case COUNTER -> COUNTER;
            case COMPARISON -> COMPARISON;
            case REQUIREMENTS -> PREFLIGHT;
        };
    }
}
