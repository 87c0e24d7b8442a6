package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// The glyphs of one picture, found as connected parts within the rows of the text; from left to right.
/// Beside figures and points there are letters of other heights, such as those of units.
final class Line {
    private static final double LEAST = 0.5;
    private static final double WIDE = 0.95;
    private static final double[] CUTS = {0.6, 0.7, 0.8};
    private static final double DOT = 0.3;
    private static final int LARGE = 20;
    private static final double LETTER = 0.45;
    private static final double WIDEST = 1.5;

    private final InkSearch.Found rows;
    private final Parts parts;
    private final float[] shares;
    private final List<Box> letters = new ArrayList<>();
    private final int width;
    private final int height;

    Line(InkSearch.Found rows, int width, int height) {
        this.rows = rows;
        this.width = width;
        this.height = height;
        parts = new Parts(width, height);
        shares = new float[width * height];
    }

    /// Shares of ink of the picture last looked at.
    float[] shares() {
        return shares;
    }

    /// The boxes that are as high as a figure, and those of points.
    List<Box> glyphs(byte[] crop) {
        rows.ink().shares(crop, shares);
        int slack = slack();
        Box band = new Box(0, Math.max(0, rows.top() - slack), width - 1, Math.min(height - 1, rows.bottom() + slack));
        List<Box> found = new ArrayList<>();
        letters.clear();
        for (Box box : parts.find(shares, LEAST, parts.whole())) {
            boolean within = box.top() >= band.top() && box.bottom() <= band.bottom() + slack + 1;
            if (within && isHigh(box)) {
                if (box.width() > WIDE * rows.figureHeight()) {
                    found.addAll(cut(box));
                } else {
                    found.add(box);
                }
            } else if (within && isPoint(box)) {
                found.add(box);
            } else if (isLetter(box)) {
                letters.add(box);
            }
        }
        return joined(found);
    }

    /// All of these but points, and letters, from left to right.
    List<Box> text(byte[] crop) {
        List<Box> all = glyphs(crop);
        all.removeIf(this::isPoint);
        all.addAll(letters);
        all.sort(Comparator.comparingInt(Box::left));
        return all;
    }

    /// Parts of the picture last looked at that are neither as high as a figure nor points, and may be
    /// letters.
    List<Box> letters() {
        return letters;
    }

    private boolean isLetter(Box box) {
        int within = Math.min(box.bottom(), rows.bottom()) - Math.max(box.top(), rows.top()) + 1;
        return within >= LETTER * rows.figureHeight()
                && box.height() <= WIDEST * rows.figureHeight()
                && box.width() <= WIDEST * rows.figureHeight();
    }

    /// Whether a part is as high as a figure.
    boolean isHigh(Box box) {
        return Math.abs(box.top() - rows.top()) <= slack() && Math.abs(box.bottom() - rows.bottom()) <= slack();
    }

    /// How far the edges of figures stray, px.
    private int slack() {
        return 1 + rows.figureHeight() / 16;
    }

    /// The pieces of a part of the picture last looked at that begin at a column or later and are as high as a figure.
    /// Where the letters of a unit touch the last figure, the figure alone makes them one high part.
    List<Box> highFrom(int column, Box part) {
        if (part.left() >= column) {
            return isHigh(part) ? List.of(part) : List.of();
        }
        int left = column + slack();
        return left > part.right()
                ? List.of()
                : parts.find(shares, LEAST, new Box(left, part.top(), part.right(), part.bottom())).stream()
                        .filter(this::isHigh)
                        .toList();
    }

    /// Whether a part can be a point: small, and on the line that figures stand on.
    boolean isPoint(Box box) {
        double most = Math.max(2, Math.ceil(DOT * rows.figureHeight()));
        // It may stand between pixels, and cover one more.
        return box.width() <= most + (rows.figureHeight() >= LARGE ? 1 : 0)
                && box.height() <= most + (box.bottom() > rows.bottom() ? 2 : 0)
                && box.bottom() >= rows.bottom() - 1;
    }

    /// Parts of a wide one that a narrower view of ink shows.
    private List<Box> cut(Box box) {
        for (double least : CUTS) {
            List<Box> pieces = parts.find(shares, least, box);
            List<Box> high = pieces.stream().filter(this::isHigh).toList();
            boolean narrow =
                    high.size() > 1 && high.stream().allMatch(piece -> piece.width() <= WIDE * rows.figureHeight());
            if (narrow) {
                return high;
            }
        }
        return List.of(box);
    }

    private static List<Box> joined(List<Box> boxes) {
        boxes.sort(Comparator.comparingInt(Box::left));
        List<Box> all = new ArrayList<>();
        for (Box box : boxes) {
            Box last = all.isEmpty() ? null : all.getLast();
            if (last != null && last.sharedColumns(box) > 0.5 * Math.min(last.width(), box.width())) {
                all.set(all.size() - 1, last.with(box));
            } else {
                all.add(box);
            }
        }
        return all;
    }
}
