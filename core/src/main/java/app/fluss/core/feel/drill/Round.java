package app.fluss.core.feel.drill;

/// What an analyst said of a run with a known fault.
///
/// @param fault that it had
/// @param named that was named
/// @param pointedAt where it was said to be seen
/// @param size of the fault
public record Round(Fault fault, Fault named, ChartPart pointedAt, Size size) {
    /// Whether the fault was named.
    public boolean isRight() {
        return fault == named;
    }

    /// Whether it can be seen where it was said to be.
    public boolean isEvidenceRight() {
        return isRight() && fault.shownBy().contains(pointedAt);
    }
}
