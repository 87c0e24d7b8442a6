package app.fluss.core.frame;

/// The images `[from, to)` of a log, indices 0-based.
///
/// @param log the log that the images belong to
/// @param from index of the first image
/// @param to index after the last image
public record FrameSlice(FrameLog log, int from, int to) {
    /// @throws IllegalArgumentException if the range does not lie within the log
    public FrameSlice {
        if (!(from >= 0 && from <= to && to <= log.size())) {
            throw new IllegalArgumentException("slice must lie in 0..%d, got %d..%d".formatted(log.size(), from, to));
        }
    }

    /// Number of images.
    public int size() {
        return to - from;
    }

    /// Whether the log's lead-in interval belongs to this slice.
    public boolean hasLeadIn() {
        return log.hasLeadIn() && from == 0 && to > 0;
    }
}
