package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What stands right beside a number: its label, its unit, or nothing; the same all the time. Anything else may
/// be a figure of it that was not made out, or was taken for a letter.
final class Neighbours {
    private static final double BESIDE = 0.5;
    private static final double ALIKE = 0.6;
    private static final double MOSTLY = 0.5;
    private static final double NEARLY_ALWAYS = 0.75;
    private static final double ALWAYS = 0.95;
    private static final double OFTEN = 0.2;
    private static final double FEW = 0.05;
    private static final int NOWHERE = Integer.MAX_VALUE / 2;

    private final List<Template> templates;
    private final InkSearch.Found found;
    private final int[] kinds;
    private final int beside;

    /// Width of the widest figure, px.
    private final int widest;

    /// Columns in which a figure beside the number would stand.
    private final int room;

    /// @param spot side of a spot in which glyphs of one look may not differ, px
    Neighbours(List<Template> templates, InkSearch.Found found, int spot) {
        this.templates = templates;
        this.found = found;
        kinds = kinds(templates, spot);
        beside = (int) Math.ceil(BESIDE * found.figureHeight());
        widest = Template.widest(templates);
        room = Math.max(beside, widest);
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

    /// Doubts the numbers beside which stands what mostly stands on that side of none, or may be a figure, or between
    /// which and their unit something stands.
    void doubtStrangers(PictureReading[] readings) {
        Map<Integer, Seen> seen = new HashMap<>();
        long all = Arrays.stream(readings).filter(PictureReading::sure).count();
        for (PictureReading reading : readings) {
            if (reading.sure()) {
                others(reading).forEach(glyph -> count(glyph, reading, seen));
            }
        }
        Usual label = usual(readings, true);
        Usual unit = usual(readings, false);
        for (int i = 0; i < readings.length; i++) {
            PictureReading reading = readings[i];
            boolean strange = others(reading).stream()
                    .filter(glyph -> isBeside(glyph, reading))
                    .anyMatch(glyph -> {
                        boolean left = glyph.left() < reading.from();
                        Usual usual = left ? label : unit;
                        Seen kind = seen.getOrDefault(kinds[glyph.template()], new Seen());
                        boolean figure = kind.isFigure() && !isWideLetter(glyph, kind.on(left), all);
                        if (figure || isUsual(glyph, reading, usual, seen, all)) {
                            return figure;
                        }
                        Glyph last = last(reading, left).orElse(glyph);
                        int beyond = end(last, reading) - usual.end;
                        return last.equals(glyph)
                                ? !isSign(templates.get(glyph.template()), beyond)
                                : Math.abs(beyond) > slack() || !isUsual(last, reading, usual, seen, all);
                    });
            readings[i] = reading.sure(reading.sure() && !strange && !skips(reading, unit));
        }
    }

    /// Whether something as high as a figure stands between a number and its unit, and is no glyph: no number was seen
    /// yet that has a figure there.
    private boolean skips(PictureReading reading, Usual unit) {
        Span after = reading.after();
        return unit.end != NOWHERE
                && after.from() < after.to()
                && next(reading, false)
                        .filter(glyph -> gap(glyph, reading) > unit.gap + widest / 2)
                        .filter(glyph -> glyph.left() > after.from() + widest / 2)
                        .isPresent();
    }

    /// Whether it is a letter that always stands there and is wider than any figure, such as the M of MHz: figures on
    /// both sides of it are strokes of the letters after it.
    private boolean isWideLetter(Glyph glyph, int there, long all) {
        Template template = templates.get(glyph.template());
        return template.isLetter() && template.width() > widest && there >= ALWAYS * all;
    }

    /// Whether it is a sign that has a name and is wider than any figure, such as %, where the unit is: on some
    /// pictures
    /// it is found as such, on others as the whole unit. Had it a figure beside it, it would end farther off.
    ///
    /// @param beyond how much farther than the unit it ends, px
    private boolean isSign(Template template, int beyond) {
        boolean named = template.name() != 0 && template.name() != GlyphClass.OTHER;
        return named && template.width() > widest && beyond <= slack() && beyond >= -widest / 2;
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

    /// What is usual on one side of the numbers.
    ///
    /// @param end where what stands there ends, px from the number; far away if it ends here and there
    /// @param gap columns between the number and what stands next to it
    private record Usual(int end, int gap) {}

    private Usual usual(PictureReading[] readings, boolean left) {
        int[] gaps = Arrays.stream(readings)
                .filter(PictureReading::sure)
                .flatMap(reading -> next(reading, left).stream().map(glyph -> gap(glyph, reading)))
                .mapToInt(Integer::intValue)
                .sorted()
                .toArray();
        return new Usual(usualEnd(readings, left), gaps.length == 0 ? 0 : gaps[gaps.length / 2]);
    }

    /// What stands nearest to a number on one side.
    private Optional<Glyph> next(PictureReading reading, boolean left) {
        return others(reading).stream()
                .filter(glyph -> glyph.left() < reading.from() == left)
                .min(Comparator.comparingInt(glyph -> gap(glyph, reading)));
    }

    private int gap(Glyph glyph, PictureReading reading) {
        return glyph.left() < reading.from()
                ? reading.from()
                        - glyph.left()
                        - templates.get(glyph.template()).width()
                : glyph.left() - reading.to();
    }

    /// Whether a glyph of that kind mostly stands on that side. The letters of a unit may touch on some pictures and
    /// not on others: of what has no name, kinds count together that are each there often and begin where the unit
    /// does. What begins elsewhere may have a figure in it.
    private boolean isUsual(Glyph glyph, PictureReading reading, Usual usual, Map<Integer, Seen> seen, long all) {
        boolean left = glyph.left() < reading.from();
        int kind = kinds[glyph.template()];
        int own = seen.getOrDefault(kind, new Seen()).on(left);
        if (templates.get(glyph.template()).isLetter() || own >= NEARLY_ALWAYS * all) {
            return own >= MOSTLY * all;
        }
        boolean next = next(reading, left).filter(glyph::equals).isPresent();
        if (next && Math.abs(gap(glyph, reading) - usual.gap) > slack()) {
            return false;
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
}
