package app.fluss.core.verdict;

/// Settings of a path at which every claim holds.
///
/// @param words what is set otherwise, in words: "cap 60", "multiplier 2"
/// @param path that was measured at them; empty if it is only worked out
public record WithSettings(String words, String path) {
    /// Whether no run at these settings exists.
    public boolean isEstimated() {
        return path.isEmpty();
    }
}
