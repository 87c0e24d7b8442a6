package app.fluss.files.overlay;

import app.fluss.core.overlay.OverlaySeries;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// The numbers that were read from a clip.
///
/// @param clipName name of its file
/// @param width of its pictures, px
/// @param height of its pictures, px
/// @param fps pictures a second
/// @param pictures that were read
/// @param missing what of the clip could not be read, in words; empty if nothing
/// @param numbers each by another name
public record RecordedNumbers(
        String clipName,
        int width,
        int height,
        double fps,
        int pictures,
        String missing,
        List<RecordedNumber> numbers) {
    /// @throws IllegalArgumentException if two are called the same, or it is no clip
    public RecordedNumbers {
        numbers = List.copyOf(numbers);
        if (numbers.stream().map(RecordedNumber::name).distinct().count() != numbers.size()) {
            throw new IllegalArgumentException("two numbers of one name");
        } else if (!(fps > 0 && fps < Double.POSITIVE_INFINITY) || pictures < 1 || width < 1 || height < 1) {
            throw new IllegalArgumentException(
                    "%d pictures of %d × %d px at %s/s".formatted(pictures, width, height, fps));
        }
        for (RecordedNumber number : numbers) {
            if (!number.area().isWithin(width, height)) {
                throw new IllegalArgumentException("the area of \"%s\" lies outside".formatted(number.name()));
            }
        }
    }

    /// What each showed over time, by its name.
    public Map<String, OverlaySeries> series() {
        Map<String, OverlaySeries> all = new LinkedHashMap<>();
        numbers.forEach(number -> all.put(number.name(), number.series()));
        return all;
    }

    /// What would be asked of the next clip with the same overlay.
    public List<AskedNumber> asked() {
        return numbers.stream().map(RecordedNumber::asked).toList();
    }
}
