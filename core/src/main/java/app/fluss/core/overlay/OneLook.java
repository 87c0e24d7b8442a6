package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/// Text of one face draws a figure in one way. Where glyphs of several looks are called the same, at most one of them
/// is: that which its shape speaks for. The others lose their name, and all do where none stands out.
final class OneLook {
    private static final double ALIKE_IF_SURE = 0.55;
    private static final double STANDS_OUT = 0.8;
    private static final double CHANCE = 0.1;

    private final Map<Cluster, Opinion> said;
    private final int spot;

    /// @param said of the clusters that were not named by the analyst
    /// @param spot side of a spot, px
    OneLook(Map<Cluster, Opinion> said, int spot) {
        this.said = said;
        this.spot = spot;
    }

    void drop() {
        for (char name = '0'; name <= '9'; name++) {
            List<List<Cluster>> looks = looks(name);
            char figure = name;
            looks.sort(Comparator.comparingDouble(look -> away(look, figure)));
            if (looks.size() > 1) {
                List<Cluster> best = looks.removeFirst();
                double next = looks.stream()
                        .filter(look -> size(look) > CHANCE * size(best))
                        .mapToDouble(look -> away(look, figure))
                        .min()
                        .orElse(Double.POSITIVE_INFINITY);
                looks.forEach(look -> look.forEach(cluster -> cluster.call((char) 0)));
                if (away(best, figure) > STANDS_OUT * next) {
                    best.forEach(cluster -> cluster.call((char) 0));
                }
            }
        }
    }

    /// The clusters of a name in groups that look the same.
    private List<List<Cluster>> looks(char name) {
        List<List<Cluster>> looks = new ArrayList<>();
        for (Cluster cluster : said.keySet()) {
            if (cluster.name() == name) {
                List<Cluster> joined = new ArrayList<>(List.of(cluster));
                looks.removeIf(look -> {
                    boolean same = look.stream().anyMatch(other -> isSame(cluster, other, name));
                    return same && joined.addAll(look);
                });
                looks.add(joined);
            }
        }
        return looks;
    }

    private boolean isSame(Cluster one, Cluster other, char name) {
        boolean sure = opinion(one).isSure(name) && opinion(other).isSure(name);
        return one.mean().distanceBetweenPixels(other.mean(), spot) < (sure ? ALIKE_IF_SURE : Clusters.ALIKE);
    }

    private Opinion opinion(Cluster cluster) {
        Opinion opinion = said.get(cluster);
        if (opinion == null) {
            throw new IllegalArgumentException("a cluster nobody was asked about");
        }
        return opinion;
    }

    private double away(List<Cluster> look, char name) {
        int all = size(look);
        return look.stream()
                .filter(cluster -> cluster.size() > CHANCE * all)
                .mapToDouble(cluster -> opinion(cluster).shape().to(name))
                .min()
                .orElseThrow();
    }

    private static int size(List<Cluster> look) {
        return look.stream().mapToInt(Cluster::size).sum();
    }
}
