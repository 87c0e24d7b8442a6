package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What stands right beside a number: its label, its unit, or nothing; the same all the time. Anything else may
/// be a figure of it that was not made out, or was taken for a letter.
final class Neighbours {
    private static final double BESIDE = 0.5;
    private static final double PIECE = 0.35;
    private static final double HALF = 0.5;
    private static final double ALIKE = 0.6;
    private static final double MOSTLY = 0.5;
    private static final double NEARLY_ALWAYS = 0.75;
    private static final double OFTEN = 0.2;
    private static final double USUAL = 0.35;
    private static final double FEW = 0.05;
    private static final int NOWHERE = Integer.MAX_VALUE / 2;

    private final Template.Frame frame;
    private final List<Template> templates;
    private final InkSearch.Found found;
    private final int[] kinds;
    private final int lightest;
    private final int beside;

    /// Columns in which a figure beside the number would stand.
    private final int room;

    /// @param spot side of a spot in which glyphs of one look may not differ, px
    Neighbours(Template.Frame frame, List<Template> templates, InkSearch.Found found, int spot) {
        this.frame = frame;
        this.templates = templates;
        this.found = found;
        kinds = kinds(templates, spot);
        lightest = lightest(templates);
        beside = (int) Math.ceil(BESIDE * found.figureHeight());
        room = Math.max(beside, widest(templates));
    }

    /// For each template the first one that is the same letter, or looks like it.
    private static int[] kinds(List<Template> templates, int spot) {
        int[] kinds = new int[templates.size()];
        for (int t = 0; t < kinds.length; t++) {
            Template one = templates.get(t);
            kinds[t] = t;
            for (int other = 0; other < t && kinds[t] == t; other++) {
                Template first = templates.get(other);
                boolean letter = one.isLetter() && one.name() == first.name();
                boolean alike =
                        isOther(one) && isOther(first) && one.look().distanceBetweenPixels(first.look(), spot) < ALIKE;
                kinds[t] = letter || alike ? kinds[other] : t;
            }
        }
        return kinds;
    }

    private static boolean isOther(Template template) {
        return !template.isFigure() && !template.isPoint();
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

    private static int widest(List<Template> templates) {
        return templates.stream()
                .filter(Template::isFigure)
                .mapToInt(Template::width)
                .max()
                .orElse(0);
    }

    /// How often glyphs of a kind stand on each side of the number, how often a figure is close on one of their
    /// sides, or on both, and how often they have no name.
    private static final class Seen {
        private int before;
        private int after;
        private int leads;
        private int follows;
        private int between;
        private int nameless;

        /// Labels stand before a number and units after it, and no figures on both sides of either.
        boolean isFigure() {
            double few = FEW * (before + after);
            return between > few || Math.min(leads, follows) > few;
        }

        int on(boolean left) {
            return left ? before : after;
        }
    }

    /// Doubts the numbers beside which stands what mostly stands on that side of none, or may be a figure.
    void doubtStrangers(PictureReading[] readings) {
        Map<Integer, Seen> seen = new HashMap<>();
        long all = Arrays.stream(readings).filter(PictureReading::sure).count();
        for (PictureReading reading : readings) {
            if (reading.sure()) {
                others(reading).forEach(glyph -> count(glyph, reading, seen));
            }
        }
        int usualLabel = usualEnd(readings, true);
        int usualUnit = usualEnd(readings, false);
        for (int i = 0; i < readings.length; i++) {
            PictureReading reading = readings[i];
            boolean strange = others(reading).stream()
                    .filter(glyph -> isBeside(glyph, reading))
                    .anyMatch(glyph -> {
                        boolean left = glyph.left() < reading.from();
                        Seen kind = seen.getOrDefault(kinds[glyph.template()], new Seen());
                        if (kind.isFigure() || isUsual(glyph, left, seen, all)) {
                            return kind.isFigure();
                        }
                        Glyph last = last(reading, left).orElse(glyph);
                        boolean ends = Math.abs(end(last, reading) - (left ? usualLabel : usualUnit)) <= slack();
                        return last.equals(glyph) || !ends || !isUsual(last, left, seen, all);
                    });
            readings[i] = reading.sure(reading.sure() && !strange);
        }
    }

    private int slack() {
        return 1 + found.figureHeight() / 16;
    }

    /// What stands farthest from a number on one side.
    private Optional<Glyph> last(PictureReading reading, boolean left) {
        return others(reading).stream()
                .filter(glyph -> glyph.left() < reading.from() == left)
                .max(Comparator.comparingInt(glyph -> end(glyph, reading)));
    }

    /// How far from a number a glyph beside it ends, px.
    private int end(Glyph glyph, PictureReading reading) {
        return glyph.left() < reading.from()
                ? reading.from() - glyph.left()
                : glyph.left() + templates.get(glyph.template()).width() - reading.to();
    }

    /// Where what stands on one side of most numbers ends; far away if it ends here and there, or nothing stands there.
    /// Where a figure beside a number was not made out, that is farther by its width.
    private int usualEnd(PictureReading[] readings, boolean left) {
        int[] ends = Arrays.stream(readings)
                .filter(PictureReading::sure)
                .mapToInt(reading ->
                        last(reading, left).map(glyph -> end(glyph, reading)).orElse(0))
                .sorted()
                .toArray();
        int usual = ends.length == 0 ? 0 : ends[ends.length / 2];
        long there = Arrays.stream(ends)
                .filter(end -> Math.abs(end - usual) <= slack())
                .count();
        return usual > 0 && there >= NEARLY_ALWAYS * ends.length ? usual : NOWHERE;
    }

    /// Whether a glyph of that kind mostly stands on that side. The letters of a unit may touch on some pictures and
    /// not on others: of what has no name, kinds count together that are each there often.
    private boolean isUsual(Glyph glyph, boolean left, Map<Integer, Seen> seen, long all) {
        int kind = kinds[glyph.template()];
        int own = seen.getOrDefault(kind, new Seen()).on(left);
        if (templates.get(glyph.template()).isLetter()) {
            return own >= MOSTLY * all;
        }
        int together = own;
        for (Map.Entry<Integer, Seen> other : seen.entrySet()) {
            int there = other.getValue().on(left);
            boolean often = there >= OFTEN * all && !other.getValue().isFigure();
            together += other.getKey() != kind && often && other.getValue().nameless > 0 ? there : 0;
        }
        return own >= OFTEN * all && together >= NEARLY_ALWAYS * all;
    }

    private void count(Glyph glyph, PictureReading reading, Map<Integer, Seen> all) {
        Seen seen = all.computeIfAbsent(kinds[glyph.template()], _ -> new Seen());
        boolean left = glyph.left() < reading.from();
        seen.before += left ? 1 : 0;
        seen.nameless += templates.get(glyph.template()).isLetter() ? 0 : 1;
        seen.after += left ? 0 : 1;
        int end = glyph.left() + templates.get(glyph.template()).width();
        boolean leads = false;
        boolean follows = false;
        for (Glyph other : reading.glyphs()) {
            Template template = templates.get(other.template());
            int otherEnd = other.left() + template.width();
            follows |= template.isFigure() && otherEnd <= glyph.left() && otherEnd > glyph.left() - beside;
            leads |= template.isFigure() && other.left() >= end && other.left() < end + beside;
        }
        seen.between += leads && follows ? 1 : 0;
        seen.leads += leads ? 1 : 0;
        seen.follows += follows ? 1 : 0;
    }

    private List<Glyph> others(PictureReading reading) {
        List<Glyph> others = new ArrayList<>();
        for (Glyph glyph : reading.glyphs()) {
            Template template = templates.get(glyph.template());
            boolean outside = glyph.left() >= reading.to() || glyph.left() + template.width() <= reading.from();
            if (outside && isOther(template)) {
                others.add(glyph);
            }
        }
        return others;
    }

    private boolean isBeside(Glyph glyph, PictureReading reading) {
        int end = glyph.left() + templates.get(glyph.template()).width();
        return glyph.left() < reading.to() + room && end > reading.from() - room;
    }

    /// Ink right before a number and right after it, on all of some pictures: what moves behind the text does not
    /// stay.
    record Staying(Side before, Side after) {}

    /// @param all pixels of ink
    /// @param open those of them that no glyph accounts for
    private record Side(BitSet all, BitSet open) {
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
        return Math.max(beside, widest(templates) + gap);
    }

    /// @param crops pictures on which the number stands
    /// @param columns how many on each side are looked at
    Staying staying(List<byte[]> crops, PictureReading reading, int columns) {
        boolean[] taken = new boolean[frame.width()];
        for (Glyph glyph : reading.glyphs()) {
            int to = glyph.left() + templates.get(glyph.template()).width() + 1;
            Arrays.fill(taken, Math.max(0, glyph.left() - 1), Math.min(frame.width(), to), true);
        }
        return new Staying(
                side(crops, taken, reading.from() - columns, columns), side(crops, taken, reading.to(), columns));
    }

    private Side side(List<byte[]> crops, boolean[] taken, int from, int columns) {
        int plane = frame.width() * frame.height();
        int rows = found.figureHeight();
        BitSet all = new BitSet(columns * rows);
        BitSet open = new BitSet(columns * rows);
        for (int x = Math.max(0, from); x < Math.min(frame.width(), from + columns); x++) {
            for (int y = 0; y < rows; y++) {
                int at = (found.top() + y) * frame.width() + x;
                boolean stays = crops.stream().allMatch(crop -> found.ink().share(crop, plane, at) >= HALF);
                all.set((x - from) * rows + y, stays);
                open.set((x - from) * rows + y, stays && !taken[x]);
            }
        }
        return new Side(all, open);
    }

    /// Of several numbers those beside which ink stays that does not beside most of them: it may be a figure that
    /// was not made out, where a unit is there all the time.
    ///
    /// @param few whether they are too few different ones to tell what is usual
    boolean[] haveMore(List<Staying> all, boolean few) {
        BitSet before =
                usual(few ? List.of() : all.stream().map(Staying::before).toList());
        BitSet after = usual(few ? List.of() : all.stream().map(Staying::after).toList());
        boolean[] more = new boolean[all.size()];
        for (int i = 0; i < more.length; i++) {
            Staying one = all.get(i);
            more[i] = Math.max(one.before.without(before), one.after.without(after)) > PIECE * lightest;
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
