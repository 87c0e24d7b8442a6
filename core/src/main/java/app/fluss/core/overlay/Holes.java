package app.fluss.core.overlay;

/// The holes of figures: 0, 4, 6, 8 and 9 enclose some of what stands behind them. Where that is as bright as they are,
/// and an outline keeps it apart from their strokes, it looks different on every picture and is none of the figure.
final class Holes {
    /// Strokes of smaller figures break where they are faint, and what stands apart may be a piece of one, px.
    private static final int LARGE = 20;

    private static final float INK = 0.5F;

    private static final byte OUTSIDE = 1;
    private static final byte OUTER = 2;

    private final Patch patch;
    private final int width;
    private final byte[] marks;
    /// Pixels that were reached and whose neighbours were not looked at yet.
    private final int[] open;

    private int waiting;

    private Holes(Patch patch) {
        this.patch = patch;
        width = patch.width();
        marks = new byte[patch.shares().length];
        open = new int[marks.length];
    }

    /// A figure without the ink in its holes that does not touch it; as it is where figures are small.
    ///
    /// @param figureHeight of the text that it is of, px
    static Patch emptied(Patch figure, int figureHeight) {
        return figureHeight < LARGE ? figure : new Holes(figure).emptied();
    }

    private Patch emptied() {
        markFromEdge();
        while (waiting > 0) {
            int at = open[--waiting];
            int x = at % width;
            int y = at / width;
            for (int ny = y - 1; ny <= y + 1; ny++) {
                for (int nx = x - 1; nx <= x + 1; nx++) {
                    // Ink goes on by corners, what lies around it does not.
                    if (marks[at] == OUTER || nx == x || ny == y) {
                        mark(nx, ny, marks[at]);
                    }
                }
            }
        }
        float[] shares = patch.shares().clone();
        for (int at = 0; at < shares.length; at++) {
            if (isNear(at, false) && !isNear(at, true)) {
                shares[at] = 0;
            }
        }
        return new Patch(width, shares);
    }

    private void markFromEdge() {
        for (int x = 0; x < width; x++) {
            mark(x, 0, OUTSIDE);
            mark(x, patch.rows() - 1, OUTSIDE);
        }
        for (int y = 0; y < patch.rows(); y++) {
            mark(0, y, OUTSIDE);
            mark(width - 1, y, OUTSIDE);
        }
    }

    /// Marks a pixel that is reached for the first time. From outside, outer ink is reached; from outer ink, no more
    /// than is one with it.
    private void mark(int x, int y, byte from) {
        if (x < 0 || y < 0 || x >= width || y >= patch.rows()) {
            return;
        }
        int at = y * width + x;
        if (marks[at] == 0 && (from == OUTSIDE || isInk(at))) {
            marks[at] = isInk(at) ? OUTER : OUTSIDE;
            open[waiting++] = at;
        }
    }

    private boolean isInk(int at) {
        return patch.shares()[at] >= INK;
    }

    /// Whether a pixel, or a neighbour of it, is ink that was reached, or that was not.
    private boolean isNear(int at, boolean reached) {
        int x = at % width;
        int y = at / width;
        for (int ny = Math.max(0, y - 1); ny <= Math.min(patch.rows() - 1, y + 1); ny++) {
            for (int nx = Math.max(0, x - 1); nx <= Math.min(width - 1, x + 1); nx++) {
                int near = ny * width + nx;
                if (isInk(near) && (marks[near] == OUTER) == reached) {
                    return true;
                }
            }
        }
        return false;
    }
}
