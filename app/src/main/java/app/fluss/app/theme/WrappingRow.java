package app.fluss.app.theme;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;

/// A row that goes on in the next line where there is no room. In each line those with `HBox.hgrow` share what is left.
public class WrappingRow extends Pane {
    private static final double BETWEEN_LINES = 6;

    /// What is left of one that may be cut, px.
    private static final double CUT = 90;

    private final double gap;

    /// @param gap between those in a line, px
    public WrappingRow(double gap, Node... children) {
        this.gap = gap;
        getChildren().setAll(children);
    }

    @Override
    public final Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    private static double width(Node node, double most) {
        return Math.clamp(Math.ceil(node.prefWidth(-1)), Math.min(node.minWidth(-1), most), Math.max(most, 0));
    }

    private List<List<Node>> lines(double width) {
        List<List<Node>> lines = new ArrayList<>();
        List<Node> line = new ArrayList<>();
        double used = 0;
        for (Node node : getManagedChildren()) {
            double own = Math.ceil(least(node));
            if (!line.isEmpty() && used + gap + own > width) {
                lines.add(line);
                line = new ArrayList<>();
                used = 0;
            }
            used += (line.isEmpty() ? 0 : gap) + own;
            line.add(node);
        }
        lines.add(line);
        return lines;
    }

    /// One that may be cut takes only its least width before the row is broken.
    private static double least(Node node) {
        double min = node.minWidth(-1);
        return min > 0 ? Math.max(min, node.prefWidth(-1)) : Math.min(node.prefWidth(-1), CUT);
    }

    @Override
    protected final double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected final double computePrefWidth(double height) {
        List<Node> all = getManagedChildren();
        double sum =
                all.stream().mapToDouble(node -> Math.ceil(node.prefWidth(-1))).sum();
        return snappedLeftInset() + snappedRightInset() + sum + gap * Math.max(0, all.size() - 1);
    }

    @Override
    protected final double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected final double computePrefHeight(double width) {
        double inside = width < 0 ? Double.MAX_VALUE : width - snappedLeftInset() - snappedRightInset();
        List<List<Node>> lines = lines(inside);
        double height = BETWEEN_LINES * (lines.size() - 1);
        for (List<Node> line : lines) {
            height += height(line);
        }
        return snappedTopInset() + height + snappedBottomInset();
    }

    private static double height(List<Node> line) {
        return line.stream().mapToDouble(node -> node.prefHeight(-1)).max().orElse(0);
    }

    @Override
    protected final void layoutChildren() {
        double inside = getWidth() - snappedLeftInset() - snappedRightInset();
        double y = snappedTopInset();
        for (List<Node> line : lines(inside)) {
            double height = height(line);
            lay(line, inside, y, height);
            y += height + BETWEEN_LINES;
        }
    }

    private void lay(List<Node> line, double inside, double y, double height) {
        double[] widths = new double[line.size()];
        double left = inside - gap * (line.size() - 1);
        for (int i = 0; i < widths.length; i++) {
            widths[i] = width(line.get(i), inside);
            left -= widths[i];
        }
        for (int i = 0; i < widths.length && left < 0; i++) {
            double give = Math.min(-left, Math.max(0, widths[i] - line.get(i).minWidth(-1)));
            widths[i] -= give;
            left += give;
        }
        long growing = line.stream().filter(WrappingRow::grows).count();
        double x = snappedLeftInset();
        for (int i = 0; i < widths.length; i++) {
            Node node = line.get(i);
            double width = widths[i] + (grows(node) && left > 0 ? left / growing : 0);
            layoutInArea(node, x, y, width, height, 0, Insets.EMPTY, true, true, HPos.LEFT, VPos.CENTER);
            x += width + gap;
        }
    }

    private static boolean grows(Node node) {
        return HBox.getHgrow(node) == Priority.ALWAYS;
    }
}
