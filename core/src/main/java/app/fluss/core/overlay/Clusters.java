package app.fluss.core.overlay;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.List;

/// Puts glyphs that look alike together.
final class Clusters {
    /// Glyphs less far apart are of one look.
    static final double ALIKE = 0.42;

    /// Figures that are higher differ in whole spots, px.
    static final int SMALL = 13;

    private final List<Cluster> all = new ArrayList<>();
    private final int most;
    private final int spot;
    private final boolean small;

    /// @param figureHeight px
    /// @param most looks that are kept apart; what is like none of them then is left out
    Clusters(int figureHeight, int most) {
        this.most = most;
        small = figureHeight >= Separation.LOWEST_FIGURE && figureHeight <= SMALL;
        spot = spot(figureHeight);
    }

    /// Side of the spot in which glyphs of one look may not differ, px.
    static int spot(int figureHeight) {
        return Math.max(2, (int) Math.rint(figureHeight / 11.0));
    }

    /// Adds a glyph to the cluster that it is most like, or begins one.
    void add(Patch patch, boolean point, Cluster.Place place) {
        Cluster best = null;
        double least = ALIKE;
        for (Cluster cluster : all) {
            if (cluster.isPoint() == point && cluster.width() == patch.width()) {
                double distance = cluster.mean().distance(patch, spot);
                if (distance < least) {
                    least = distance;
                    best = cluster;
                }
            }
        }
        if (best == null) {
            if (all.size() == most) {
                return;
            }
            best = new Cluster(patch, point);
            all.add(best);
        }
        best.add(patch, place);
    }

    /// Side of the spot in which glyphs of one look may not differ, px.
    int spot() {
        return spot;
    }

    /// All of them, each of one look.
    List<Cluster> all(Progress progress) {
        List<Cluster> parted = new ArrayList<>();
        List<Cluster> open = new ArrayList<>(all);
        while (!open.isEmpty()) {
            progress.check((double) parted.size() / (parted.size() + open.size()));
            List<Cluster> parts = open.removeLast().parted(spot, small);
            (parts.size() == 1 ? parted : open).addAll(parts);
        }
        return parted;
    }
}
