package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/// Reads a number along with a recording that still grows: what has come is read by what was learnt so
/// far, and it is learnt anew each time the recording has doubled, until there is little more to learn.
public final class FollowedNumber {
    /// Pictures that are learnt from first.
    public static final int FIRST = 120;

    private static final int LAST = 7680;

    /// What stood before tells what stands now.
    private static final int BEFORE = 60;

    private static final double LEARNING = 0.5;

    private final OverlayReader reader;
    private final Rectangle rectangle;
    private final List<GlyphClass> told;
    private @Nullable LearntNumber learnt;
    private int learnAt = FIRST;
    private double[] values = {};

    /// @param rectangle its crops grow meanwhile
    /// @param told glyphs that the analyst has named
    public FollowedNumber(OverlayReader reader, Rectangle rectangle, List<GlyphClass> told) {
        this.reader = reader;
        this.rectangle = rectangle;
        this.told = told;
    }

    /// Reads what has come since it was last asked.
    ///
    /// @param ms when each picture so far is shown, ms from the begin, rising; one at least
    /// @return all that was read so far
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public OverlaySeries read(double[] ms, Progress progress) {
        int done = values.length;
        values = Arrays.copyOf(values, ms.length);
        Arrays.fill(values, done, ms.length, Double.NaN);
        boolean couldRead = learnt != null && learnt.whyNot().isEmpty();
        if (ms.length >= learnAt && learnAt <= LAST) {
            learnt = reader.learnNumber(rectangle, told, progress.part(0, LEARNING));
            learnAt = 2 * ms.length;
        }
        if (learnt == null) {
            return OverlaySeries.of(values, ms, List.of(), "too few pictures so far to learn from");
        }
        int from = couldRead ? Math.max(0, done - BEFORE) : 0;
        double[] read = learnt.values(new Rest(rectangle.around(), from), progress.part(LEARNING, 1));
        for (int i = from; i < values.length; i++) {
            values[i] = Double.isNaN(read[i - from]) ? values[i] : read[i - from];
        }
        return OverlaySeries.of(values, ms, learnt.classes(), learnt.whyNot());
    }

    /// The crops from one picture on, as many as there were.
    private static final class Rest implements Crops {
        private final Crops all;
        private final int from;
        private final int size;

        Rest(Crops all, int from) {
            this.all = all;
            this.from = from;
            size = all.size() - from;
        }

        @Override
        public int width() {
            return all.width();
        }

        @Override
        public int height() {
            return all.height();
        }

        @Override
        public int size() {
            return size;
        }

        @Override
        public void read(int picture, byte[] into) {
            all.read(from + picture, into);
        }
    }
}
