package app.fluss.core.overlay;

/// A glyph as it is looked at to name it: by the ink that nearly all pictures show, or by the ink of their mean, which
/// is rid of the scene and loses thin strokes. It is the one of which the net can make more.
///
/// @param ink shares of ink, on all rows of the line
/// @param guess what the net says; nothing where each of the two is plainly another figure
record TwoViews(Patch ink, FigureNet.Guess guess) {
    private static final double PLAINLY = 0.8;

    static TwoViews of(Patch common, Patch clean, FigureShapes shapes, int top, int height) {
        FigureNet.Guess first = shapes.guess(common, top, height);
        FigureNet.Guess second = shapes.guess(clean, top, height);
        boolean differ = first.figure() != second.figure()
                && Math.min(first.of(first.figure()), second.of(second.figure())) >= PLAINLY;
        if (differ) {
            return new TwoViews(common, FigureNet.Guess.NOTHING);
        }
        return first.most() >= second.most() ? new TwoViews(common, first) : new TwoViews(clean, second);
    }

    private static float[] normal(Patch ink, int top, int height) {
        return FigureShapes.normal(ink.shares(), ink.width(), top, height);
    }

    /// The shapes that are nearest to it.
    FigureShapes.Nearest nearest(FigureShapes shapes, int top, int height) {
        return shapes.nearest(normal(ink, top, height), guess);
    }
}
