package app.fluss.core.bench;

import java.util.List;

/// What the value of a fact can be.
public sealed interface FactType {
    /// Any words.
    record Text() implements FactType {}

    /// A number.
    ///
    /// @param unit for people; empty for a count
    /// @param low smallest value that makes sense
    /// @param high largest value that makes sense
    record Quantity(String unit, double low, double high) implements FactType {}

    /// One of a few words.
    record Choice(List<String> words) implements FactType {
        /// Keeps a copy.
        public Choice {
            words = List.copyOf(words);
        }
    }
}
