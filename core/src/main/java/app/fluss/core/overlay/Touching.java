package app.fluss.core.overlay;

import java.util.List;

/// Tells glyphs without a name that are a figure and what touches it: another figure, the unit, the label, or a bit of
/// what stands behind. They are no look of their own; the figure is.
final class Touching {
    private static final int MORE = 2;
    private static final double PAIR = 1.3;
    private static final double SURE = 0.9;

    private final List<Cluster> all;
    private final FigureShapes shapes;
    private final int spot;
    private final int figureTop;
    private final int figureHeight;

    /// @param all looks, named where they could be; is looked at each time
    /// @param spot side of a spot in which glyphs of one look may not differ, px
    /// @param figureTop row of a look at which figures begin
    /// @param figureHeight px
    Touching(List<Cluster> all, FigureShapes shapes, int spot, int figureTop, int figureHeight) {
        this.all = all;
        this.shapes = shapes;
        this.spot = spot;
        this.figureTop = figureTop;
        this.figureHeight = figureHeight;
    }

    /// Whether a glyph without a name is that.
    boolean holds(Cluster cluster) {
        return isTwo(cluster) || isFigureAndMore(cluster);
    }

    /// Whether it begins and ends as named glyphs do, one of which is a figure, or is wide and begins or ends as a
    /// figure does.
    private boolean isTwo(Cluster cluster) {
        boolean begins = false;
        boolean ends = false;
        boolean figure = false;
        double widest = 0;
        for (Cluster other : all) {
            boolean wider = cluster.width() >= other.width() + MORE;
            if (other.name() != 0 && !other.isPoint() && wider) {
                boolean first = isAlike(first(cluster, other), other);
                boolean last = isAlike(last(cluster, other), other);
                begins |= first;
                ends |= last;
                figure |= other.isFigure() && (first || last);
            }
            widest = other.isFigure() ? Math.max(widest, other.width()) : widest;
        }
        return figure && ((begins && ends) || cluster.width() >= PAIR * widest);
    }

    /// Whether it is a figure that is known with up to a spot beside it, and the net knows the figure without that.
    private boolean isFigureAndMore(Cluster cluster) {
        return all.stream()
                .filter(other -> other.isFigure() && cluster.width() > other.width())
                .filter(other -> cluster.width() <= other.width() + spot)
                .anyMatch(other -> isSure(first(cluster, other), other) || isSure(last(cluster, other), other));
    }

    private boolean isSure(Patch part, Cluster figure) {
        FigureNet.Guess guess = shapes.guess(FigureShapes.normal(part.shares(), part.width(), figureTop, figureHeight));
        return guess.of(figure.name()) >= SURE && isAlike(part, figure);
    }

    private boolean isAlike(Patch part, Cluster other) {
        return part.distance(other.mean(), spot) < Clusters.ALIKE;
    }

    /// The first columns of a glyph, as many as another one has.
    private static Patch first(Cluster cluster, Cluster other) {
        return cluster.mean().part(0, other.width());
    }

    private static Patch last(Cluster cluster, Cluster other) {
        return cluster.mean().part(cluster.width() - other.width(), other.width());
    }
}
