package app.fluss.app.plan;

import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;

/// As high as the matrix, with room for the bar below one that is wider; above its own limit the matrix scrolls.
final class MatrixScroll extends ScrollPane {
    private static final double BAR_PX = 16;

    private final Region matrix;

    MatrixScroll(Region matrix) {
        super(matrix);
        this.matrix = matrix;
        setMinHeight(0);
    }

    @Override
    protected double computePrefHeight(double width) {
        double inside = (width > 0 ? width : getWidth()) - snappedLeftInset() - snappedRightInset();
        double wide = matrix.prefWidth(-1);
        double bar = wide > inside ? BAR_PX : 0;
        return snappedTopInset() + matrix.prefHeight(wide) + bar + snappedBottomInset();
    }
}
