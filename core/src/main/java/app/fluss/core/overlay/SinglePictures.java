package app.fluss.core.overlay;

/// What the net says of the pictures of a figure one by one. The mean of two figures that small size and coding
/// make alike may look like a third, which is seen on none of them.
final class SinglePictures {
    private static final double PLAINLY = 0.8;
    private static final double SOME = 0.2;

    private final FigureShapes shapes;
    private final int figureTop;
    private final int figureHeight;

    /// @param figureTop row of a patch at which figures begin
    /// @param figureHeight px
    SinglePictures(FigureShapes shapes, int figureTop, int figureHeight) {
        this.shapes = shapes;
        this.figureTop = figureTop;
        this.figureHeight = figureHeight;
    }

    /// Whether the net plainly takes some pictures of a figure for what it is called.
    boolean bearOut(Cluster figure) {
        long plain = figure.patches().stream()
                .filter(patch -> shapes.guess(patch, figureTop, figureHeight).of(figure.name()) >= PLAINLY)
                .count();
        return plain >= SOME * figure.size();
    }
}
