package app.fluss.core.verdict;

import app.fluss.core.path.Chain;

/// Settings of a path at which every claim holds.
///
/// @param words what is set otherwise, in words: "cap 60", "multiplier 2"
/// @param path that was measured at them; empty if it is only worked out
/// @param chain the path at these settings
public record WithSettings(String words, String path, Chain chain) {
    /// Whether no run at these settings exists.
    public boolean isEstimated() {
        return path.isEmpty();
    }
}
