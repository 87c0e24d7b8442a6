package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.List;

/// Text that the edges of a rectangle cut through, such as a unit that begins right after the number: the stroke
/// that is left of a letter may look like a 1. Where it stands, it keeps to its rows; what moves behind it does not.
final class CutText {
    private static final int SAMPLES = 400;
    private static final double OFTEN = 0.01;
    private static final int FEWEST = 2;
    private static final double SAME_ROWS = 0.5;
    /// A word of three wide letters, in heights of a figure.
    private static final double WORD = 2.5;

    private CutText() {}

    /// How much beside a rectangle must be looked at.
    ///
    /// @param crops of the rectangle alone
    /// @param found its ink and the rows of its figures
    static Rectangle.Beside beside(Crops crops, InkSearch.Found found, Progress progress) {
        List<Box> left = new ArrayList<>();
        List<Box> right = new ArrayList<>();
        Line line = new Line(found, crops.width(), crops.height());
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        int samples = Math.min(SAMPLES, crops.size());
        for (int i = 0; i < samples; i++) {
            progress.check((double) i / samples);
            crops.read((int) ((long) i * crops.size() / samples), crop);
            for (Box box : line.text(crop)) {
                if (box.left() == 0) {
                    left.add(box);
                }
                if (box.right() == crops.width() - 1) {
                    right.add(box);
                }
            }
        }
        int word = (int) Math.ceil(WORD * found.figureHeight());
        return new Rectangle.Beside(isText(left, samples) ? word : 0, isText(right, samples) ? word : 0);
    }

    /// Whether enough parts touch an edge, and most of them in the same rows.
    private static boolean isText(List<Box> cut, int samples) {
        long most = cut.stream()
                .mapToLong(one -> cut.stream()
                        .filter(other ->
                                Math.abs(other.top() - one.top()) <= 1 && Math.abs(other.bottom() - one.bottom()) <= 1)
                        .count())
                .max()
                .orElse(0);
        return most >= Math.max(FEWEST, OFTEN * samples) && most >= SAME_ROWS * cut.size();
    }
}
