package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Where in a line the number stands that is meant: labels may hold figures too. It is the one that is
/// there most and changes; of equals the last.
///
/// @param from centre of its glyphs from which on it can be, px
/// @param to the same up to which
/// @param sureShare share of samples in which it was read for certain
/// @param firmShare the same, each of its figures far likelier than any other
/// @param strangeShare share of samples in which a glyph without a name stood among the figures
/// @param figures how many different ones were seen
/// @param spacing of its figures
/// @param still whether it changes only as it moves: in one place it always says the same, as letters do that
///     are taken for figures and stand after a number
/// @param alone whether it mostly has one figure
record NumberPlace(
        double from,
        double to,
        double sureShare,
        double firmShare,
        double strangeShare,
        int figures,
        Spacing spacing,
        boolean still,
        boolean alone) {
    private static final double APART = 0.6;
    private static final int MOST_CHANGES = 5;
    private static final double NEAR = 1.6;
    private static final int SEVERAL = 3;
    private static final double OFTEN = 0.1;
    private static final double HALF = 0.5;
    private static final int TWICE = 2;
    /// Figures stand between sides of their own: up to this part of their height.
    private static final int SIDE = 8;

    /// A number in a sample, meant or not.
    ///
    /// @param centre of its glyphs, px
    /// @param plain whether each of its figures is far likelier than any other there
    /// @param sure whether the sample by itself is beyond doubt
    /// @param strange whether something in the sample may be a figure that is not known
    record Seen(int sample, double centre, NumberRun run, String text, boolean plain, boolean sure, boolean strange) {}

    /// Finds it, and tells the reader the spacing of its figures.
    static NumberPlace of(LineReader reader, List<byte[]> samples, int figureHeight, Progress progress) {
        List<Seen> before = seen(reader, samples, progress.part(0, HALF));
        reader.know(find(before, reader.templates(), samples.size(), figureHeight).spacing);
        List<Seen> after = seen(reader, samples, progress.part(HALF, 1));
        NumberPlace known = find(after, reader.templates(), samples.size(), figureHeight);
        reader.know(known.spacing);
        return known;
    }

    /// All numbers of all samples.
    static List<Seen> seen(LineReader reader, List<byte[]> samples, Progress progress) {
        List<Seen> all = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            progress.check((double) i / samples.size());
            LineReader.Reading reading = reader.read(samples.get(i));
            for (NumberRun run : reading.runs()) {
                all.add(new Seen(
                        i,
                        run.centre(reader.templates()),
                        run,
                        run.text(reader.templates(), Spacing.UNKNOWN),
                        reader.isPlain(run),
                        reader.isSure(samples.get(i), reading, run),
                        reading.strange()));
            }
        }
        return all;
    }

    /// Finds it.
    ///
    /// @param seen sample by sample
    static NumberPlace find(List<Seen> seen, List<Template> templates, int samples, int figureHeight) {
        boolean torn = isTorn(seen, templates, samples, figureHeight);
        List<Seen> all = new ArrayList<>(seen);
        all.sort(Comparator.comparingDouble(Seen::centre));
        NumberPlace best = new NumberPlace(0, 0, 0, 0, 0, 0, Spacing.UNKNOWN, false, false);
        double most = 0;
        int from = 0;
        for (int to = 1; to <= all.size(); to++) {
            if (to == all.size() || all.get(to).centre - all.get(to - 1).centre > APART * figureHeight) {
                List<Seen> group = all.subList(from, to);
                NumberPlace place = of(group, templates, samples, figureHeight);
                double changes = Math.min(
                        MOST_CHANGES, group.stream().map(Seen::text).distinct().count());
                double there = group.stream().mapToInt(Seen::sample).distinct().count();
                if (there * changes >= most) {
                    most = there * changes;
                    best = place;
                }
                from = to;
            }
        }
        return torn ? best.lost() : best;
    }

    private NumberPlace lost() {
        return new NumberPlace(from, to, sureShare, firmShare, strangeShare, figures, spacing.lost(), still, alone);
    }

    /// Whether numbers often fall into two close parts that both change: then a mark between them was
    /// lost. Where a glyph without a name stands among them it is that which parts them.
    private static boolean isTorn(List<Seen> all, List<Template> templates, int samples, int figureHeight) {
        int torn = 0;
        Set<String> before = new HashSet<>();
        Set<String> after = new HashSet<>();
        for (int i = 1; i < all.size(); i++) {
            Seen first = all.get(i - 1);
            Seen second = all.get(i);
            if (first.sample == second.sample
                    && !first.strange
                    && first.run.gap(second.run, templates) < NEAR * figureHeight) {
                before.add(first.text);
                after.add(second.text);
                torn++;
            }
        }
        return before.size() >= SEVERAL && after.size() >= SEVERAL && torn >= OFTEN * samples;
    }

    private static NumberPlace of(List<Seen> group, List<Template> templates, int samples, int figureHeight) {
        Set<Integer> figures = new HashSet<>();
        Set<Integer> strange = new HashSet<>();
        long sure = 0;
        long firm = 0;
        int alone = 0;
        for (Seen seen : group) {
            sure += seen.sure ? 1 : 0;
            firm += seen.sure && seen.plain ? 1 : 0;
            alone += seen.run.figures().size() == 1 ? 1 : 0;
            if (seen.strange) {
                strange.add(seen.sample);
            }
            seen.text.chars().filter(Character::isDigit).forEach(figures::add);
        }
        return new NumberPlace(
                group.getFirst().centre - APART * figureHeight,
                group.getLast().centre + APART * figureHeight,
                (double) sure / samples,
                (double) firm / samples,
                (double) strange.size() / samples,
                figures.size(),
                Spacing.of(runs(group), templates, figureHeight),
                isStill(group.stream().filter(Seen::sure).map(Seen::run).toList(), templates, figureHeight),
                2 * alone > group.size());
    }

    /// Whether several numbers are read, and never two of them as long as each other that begin or end in about
    /// the same place.
    static boolean isStill(List<NumberRun> runs, List<Template> templates, int figureHeight) {
        Map<String, List<NumberRun>> numbers = new HashMap<>();
        for (NumberRun run : runs) {
            numbers.computeIfAbsent(run.text(templates, Spacing.UNKNOWN), _ -> new ArrayList<>())
                    .add(run);
        }
        numbers.values().removeIf(same -> same.size() < TWICE);
        List<NumberRun> each = numbers.values().stream().map(List::getFirst).toList();
        int near = 1 + figureHeight / SIDE;
        for (int i = 1; i < each.size(); i++) {
            for (NumberRun other : each.subList(0, i)) {
                NumberRun run = each.get(i);
                boolean meet = Math.abs(run.left() - other.left()) <= near
                        || Math.abs(run.right(templates) - other.right(templates)) <= near;
                if (run.figures().size() == other.figures().size() && meet) {
                    return false;
                }
            }
        }
        return each.size() > 1;
    }

    /// The numbers that no glyph without a name stands among; all where one always does.
    private static List<NumberRun> runs(List<Seen> group) {
        List<NumberRun> whole =
                group.stream().filter(seen -> !seen.strange).map(Seen::run).toList();
        return whole.isEmpty() ? group.stream().map(Seen::run).toList() : whole;
    }

    boolean holds(double centre) {
        return centre >= from && centre <= to;
    }
}
