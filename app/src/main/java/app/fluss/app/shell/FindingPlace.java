package app.fluss.app.shell;

import app.fluss.core.finding.Finding;
import app.fluss.core.path.Requirement;
import app.fluss.files.bench.Requirements;
import java.util.Set;
import java.util.stream.Collectors;

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
    /// The preflight.
    PREFLIGHT,
    /// The table of a comparison.
    COMPARISON;

    private static final Set<String> REQUIREMENTS =
            Requirements.all().stream().map(Requirement::id).collect(Collectors.toUnmodifiableSet());

    /// The place for a finding.
    static FindingPlace of(Finding finding) {
        return switch (finding.code()) {
            case "phantom-images", "above-refresh", "refresh-mismatch", "ledger-inferred" -> WEAVE;
            case "counter-blind", "base-mismatch", "generation-off", "multiplier-short", "base-low", "no-frame-log" ->
                RATES;
            case "base-collapse",
                    "no-need",
                    "confound",
                    "scale-changed",
                    "one-run",
                    "too-short",
                    "multiplier-assumed",
                    "weak-evidence",
                    "drift" -> COMPARISON;
            case "few-samples",
                    "no-samples",
                    "missed-trials",
                    "channels-swapped",
                    "ambiguous-trials",
                    "light-clipped",
                    "noisy-light",
                    "ripple-removed",
                    "hum-removed",
                    "latency-unexplained" -> LATENCY;
            case "base-creep",
                    "kinds-disagree",
                    "stream-game",
                    "stream-encoder",
                    "stream-network",
                    "stream-decoder",
                    "stream-client-display",
                    "stream-unknown",
                    "stream-late",
                    "link-loses",
                    "logs-lined-up-loosely",
                    "vr-not-full",
                    "vr-half-rate",
                    "vr-below-half",
                    "vr-uneven" -> PATH;
            case "pictures-disagree", "clip-still", "clip-all-distinct", "clip-short" -> PICTURES;
            default -> isRequirement(finding) ? PREFLIGHT : FIGURES;
        };
    }

    private static boolean isRequirement(Finding finding) {
        return finding.code().equals("requirements-unknown") || REQUIREMENTS.contains(finding.code());
    }
}
