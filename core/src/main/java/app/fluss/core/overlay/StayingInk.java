package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/// Ink that stays right beside a number on all of some pictures that show it. What moves behind the text does not stay,
/// and what is as bright as the ink by chance changes from picture to picture, which text does not.
final class StayingInk {
    private static final double BESIDE = 0.5;
    private static final double PIECE = 0.35;
    private static final double HALF = 0.5;
    private static final double USUAL = 0.35;
    private static final double NEARLY_ALL = 0.9;
    private static final double STEADY = 1.5;
    private static final int LEAST_STEADY = 8;
    private static final int LEVELS = 256;

    private final Template.Frame frame;
    private final List<Template> templates;
    private final InkSearch.Found found;
    private final int lightest;

    StayingInk(Template.Frame frame, List<Template> templates, InkSearch.Found found) {
        this.frame = frame;
        this.templates = templates;
        this.found = found;
        lightest = lightest(templates);
    }

    /// Pixels of ink of the figure that has fewest.
    private static int lightest(List<Template> templates) {
        int least = Integer.MAX_VALUE;
        for (Template template : templates) {
            int n = 0;
            for (float share : template.look().shares()) {
                n += share >= HALF ? 1 : 0;
            }
            least = template.isFigure() ? Math.min(least, n) : least;
        }
        return least;
    }

    /// Right before a number and right after it.
    ///
    /// @param ended whether it has all its figures up to its end
    record Sides(Side before, Side after, boolean ended) {}

    /// @param all pixels of ink
    /// @param open those of them that stay as text does, and that no glyph accounts for
    record Side(BitSet all, BitSet open) {
        int without(BitSet usual) {
            BitSet rest = (BitSet) open.clone();
            rest.andNot(usual);
            return rest.cardinality();
        }
    }

    /// Columns that a figure beside a number takes with the gap before it: in faces of one width that is wide.
    int columns(PictureReading[] readings) {
        List<Integer> gaps = new ArrayList<>();
        for (PictureReading reading : readings) {
            int end = -1;
            for (Glyph glyph : reading.sure() ? reading.glyphs() : List.<Glyph>of()) {
                Template template = templates.get(glyph.template());
                boolean within = template.isFigure() && glyph.left() >= reading.from() && glyph.left() < reading.to();
                if (within && end >= 0) {
                    gaps.add(glyph.left() - end);
                }
                end = within ? glyph.left() + template.width() : -1;
            }
        }
        gaps.sort(null);
        int gap = gaps.isEmpty() ? 0 : gaps.get(gaps.size() / 2);
        return Math.max((int) Math.ceil(BESIDE * found.figureHeight()), Template.widest(templates) + gap);
    }

    /// @param crops pictures on which the number stands
    /// @param columns how many on each side are looked at
    /// @param ended whether the number has all its figures up to its end
    Sides beside(List<byte[]> crops, PictureReading reading, int columns, boolean ended) {
        boolean[] taken = new boolean[frame.width()];
        boolean[] own = new boolean[frame.width()];
        for (Glyph glyph : reading.glyphs()) {
            int to = glyph.left() + templates.get(glyph.template()).width() + 1;
            Arrays.fill(taken, Math.max(0, glyph.left() - 1), Math.min(frame.width(), to), true);
            boolean within = glyph.left() >= reading.from() && glyph.left() < reading.to();
            Arrays.fill(own, glyph.left(), within ? Math.min(frame.width(), to) : glyph.left(), true);
        }
        int steady = steady(crops, own);
        return new Sides(
                side(crops, taken, steady, reading.from() - columns, columns),
                side(crops, taken, steady, reading.to(), columns),
                ended);
    }

    /// By how much the brightness of text may change over some pictures: as nearly all the ink of the number itself
    /// does, and a little more.
    private int steady(List<byte[]> crops, boolean[] own) {
        int[] changes = new int[LEVELS];
        int all = 0;
        for (int x = 0; x < own.length; x++) {
            for (int y = 0; own[x] && y < found.figureHeight(); y++) {
                int at = (found.top() + y) * frame.width() + x;
                if (isInk(crops, at)) {
                    changes[change(crops, at)]++;
                    all++;
                }
            }
        }
        if (all == 0) {
            return LEVELS;
        }
        int most = 0;
        for (int seen = changes[0]; seen < NEARLY_ALL * all; seen += changes[most]) {
            most++;
        }
        return Math.max(LEAST_STEADY, (int) (STEADY * most));
    }

    private boolean isInk(List<byte[]> crops, int at) {
        int plane = frame.width() * frame.height();
        return crops.stream().allMatch(crop -> found.ink().share(crop, plane, at) >= HALF);
    }

    /// The darkest to the brightest of a pixel.
    private static int change(List<byte[]> crops, int at) {
        int least = LEVELS - 1;
        int most = 0;
        for (byte[] crop : crops) {
            least = Math.min(least, crop[at] & 0xFF);
            most = Math.max(most, crop[at] & 0xFF);
        }
        return most - least;
    }

    private Side side(List<byte[]> crops, boolean[] taken, int steady, int from, int columns) {
        int rows = found.figureHeight();
        BitSet all = new BitSet(columns * rows);
        BitSet open = new BitSet(columns * rows);
        for (int x = Math.max(0, from); x < Math.min(frame.width(), from + columns); x++) {
            for (int y = 0; y < rows; y++) {
                int at = (found.top() + y) * frame.width() + x;
                boolean ink = isInk(crops, at);
                all.set((x - from) * rows + y, ink);
                open.set((x - from) * rows + y, ink && !taken[x] && change(crops, at) <= steady);
            }
        }
        return new Side(all, open);
    }

    /// Of several numbers those beside which ink stays that does not beside most of them: it may be a figure that
    /// was not made out, where a unit is there all the time.
    ///
    /// @param few whether they are too few different ones to tell what is usual
    boolean[] haveMore(List<Sides> all, boolean few) {
        BitSet before = usual(few ? List.of() : all.stream().map(Sides::before).toList());
        BitSet after = usual(few ? List.of() : all.stream().map(Sides::after).toList());
        boolean[] more = new boolean[all.size()];
        for (int i = 0; i < more.length; i++) {
            Sides one = all.get(i);
            int behind = one.ended ? 0 : one.after.without(after);
            more[i] = Math.max(one.before.without(before), behind) > PIECE * lightest;
        }
        return more;
    }

    /// Pixels that are there in one of the two places between pixels where text may stand, and those below and above.
    private BitSet usual(List<Side> all) {
        int rows = found.figureHeight();
        int[] times =
                new int[all.stream().mapToInt(one -> one.all.length()).max().orElse(0)];
        for (Side one : all) {
            one.all.stream().forEach(i -> times[i]++);
        }
        BitSet usual = new BitSet(times.length);
        for (int i = 0; i < times.length; i++) {
            if (times[i] > 0 && times[i] >= USUAL * all.size()) {
                usual.set(i);
                usual.set(i + rows);
                if (i >= rows) {
                    usual.set(i - rows);
                }
            }
        }
        return usual;
    }
}
