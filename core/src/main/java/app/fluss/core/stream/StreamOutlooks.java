package app.fluss.core.stream;

import app.fluss.core.gpu.Output;
import java.util.List;
import java.util.Optional;

/// What a stream would be like with the pictures that one would try.
///
/// @param now as it is sent now
/// @param usual of the usual sizes at the same rate, smallest first; without the one it has now
/// @param twice at twice the rate
/// @param largest the largest at the same rate that keeps enough of its images in time; empty if there is none, or
///     it cannot be told
/// @param unknown why it cannot be told of any picture how many of its images would be in time; empty where it can
public record StreamOutlooks(
        StreamBudget.Outlook now,
        List<StreamBudget.Outlook> usual,
        StreamBudget.Outlook twice,
        Optional<StreamBudget.Outlook> largest,
        Optional<String> unknown) {
    /// Of what a stream has to work with.
    public static StreamOutlooks of(StreamBudget budget) {
        StreamPicture picture = budget.picture();
        return new StreamOutlooks(
                budget.outlook(picture),
                Output.USUAL.stream()
                        .filter(size -> size.widthPx() != picture.widthPx() || size.heightPx() != picture.heightPx())
                        .map(size -> budget.outlook(picture.alike(size.widthPx(), size.heightPx(), picture.fps())))
                        .toList(),
                budget.outlook(picture.alike(picture.widthPx(), picture.heightPx(), 2 * picture.fps())),
                budget.largest(picture.fps()),
                budget.unknown());
    }
}
