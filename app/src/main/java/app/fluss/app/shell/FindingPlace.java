package app.fluss.app.shell;

import app.fluss.core.finding.Finding;

/// Where the evidence of a finding is to be seen.
public enum FindingPlace {
    /// The rate ladder of a run.
    RATES,
    /// Its frame times.
    FRAME_TIMES,
    /// Its refresh weave.
    WEAVE,
    /// Its figures.
    FIGURES,
    /// The table of a comparison.
    COMPARISON;

    /// The place for a finding.
    static FindingPlace of(Finding finding) {
        return switch (finding.code()) {
            case "phantom-images", "above-refresh", "refresh-mismatch", "ledger-inferred" -> WEAVE;
            case "counter-blind", "base-mismatch", "generation-off", "multiplier-short", "base-low", "no-frame-log" ->
                RATES;
            case "duplicate-times", "backward-times", "clock-restart" -> FRAME_TIMES;
            case "base-collapse",
                    "no-need",
                    "confound",
                    "scale-changed",
                    "one-run",
                    "too-short",
                    "multiplier-assumed",
                    "weak-evidence" -> COMPARISON;
            default -> FIGURES;
        };
    }
}
