package app.fluss.app.theme;

import java.util.Arrays;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/// Parts that stand beside each other where each gets the width it needs, and below each other where they
/// do not. One with `HBox.hgrow` takes an equal share of what the others leave.
public final class Columns extends Pane {
    private static final double GAP = 10;

    private final double needPx;
    private final Theme theme;

    /// @param needPx width that each growing part needs at the usual size of text, px
    public Columns(Theme theme, double needPx, Region... parts) {
        this.theme = theme;
        this.needPx = needPx;
        getChildren().setAll(parts);
        WhileShown.subscribe(this, () -> theme.textScaleProperty().subscribe(this::requestLayout));
    }

    /// Of one width each.
    public static Columns even(Theme theme, double needPx, Region... parts) {
        for (Region part : parts) {
            HBox.setHgrow(part, Priority.ALWAYS);
            part.setMinWidth(0);
        }
        return new Columns(theme, needPx, parts);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    private static boolean grows(Node part) {
        return HBox.getHgrow(part) == Priority.ALWAYS;
    }

    private double need(Node part) {
        return grows(part) ? needPx * theme.textScaleProperty().get() : Math.ceil(part.prefWidth(-1));
    }

    /// Whether they stand beside each other at a width.
    boolean beside(double width) {
        List<Node> parts = getManagedChildren();
        double needed = GAP * (parts.size() - 1);
        for (Node part : parts) {
            needed += need(part);
        }
        return width >= needed;
    }

    private double[] widths(double width) {
        List<Node> parts = getManagedChildren();
        double[] widths = new double[parts.size()];
        if (!beside(width)) {
            Arrays.fill(widths, width);
            return widths;
        }
        double left = width - GAP * (parts.size() - 1);
        int growing = 0;
        for (int i = 0; i < widths.length; i++) {
            if (grows(parts.get(i))) {
                growing++;
            } else {
                widths[i] = need(parts.get(i));
                left -= widths[i];
            }
        }
        for (int i = 0; i < widths.length; i++) {
            widths[i] = grows(parts.get(i)) ? left / growing : widths[i];
        }
        return widths;
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected double computePrefWidth(double height) {
        return getManagedChildren().stream()
                .mapToDouble(part -> part.prefWidth(-1))
                .sum();
    }

    @Override
    protected double computeMinHeight(double width) {
        return height(width, true);
    }

    @Override
    protected double computePrefHeight(double width) {
        return height(width, false);
    }

    private double height(double width, boolean least) {
        List<Node> parts = getManagedChildren();
        double at = width < 0 ? prefWidth(-1) : width;
        double[] widths = widths(at);
        boolean beside = beside(at);
        double height = beside ? 0 : GAP * (parts.size() - 1);
        for (int i = 0; i < widths.length; i++) {
            Node part = parts.get(i);
            // Below each other nothing is squeezed: what holds the parts scrolls.
            double own = least && beside ? part.minHeight(widths[i]) : part.prefHeight(widths[i]);
            height = beside ? Math.max(height, own) : height + own;
        }
        return height;
    }

    @Override
    protected void layoutChildren() {
        List<Node> parts = getManagedChildren();
        double[] widths = widths(getWidth());
        boolean beside = beside(getWidth());
        double x = 0;
        double y = 0;
        for (int i = 0; i < widths.length; i++) {
            double height = beside ? getHeight() : parts.get(i).prefHeight(widths[i]);
            parts.get(i).resizeRelocate(x, y, widths[i], height);
            x += beside ? widths[i] + GAP : 0;
            y += beside ? 0 : height + GAP;
        }
    }
}
