package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Labels and units are on every picture, and labels stand still. A letter that is seldom there may be a
/// figure, and has no name; a glyph without a name is the letter that mostly stands in its place; and
/// what is called a figure, but is the same all the time and stands apart from the figures that change,
/// is a letter too.
final class Labels {
    private static final double SELDOM = 0.25;
    private static final double ALIKE = 0.6;
    private static final double AMONG_THEM = 0.05;
    private static final double CLOSE = 0.4;
    private static final double MOSTLY = 0.5;
    private static final double NEARLY_ALWAYS = 0.8;
    private static final double ALWAYS = 0.95;
    private static final double HARDLY_EVER = 0.05;
    private static final double LACKING = 0.25;
    private static final double APART = 0.15;
    private static final double STEP_APART = 0.1;
    private static final int FIGURES = 10;
    private static final int THOUSANDS = 3;

    private final int samples;
    private final int figureHeight;
    private final int spot;
    private final List<Cluster> clusters;

    /// @param samples pictures that were looked at
    /// @param spot side of a spot in which glyphs of one look may not differ, px
    /// @param clusters named where they could be
    Labels(int samples, int figureHeight, int spot, List<Cluster> clusters) {
        this.samples = samples;
        this.figureHeight = figureHeight;
        this.spot = spot;
        this.clusters = clusters;
    }

    /// Names them.
    void name() {
        clusters.stream().filter(this::isSeldom).toList().forEach(cluster -> cluster.call((char) 0));
        dropBetweenFigures();
        clusters.stream().filter(this::isWhereFiguresStand).toList().forEach(cluster -> cluster.call((char) 0));
        clusters.stream().filter(this::isAmongOthers).toList().forEach(cluster -> cluster.call((char) 0));
        Map<Integer, Map<Character, Integer>> letters = new HashMap<>();
        for (Cluster cluster : clusters) {
            if (isLetter(cluster) || cluster.isFigure()) {
                for (Cluster.Place place : cluster.places()) {
                    letters.computeIfAbsent(place.box().left(), _ -> new HashMap<>())
                            .merge(cluster.name(), 1, Integer::sum);
                }
            }
        }
        for (Cluster cluster : clusters) {
            if (cluster.name() == 0) {
                cluster.call(letter(cluster, letters));
            }
        }
        nameOthers();
        clusters.stream()
                .filter(cluster -> cluster.isFigure() && cluster.size() >= SELDOM * samples)
                .map(cluster -> cluster.places().getFirst().box().left())
                .distinct()
                .forEach(this::nameStill);
    }

    /// Where all figures are known, what looks like none of them and is once on nearly every picture is a letter, such
    /// as the first one of a unit that stands where longer numbers have a figure.
    private void nameOthers() {
        List<Cluster> figures = clusters.stream().filter(Cluster::isFigure).toList();
        if (figures.stream().map(Cluster::name).distinct().count() < FIGURES) {
            return;
        }
        clusters.stream()
                .filter(cluster -> cluster.name() == 0 && !cluster.isPoint())
                .filter(cluster -> figures.stream().noneMatch(figure -> isAlike(figure, cluster)))
                .filter(this::isAlwaysThere)
                .toList()
                .forEach(cluster -> cluster.call(GlyphClass.OTHER));
    }

    /// Whether a glyph without a name is once on nearly every picture, in all the looks that are like it.
    private boolean isAlwaysThere(Cluster cluster) {
        List<Integer> seen = clusters.stream()
                .filter(other -> other.name() == 0 && isAlike(other, cluster))
                .flatMap(other -> other.places().stream())
                .map(Cluster.Place::sample)
                .toList();
        long pictures = seen.stream().distinct().count();
        return pictures >= ALWAYS * samples && pictures >= ALWAYS * seen.size();
    }

    /// Whether a figure only stands where much else does and hardly ever another figure: it is a letter of a label
    /// that something stands behind.
    private boolean isAmongOthers(Cluster cluster) {
        int left = cluster.places().getFirst().box().left();
        long here = cluster.places().stream().filter(place -> isAt(place, left)).count();
        if (!cluster.isFigure() || here < ALWAYS * cluster.size()) {
            return false;
        }
        long figures = there(left, true);
        long all = figures + there(left, false);
        return all >= SELDOM * samples && figures <= HARDLY_EVER * all;
    }

    /// Whether a letter is a rare look of it, and only stands where figures do, to a pixel. Then it may be one that
    /// something touches.
    private boolean isWhereFiguresStand(Cluster letter) {
        return isLetter(letter)
                && letter.name() != GlyphClass.OTHER
                && letter.size() < AMONG_THEM * samples
                && letter.places().stream()
                        .allMatch(place -> clusters.stream()
                                .filter(Cluster::isFigure)
                                .flatMap(figure -> figure.places().stream())
                                .anyMatch(figure -> Math.abs(middle(figure.box()) - middle(place.box())) <= 2));
    }

    /// How many figures, or other glyphs, begin at a column.
    private long there(int left, boolean figures) {
        return clusters.stream()
                .filter(cluster -> cluster.isFigure() == figures)
                .flatMap(cluster -> cluster.places().stream())
                .filter(place -> isAt(place, left))
                .count();
    }

    private boolean isAlike(Cluster one, Cluster other) {
        return one.mean().distanceBetweenPixels(other.mean(), spot) < ALIKE;
    }

    private record Placed(Box box, Cluster cluster) {}

    /// Takes the names of letters away that stand close between two figures, and of those after a number
    /// that are not what mostly follows it: there they may be figures themselves.
    private void dropBetweenFigures() {
        Map<Cluster, Integer> between = new HashMap<>();
        Map<Character, Integer> after = new HashMap<>();
        int all = 0;
        for (List<Placed> line : lines()) {
            for (int i = 1; i < line.size(); i++) {
                Cluster cluster = line.get(i).cluster;
                if (!cluster.isFigure() && !cluster.isPoint() && isFigureBy(line.get(i - 1), line.get(i))) {
                    after.merge(cluster.name(), 1, Integer::sum);
                    all++;
                    if (i + 1 < line.size() && isFigureBy(line.get(i + 1), line.get(i))) {
                        between.merge(cluster, 1, Integer::sum);
                    }
                }
            }
        }
        for (Cluster cluster : clusters) {
            int follows = after.getOrDefault(cluster.name(), 0);
            boolean among = between.getOrDefault(cluster, 0) >= AMONG_THEM * cluster.size();
            boolean rarer = follows >= AMONG_THEM * samples && follows < MOSTLY * all;
            if (isLetter(cluster) && cluster.name() != GlyphClass.OTHER && (among || rarer)) {
                cluster.call((char) 0);
            }
        }
    }

    private Collection<List<Placed>> lines() {
        Map<Integer, List<Placed>> lines = new HashMap<>();
        for (Cluster cluster : clusters) {
            for (Cluster.Place place : cluster.places()) {
                lines.computeIfAbsent(place.sample(), _ -> new ArrayList<>()).add(new Placed(place.box(), cluster));
            }
        }
        lines.values().forEach(line -> line.sort(Comparator.comparingInt(one -> one.box.left())));
        return lines.values();
    }

    private boolean isFigureBy(Placed one, Placed other) {
        int gap = Math.max(one.box.left() - other.box.right(), other.box.left() - one.box.right());
        return one.cluster.isFigure() && gap < CLOSE * figureHeight;
    }

    private static boolean isLetter(Cluster cluster) {
        return cluster.name() != 0 && !cluster.isFigure() && !cluster.isPoint();
    }

    private boolean isSeldom(Cluster letter) {
        return isLetter(letter)
                && letter.name() != GlyphClass.OTHER
                && clusters.stream()
                                .filter(other -> other.name() == letter.name() && isAlike(other, letter))
                                .mapToInt(Cluster::size)
                                .sum()
                        < SELDOM * samples;
    }

    /// The letter that mostly stands at every place of a cluster, and no figure ever; 0 if there is none. One whose ink
    /// the cluster has, too, need only stand there often: the rest of the ink is of something behind it.
    private char letter(Cluster cluster, Map<Integer, Map<Character, Integer>> letters) {
        char found = 0;
        for (Cluster.Place place : cluster.places()) {
            Map<Character, Integer> there = new HashMap<>();
            for (int x = place.box().left() - 1; x <= place.box().left() + 1; x++) {
                letters.getOrDefault(x, Map.of()).forEach((name, n) -> there.merge(name, n, Integer::sum));
            }
            boolean figures = there.keySet().stream().anyMatch(Character::isDigit);
            char name = there.entrySet().stream()
                    .filter(one -> !figures && one.getValue() >= SELDOM * samples)
                    .filter(one -> one.getValue() >= MOSTLY * samples || covers(cluster, one.getKey()))
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElse((char) 0);
            if (name == 0 || (found != 0 && found != name)) {
                return 0;
            }
            found = name;
        }
        return found;
    }

    /// Whether a cluster has all the ink of a letter.
    private boolean covers(Cluster cluster, char letter) {
        return letter != GlyphClass.OTHER
                && clusters.stream()
                        .filter(other -> other.name() == letter)
                        .anyMatch(other -> other.mean().lacking(cluster.mean(), spot) < LACKING);
    }

    /// Takes the figure at a column for a letter, if it always is the same and stands apart.
    private void nameStill(int left) {
        Map<Integer, List<Box>> lines = new HashMap<>();
        Set<Character> names = new HashSet<>();
        Map<Integer, Box> still = new HashMap<>();
        for (Cluster cluster : clusters) {
            for (Cluster.Place place : cluster.places()) {
                if (cluster.isFigure() && isAt(place, left)) {
                    names.add(cluster.name());
                    still.put(place.sample(), place.box());
                } else if (cluster.isFigure() || cluster.isPoint()) {
                    lines.computeIfAbsent(place.sample(), _ -> new ArrayList<>())
                            .add(place.box());
                }
            }
        }
        if (names.size() != 1 || still.size() < NEARLY_ALWAYS * samples) {
            return;
        }
        List<Integer> after = new ArrayList<>();
        List<Integer> between = new ArrayList<>();
        List<Integer> stepAfter = new ArrayList<>();
        List<Integer> stepBetween = new ArrayList<>();
        int thousands = 0;
        for (Map.Entry<Integer, Box> one : still.entrySet()) {
            List<Box> rest = lines.getOrDefault(one.getKey(), List.of()).stream()
                    .filter(box -> box.left() > one.getValue().right())
                    .sorted(Comparator.comparingInt(Box::left))
                    .toList();
            if (!rest.isEmpty()) {
                after.add(rest.getFirst().left() - one.getValue().right());
                stepAfter.add(middle(rest.getFirst()) - middle(one.getValue()));
            }
            for (int i = 1; i < rest.size(); i++) {
                between.add(rest.get(i).left() - rest.get(i - 1).right());
                stepBetween.add(middle(rest.get(i)) - middle(rest.get(i - 1)));
            }
            thousands += rest.size() == THOUSANDS ? 1 : 0;
        }
        boolean apart = !after.isEmpty()
                && !between.isEmpty()
                && median(after) > median(between) + APART * figureHeight
                // A 1 leaves more room beside it where all figures are given the same.
                && median(stepAfter) > median(stepBetween) + 2 * STEP_APART * figureHeight
                && thousands < ALWAYS * still.size();
        for (Cluster cluster : clusters) {
            long here =
                    cluster.places().stream().filter(place -> isAt(place, left)).count();
            if (apart && cluster.isFigure() && here >= ALWAYS * cluster.size()) {
                cluster.call(GlyphClass.OTHER);
            }
        }
    }

    private static boolean isAt(Cluster.Place place, int left) {
        return Math.abs(place.box().left() - left) <= 1;
    }

    /// Twice the column of its middle.
    private static int middle(Box box) {
        return box.left() + box.right();
    }

    private static int median(List<Integer> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }
}
