package app.fluss.core.measure;

/// What is known of a figure besides its value, wherever it is shown. Every figure of Fluss has one, in the list of the
/// results that it belongs to; `app.fluss.core.catalogue` has them all.
///
/// @param json where it stands in the result's JSON: keys from the outside in, joined by dots
/// @param title for people, the same everywhere
/// @param unit for people; empty for a count and for what has none. A share, 0 to 1, has the unit [#SHARE] and is shown
///     in percent
/// @param decimals that are shown, of a share those of the percent
/// @param better which way it is better
/// @param weakest grade of evidence that can give it
/// @param definition in one line, made from the rule's own constants
public record Description(
        String json, String title, String unit, int decimals, Better better, Grade weakest, String definition) {
    /// The unit of shares.
    public static final String SHARE = "share";

    /// Whether it is a share, 0 to 1.
    public boolean isShare() {
        return unit.equals(SHARE);
    }
}
