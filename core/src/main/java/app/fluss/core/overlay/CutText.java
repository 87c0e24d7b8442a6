package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.List;

/// Text that the edges of a rectangle cut through, such as a unit that begins right after the number: the stroke
/// that is left of a letter may look like a 1.
final class CutText {
    private static final int SAMPLES = 400;
    private static final int INKS = 2;
    private static final double OFTEN = 0.01;
    private static final int FEWEST = 2;
    /// A word of three wide letters, in heights of a figure.
    private static final double WORD = 2.5;

    private CutText() {}

    /// How much beside a rectangle must be looked at.
    ///
    /// @param crops of the rectangle alone
    /// @param inks that its text may have, best first
    static Rectangle.Beside beside(Crops crops, List<InkSearch.Found> inks, Progress progress) {
        List<InkSearch.Found> best = inks.subList(0, Math.min(INKS, inks.size()));
        int samples = Math.min(SAMPLES, crops.size());
        int[] left = new int[best.size()];
        int[] right = new int[best.size()];
        List<Line> lines = best.stream()
                .map(found -> new Line(found, crops.width(), crops.height()))
                .toList();
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        for (int i = 0; i < samples; i++) {
            progress.check((double) i / samples);
            crops.read((int) ((long) i * crops.size() / samples), crop);
            for (int ink = 0; ink < left.length; ink++) {
                List<Box> text = lines.get(ink).text(crop);
                left[ink] += text.stream().anyMatch(box -> box.left() == 0) ? 1 : 0;
                right[ink] += text.stream().anyMatch(box -> box.right() == crops.width() - 1) ? 1 : 0;
            }
        }
        double least = Math.max(FEWEST, OFTEN * samples);
        int before = 0;
        int after = 0;
        for (int ink = 0; ink < left.length; ink++) {
            int word = (int) Math.ceil(WORD * best.get(ink).figureHeight());
            before = left[ink] >= least ? Math.max(before, word) : before;
            after = right[ink] >= least ? Math.max(after, word) : after;
        }
        return new Rectangle.Beside(before, after);
    }
}
