package app.fluss.core.overlay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Text of one face draws a figure in one way. Where glyphs of several looks are called the same, some of
/// them may be other figures: those that look far less like it than the best of them, those that look
/// nearly as much like a figure that nothing is called, or that the net may take for one where it knows others of the
/// name for certain, those that the net calls otherwise unless it does so of all, rare ones that the engine does not
/// call so, and those that stand where no other figure ever does, such as the first stroke of a unit. They lose their
/// name; what is plainly another glyph gets that of the only figure left.
final class OneLook {
    private static final char NO_NAME = 0;
    private static final double FAR_LESS = 1.3;
    private static final double NEARLY = 1.06;
    private static final double PLAINLY = 0.6;
    private static final double CHANCE = 0.1;
    private static final double HARDLY = 0.05;
    private static final double HALF = 0.5;

    private final Map<Cluster, Opinion> said;
    private final int spot;

    /// @param said of the clusters that were not named by the analyst
    /// @param spot side of a spot, px
    OneLook(Map<Cluster, Opinion> said, int spot) {
        this.said = said;
        this.spot = spot;
    }

    /// Names looks anew, where names are shared.
    void settle() {
        for (char name = '0'; name <= '9'; name++) {
            char shared = name;
            List<List<Cluster>> looks = looks(shared);
            if (looks.size() > 1) {
                int all = looks.stream().mapToInt(OneLook::size).sum();
                looks.sort(Comparator.comparing((List<Cluster> look) -> size(look) <= CHANCE * all)
                        .thenComparingDouble(look -> away(look, shared)));
                settle(shared, looks, all);
            }
            dropRivals(shared);
        }
    }

    /// A 0 with a dot or a stroke in it looks much like an 8, and is of one look with it. Where the net knows some of a
    /// name for certain, what it may take for a figure that nothing is called loses that name.
    private void dropRivals(char name) {
        boolean known = said.entrySet().stream()
                .anyMatch(one -> one.getKey().name() == name && one.getValue().isSureOf(name));
        if (known) {
            said.forEach((cluster, opinion) -> {
                char rival = cluster.name() == name ? opinion.rival(name) : NO_NAME;
                if (rival != NO_NAME && isFree(rival)) {
                    cluster.call(NO_NAME);
                }
            });
        }
    }

    /// @param looks those that look most like the figure first, but rare ones after all others
    private void settle(char shared, List<List<Cluster>> looks, int all) {
        List<Cluster> best = looks.getFirst();
        double least = away(best, shared);
        boolean known = looks.stream().anyMatch(look -> !isOther(look, shared));
        for (int i = 0; i < looks.size(); i++) {
            List<Cluster> look = looks.get(i);
            char other = nearlyAs(look, shared);
            boolean plainly = i > 0 && apart(look, best) > PLAINLY;
            boolean farLess = plainly && away(look, shared) > FAR_LESS * least;
            boolean chance = plainly && size(look) <= CHANCE * all && !isSaid(look, shared);
            boolean elsewhere =
                    looks.stream().anyMatch(one -> apart(one, look) > PLAINLY && amongOthers(one, shared) >= HALF);
            if (other != NO_NAME && plainly) {
                look.forEach(cluster -> cluster.call(other));
            } else if (other != NO_NAME
                    || farLess
                    || chance
                    || (known && isOther(look, shared))
                    || (elsewhere && amongOthers(look, shared) <= HARDLY)) {
                look.forEach(cluster -> cluster.call(NO_NAME));
            }
        }
    }

    /// The share of the places of a look where figures of other names begin, too, on other pictures.
    private double amongOthers(List<Cluster> look, char name) {
        Set<Integer> columns = new HashSet<>();
        for (Cluster cluster : said.keySet()) {
            if (cluster.isFigure() && cluster.name() != name) {
                cluster.places().forEach(place -> columns.add(place.box().left()));
            }
        }
        long among = look.stream()
                .flatMap(cluster -> cluster.places().stream())
                .filter(place -> {
                    int left = place.box().left();
                    return columns.contains(left) || columns.contains(left - 1) || columns.contains(left + 1);
                })
                .count();
        return (double) among / size(look);
    }

    /// Whether the net calls most of a look another figure, and that far likelier.
    private boolean isOther(List<Cluster> look, char name) {
        int others = look.stream()
                .filter(cluster -> {
                    Opinion opinion = said.get(cluster);
                    return opinion != null && opinion.isOther(name);
                })
                .mapToInt(Cluster::size)
                .sum();
        return 2 * others > size(look);
    }

    /// The only figure that nothing is called and that a look is nearly as near to; 0 if there is none,
    /// or several.
    private char nearlyAs(List<Cluster> look, char name) {
        char found = NO_NAME;
        for (char figure = '0'; figure <= '9'; figure++) {
            if (isFree(figure) && away(look, figure) <= NEARLY * away(look, name)) {
                found = found == NO_NAME ? figure : NO_NAME;
            }
        }
        return found;
    }

    private boolean isFree(char figure) {
        return said.keySet().stream().noneMatch(cluster -> cluster.name() == figure);
    }

    /// The clusters of a name in groups that look the same.
    private List<List<Cluster>> looks(char name) {
        List<List<Cluster>> looks = new ArrayList<>();
        for (Cluster cluster : said.keySet()) {
            if (cluster.name() == name) {
                List<Cluster> joined = new ArrayList<>(List.of(cluster));
                looks.removeIf(look -> apart(joined, look) < Clusters.ALIKE && joined.addAll(look));
                looks.add(joined);
            }
        }
        return looks;
    }

    /// How far two looks are apart where they are nearest.
    private double apart(List<Cluster> one, List<Cluster> other) {
        double least = Double.POSITIVE_INFINITY;
        for (Cluster a : one) {
            for (Cluster b : other) {
                least = Math.min(least, a.mean().distanceBetweenPixels(b.mean(), spot));
            }
        }
        return least;
    }

    private static int size(List<Cluster> look) {
        return look.stream().mapToInt(Cluster::size).sum();
    }

    private boolean isSaid(List<Cluster> look, char name) {
        return look.stream().anyMatch(cluster -> {
            Opinion opinion = said.get(cluster);
            return opinion != null && opinion.engineName() == name;
        });
    }

    /// How far a look is from a figure; rare members of it count for nothing.
    private double away(List<Cluster> look, char figure) {
        int all = size(look);
        double least = Double.POSITIVE_INFINITY;
        for (Cluster cluster : look) {
            Opinion opinion = said.get(cluster);
            if (opinion != null && cluster.size() > CHANCE * all) {
                least = Math.min(least, opinion.shape().to(figure));
            }
        }
        return least;
    }
}
