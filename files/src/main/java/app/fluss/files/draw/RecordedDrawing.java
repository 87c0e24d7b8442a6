package app.fluss.files.draw;

import app.fluss.files.draw.Palette.Role;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/// A drawing as it was drawn once, to be drawn again by other pens at the same size, without what it was
/// drawn from.
public final class RecordedDrawing implements Drawing {
    private final List<Consumer<Pen>> strokes = new ArrayList<>();

    private RecordedDrawing() {}

    /// Draws a picture once and keeps what was drawn.
    public static Picture of(Picture picture) {
        RecordedDrawing recorded = new RecordedDrawing();
        BufferedImage none = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB);
        Pen measuring = new Graphics2DPen(none.createGraphics(), Palette.LIGHT, picture.numbers(), picture.scale());
        picture.drawing().draw(recorded.new Recorder(measuring), picture.width(), picture.height());
        return new Picture(
                picture.name(),
                picture.alternative(),
                picture.width(),
                picture.height(),
                picture.scale(),
                picture.numbers(),
                recorded);
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        strokes.forEach(stroke -> stroke.accept(pen));
    }

    /// Keeps what it is told; text is measured by another pen.
    private final class Recorder implements Pen {
        private final Pen measuring;

        Recorder(Pen measuring) {
            this.measuring = measuring;
        }

        @Override
        public Numbers numbers() {
            return measuring.numbers();
        }

        @Override
        public double scaled(double px) {
            return measuring.scaled(px);
        }

        @Override
        public double width(String text) {
            return measuring.width(text);
        }

        @Override
        public void font(double px, TextFace.Weight weight) {
            measuring.font(px, weight);
            strokes.add(pen -> pen.font(px, weight));
        }

        @Override
        public void fill(Role role, double opacity) {
            strokes.add(pen -> pen.fill(role, opacity));
        }

        @Override
        public void stroke(Role role) {
            strokes.add(pen -> pen.stroke(role));
        }

        @Override
        public void opacity(double share) {
            strokes.add(pen -> pen.opacity(share));
        }

        @Override
        public void lineWidth(double px) {
            strokes.add(pen -> pen.lineWidth(px));
        }

        @Override
        public void dashes(double... px) {
            double[] kept = px.clone();
            strokes.add(pen -> pen.dashes(kept));
        }

        @Override
        public void fillRect(double x, double y, double width, double height) {
            strokes.add(pen -> pen.fillRect(x, y, width, height));
        }

        @Override
        public void strokeRect(double x, double y, double width, double height) {
            strokes.add(pen -> pen.strokeRect(x, y, width, height));
        }

        @Override
        public void fillColumns(double x, double[] tops, double[] heights) {
            double[] keptTops = tops.clone();
            double[] keptHeights = heights.clone();
            strokes.add(pen -> pen.fillColumns(x, keptTops, keptHeights));
        }

        @Override
        public void fillRoundRect(double x, double y, double width, double height, double arc) {
            strokes.add(pen -> pen.fillRoundRect(x, y, width, height, arc));
        }

        @Override
        public void line(double x1, double y1, double x2, double y2) {
            strokes.add(pen -> pen.line(x1, y1, x2, y2));
        }

        @Override
        public void polyline(double[] xs, double[] ys) {
            points(xs, ys, Pen::polyline);
        }

        @Override
        public void fillPolygon(double[] xs, double[] ys) {
            points(xs, ys, Pen::fillPolygon);
        }

        @Override
        public void strokePolygon(double[] xs, double[] ys) {
            points(xs, ys, Pen::strokePolygon);
        }

        private void points(double[] xs, double[] ys, Points drawn) {
            double[] keptXs = xs.clone();
            double[] keptYs = ys.clone();
            strokes.add(pen -> drawn.by(pen, keptXs, keptYs));
        }

        @Override
        public void fillOval(double x, double y, double width, double height) {
            strokes.add(pen -> pen.fillOval(x, y, width, height));
        }

        @Override
        public void strokeOval(double x, double y, double width, double height) {
            strokes.add(pen -> pen.strokeOval(x, y, width, height));
        }

        @Override
        public void align(Align align) {
            strokes.add(pen -> pen.align(align));
        }

        @Override
        public void baseline(Baseline baseline) {
            strokes.add(pen -> pen.baseline(baseline));
        }

        @Override
        public void text(String text, double x, double y) {
            strokes.add(pen -> pen.text(text, x, y));
        }

        @Override
        public void clipped(double x, double y, double width, double height, Runnable drawing) {
            int begins = strokes.size();
            drawing.run();
            List<Consumer<Pen>> tail = strokes.subList(begins, strokes.size());
            List<Consumer<Pen>> within = List.copyOf(tail);
            tail.clear();
            strokes.add(pen -> pen.clipped(x, y, width, height, () -> within.forEach(stroke -> stroke.accept(pen))));
        }
    }

    /// Draws points.
    @FunctionalInterface
    private interface Points {
        void by(Pen pen, double[] xs, double[] ys);
    }
}
