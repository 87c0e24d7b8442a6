package app.fluss.files.log;

import java.util.List;

/// What speaks for and against what a column is taken for.
///
/// @param speaksFor in a few words; empty if nothing does
/// @param speaksAgainst in a few words; empty if nothing does
public record ColumnCase(List<String> speaksFor, List<String> speaksAgainst) {
    /// Nothing speaks either way.
    static final ColumnCase NONE = new ColumnCase(List.of(), List.of());

    /// Keeps copies.
    public ColumnCase {
        speaksFor = List.copyOf(speaksFor);
        speaksAgainst = List.copyOf(speaksAgainst);
    }
}
