package app.fluss.core.overlay;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// The tenth figure. Where nine figures are named, and one look that stands where they stand has no name, it is the
/// one that is left, if its shape does not say otherwise. Looks that are not plain, or two that differ, stay as they
/// are.
final class LastFigure {
    private static final int FIGURES = 10;
    private static final int FEWEST = 8;
    private static final double PLAIN = 0.25;
    private static final double WIDER = 1.15;
    private static final double ELSEWHERE = 0.1;
    private static final double REACH = 0.2;
    private static final double NEARLY = 1.3;
    private static final double FARTHEST = 4;
    private static final double RIVAL = 0.3;

    private final Map<Cluster, Opinion> said;
    private final int figureHeight;
    private final int spot;

    /// @param said of the clusters that were not named by the analyst
    /// @param figureHeight px
    /// @param spot side of a spot, px
    LastFigure(Map<Cluster, Opinion> said, int figureHeight, int spot) {
        this.said = said;
        this.figureHeight = figureHeight;
        this.spot = spot;
    }

    /// Names it.
    ///
    /// @param clusters all, those that the analyst named too
    void name(List<Cluster> clusters) {
        List<Cluster> figures = clusters.stream().filter(Cluster::isFigure).toList();
        Set<Character> names = new HashSet<>();
        figures.forEach(figure -> names.add(figure.name()));
        if (names.size() != FIGURES - 1) {
            return;
        }
        char left = left(names);
        List<Cluster> may = said.entrySet().stream()
                .filter(one -> one.getKey().name() == 0 && may(one.getKey(), one.getValue(), left, figures))
                .map(Map.Entry::getKey)
                .sorted(Comparator.comparingInt(cluster -> -cluster.size()))
                .toList();
        if (may.isEmpty()) {
            return;
        }
        Cluster first = may.getFirst();
        boolean rivals = may.stream().anyMatch(other -> !isLike(first, other) && other.size() > RIVAL * first.size());
        if (!rivals) {
            may.stream().filter(other -> isLike(first, other)).forEach(other -> other.call(left));
        }
    }

    private static char left(Set<Character> names) {
        char left = '0';
        while (names.contains(left)) {
            left++;
        }
        return left;
    }

    private boolean isLike(Cluster one, Cluster other) {
        return one.mean().distanceBetweenPixels(other.mean(), spot) < Clusters.ALIKE;
    }

    /// Whether a look without a name may be the figure that is left.
    private boolean may(Cluster cluster, Opinion opinion, char left, List<Cluster> figures) {
        char engine = opinion.engineName();
        double shape = opinion.shape().to(left);
        int widest = figures.stream().mapToInt(Cluster::width).max().orElse(0);
        return cluster.size() >= FEWEST
                && !cluster.isPoint()
                && cluster.mean().spread() >= PLAIN
                && cluster.width() <= WIDER * widest
                && (engine == 0 || engine == left)
                && shape
                        <= Math.min(
                                FARTHEST,
                                NEARLY * opinion.shape().to(opinion.shape().figure()))
                && figures.stream().noneMatch(figure -> isLike(cluster, figure))
                && isAmong(cluster, figures);
    }

    /// Whether it stands where figures stand.
    private boolean isAmong(Cluster cluster, List<Cluster> figures) {
        Set<Integer> centres = new HashSet<>();
        for (Cluster figure : figures) {
            figure.places().forEach(place -> centres.add(centre(place)));
        }
        int reach = (int) Math.ceil(2 * REACH * figureHeight);
        long elsewhere = cluster.places().stream()
                .filter(place -> centres.stream().noneMatch(centre -> Math.abs(centre - centre(place)) <= reach))
                .count();
        return elsewhere <= ELSEWHERE * cluster.size();
    }

    /// Twice the column of its middle.
    private static int centre(Cluster.Place place) {
        return place.box().left() + place.box().right();
    }
}
