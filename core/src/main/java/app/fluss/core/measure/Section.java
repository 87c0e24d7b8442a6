package app.fluss.core.measure;

/// A named stretch of a run: averages over light and worst stretches together hide the worst.
///
/// @param name what the analyst calls it
/// @param weight how heavy it is
/// @param fromMs start on the log's clock, ms
/// @param toMs end on the log's clock, ms, exclusive, above `fromMs`
public record Section(String name, Weight weight, double fromMs, double toMs) {
    /// How heavy a stretch of a scene is.
    public enum Weight {
        /// Little to draw.
        LIGHT,
        /// What most of the game is like.
        TYPICAL,
        /// The heaviest that occurs.
        WORST
    }

    /// @throws IllegalArgumentException if the section is empty
    public Section {
        if (!(fromMs < toMs)) {
            throw new IllegalArgumentException("fromMs must be below toMs, got %s and %s".formatted(fromMs, toMs));
        }
    }
}
