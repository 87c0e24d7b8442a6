package app.fluss.core.overlay;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// The first stroke of a unit, such as that of an f, may be called a figure, mostly a 1. It is the last figure of
/// nearly every number, whatever comes before it, and the net takes it for none, though it knows that figure where it
/// stands elsewhere. Then it is a letter.
final class UnitStroke {
    private static final double NEARLY_ALWAYS = 0.9;
    private static final int SEVERAL = 5;

    private final Map<Cluster, Opinion> said;
    private final int samples;

    /// @param said of the clusters that were not named by the analyst
    /// @param samples pictures that were looked at
    UnitStroke(Map<Cluster, Opinion> said, int samples) {
        this.said = said;
        this.samples = samples;
    }

    /// Names it.
    ///
    /// @param clusters named where they could be
    void name(List<Cluster> clusters) {
        List<Cluster> figures = clusters.stream().filter(Cluster::isFigure).toList();
        for (char name = '0'; name <= '9'; name++) {
            List<Cluster> strokes = strokes(name);
            if (!strokes.isEmpty() && areLast(strokes, figures)) {
                strokes.forEach(cluster -> cluster.call(GlyphClass.OTHER));
            }
        }
    }

    /// What is called so, and is no figure to the net; nothing where it knows no other that is one.
    private List<Cluster> strokes(char name) {
        boolean known = false;
        for (Map.Entry<Cluster, Opinion> one : said.entrySet()) {
            known |= one.getKey().name() == name && one.getValue().isSureOf(name);
        }
        return known
                ? said.entrySet().stream()
                        .filter(one ->
                                one.getKey().name() == name && one.getValue().isNone(name))
                        .map(Map.Entry::getKey)
                        .toList()
                : List.of();
    }

    /// Whether one of them is the last figure on nearly all pictures, after several others.
    private boolean areLast(List<Cluster> strokes, List<Cluster> figures) {
        Map<Integer, Integer> lefts = new HashMap<>();
        for (Cluster stroke : strokes) {
            stroke.places()
                    .forEach(place -> lefts.merge(place.sample(), place.box().left(), Math::max));
        }
        Set<Character> before = new HashSet<>();
        Set<Integer> passed = new HashSet<>();
        for (Cluster figure : figures) {
            for (Cluster.Place place : figure.places()) {
                Integer left = lefts.get(place.sample());
                if (left != null && place.box().left() > left) {
                    passed.add(place.sample());
                } else if (left != null && place.box().left() < left) {
                    before.add(figure.name());
                }
            }
        }
        return lefts.size() - passed.size() >= NEARLY_ALWAYS * samples && before.size() >= SEVERAL;
    }
}
