package app.fluss.core.toggle;

import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import java.util.ArrayList;
import java.util.List;

/// The switches that were marked on the pad, on the clock of a log that grew meanwhile. The first one switches the path
/// on.
public final class PadSwitches {
    private PadSwitches() {}

    /// Those among entries.
    ///
    /// @param aheadMs how far the log's clock is ahead of the pad's, ms
    public static List<ToggleMark> of(List<PadEntry> entries, double aheadMs) {
        List<ToggleMark> marks = new ArrayList<>();
        for (PadEntry entry : entries) {
            if (entry instanceof PadEntry.Marked(long atMs, PadMark mark) && mark == PadMark.TOGGLE) {
                marks.add(new ToggleMark(atMs + aheadMs, marks.size() % 2 == 0, ToggleMark.SETTLES_MS));
            }
        }
        return marks;
    }
}
