package app.fluss.files.study;

import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.toggle.ToggleMark;
import java.util.ArrayList;
import java.util.List;

/// The switches that were marked while readings were typed. The first one switches the path on.
final class Switched {
    private static final double MS = 1000;

    private Switched() {}

    /// Those of evidence on its way in. Beside a log they are not taken: a log has a clock of its own.
    static List<ToggleMark> of(List<? extends RunEvidence<?>> evidence) {
        boolean log = evidence.stream().anyMatch(one -> one.kind() == EvidenceKinds.FRAME_LOG);
        List<ToggleMark> marks = new ArrayList<>();
        for (RunEvidence<?> one : evidence) {
            if (!log && one.read() instanceof ReadingSeries series) {
                for (ReadingSeries.Mark mark : series.marks()) {
                    if (mark.words().equals(PadMark.TOGGLE.title())) {
                        marks.add(new ToggleMark(mark.second() * MS, marks.size() % 2 == 0, ToggleMark.SETTLES_MS));
                    }
                }
            }
        }
        return marks;
    }
}
