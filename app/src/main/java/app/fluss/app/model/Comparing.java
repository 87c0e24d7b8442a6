package app.fluss.app.model;

import app.fluss.files.compare.Grouping;
import java.util.Optional;

/// What the analyst compares.
///
/// @param by what makes the groups
/// @param baseline the group that others are held against; empty for the usual one
public record Comparing(Grouping by, Optional<String> baseline) {
    /// Paths against the native one.
    public static final Comparing PATHS = new Comparing(new Grouping.ByPath(), Optional.empty());
}
