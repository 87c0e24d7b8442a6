package app.fluss.core.picture;

import java.util.Optional;

/// Where in a high-speed clip the input and the answer may show; the analyst looks at it and corrects it.
///
/// @param areas both areas; empty if nothing was found
/// @param whyNot why nothing was found; empty if something was
public record AreaSuggestion(Optional<Areas> areas, String whyNot) {
    /// Two places of a clip, of which one answers the other.
    ///
    /// @param input where the input shows, such as a lamp at the button
    /// @param answer where the answer shows
    /// @param answers how often the one answered the other
    public record Areas(Area input, Area answer, int answers) {}

    static AreaSuggestion of(Areas areas) {
        return new AreaSuggestion(Optional.of(areas), "");
    }

    static AreaSuggestion none(String why) {
        return new AreaSuggestion(Optional.empty(), why);
    }
}
