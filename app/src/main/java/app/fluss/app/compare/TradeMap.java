package app.fluss.app.compare;

import app.fluss.app.model.Comparison;
import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Method;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Ticks;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.BoundingBox;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/// The trade map of a game: each path as an arrow from native, across by the latency that it adds, up by its
/// delivered gain, with the intervals of both as a cross, dashed where their spread is borrowed. The head's
/// fill is the evidence: full for measured
/// latency, hollow where latency is only estimated.
final class TradeMap extends CanvasView {
    private static final double LEFT = 46;
    private static final double FOOT = 34;
    private static final double TOP = 18;
    private static final double RIGHT = 16;
    private static final double REACH_PX = 22;
    private static final double[][] CORNERS = {{1, -1}, {1, 1}, {1, -2.4}, {1, 2.4}, {-1, -1}, {-1, 1}, {-1, -2.4}};

    private List<Comparison> comparisons = List.of();
    private Optional<Comparison> chosen = Optional.empty();

    /// @param choose is told which path the user wants to see
    TradeMap(Theme theme, Consumer<Comparison> choose) {
        super(theme, "Trade map: delivered gain against added latency, for each path");
        setId("trade-map");
        addEventHandler(
                MouseEvent.MOUSE_CLICKED,
                event -> nearest(event.getX(), event.getY()).ifPresent(choose));
    }

    void show(List<Comparison> shown, Optional<Comparison> of) {
        comparisons = shown.stream()
                .filter(one -> gain(one).isKnown() && one.latency().difference().isKnown())
                .toList();
        chosen = of;
        redraw();
    }

    private static Figure gain(Comparison comparison) {
        return comparison.runs().measure(Measure.DELIVERED).ratio();
    }

    private static Optional<Interval> gainInterval(Comparison comparison) {
        return comparison.runs().measure(Measure.DELIVERED).ratioInterval();
    }

    private Optional<Comparison> nearest(double x, double y) {
        Scale scale = new Scale(getWidth(), getHeight());
        Comparison best = null;
        double reach = scaled(REACH_PX);
        for (Comparison one : comparisons) {
            double away = Math.hypot(scale.x(one) - x, scale.y(one) - y);
            if (away < reach) {
                reach = away;
                best = one;
            }
        }
        return Optional.ofNullable(best);
    }

    /// From ms and gain to pixels.
    private final class Scale {
        private final double width;
        private final double height;
        private double leastMs = -2;
        private double mostMs = 10;
        private double leastGain = 0.9;
        private double mostGain = 1.2;

        Scale(double width, double height) {
            this.width = width - scaled(RIGHT);
            this.height = height - scaled(FOOT);
            for (Comparison one : comparisons) {
                reachMs(one.latency().difference().orNaN());
                one.latency().interval().ifPresent(ends -> {
                    reachMs(ends.low());
                    reachMs(ends.high());
                });
                reachGain(gain(one).orNaN());
                gainInterval(one).ifPresent(ends -> {
                    reachGain(ends.low());
                    reachGain(ends.high());
                });
            }
            double spareMs = (mostMs - leastMs) * 0.06;
            leastMs -= spareMs;
            mostMs += spareMs;
            double spareGain = (mostGain - leastGain) * 0.08;
            leastGain -= spareGain;
            mostGain += spareGain;
        }

        private void reachMs(double ms) {
            leastMs = Math.min(leastMs, ms);
            mostMs = Math.max(mostMs, ms);
        }

        private void reachGain(double gain) {
            leastGain = Math.min(leastGain, gain);
            mostGain = Math.max(mostGain, gain);
        }

        double x(double ms) {
            return scaled(LEFT) + (ms - leastMs) / (mostMs - leastMs) * (width - scaled(LEFT));
        }

        double y(double gain) {
            return height - (gain - leastGain) / (mostGain - leastGain) * (height - scaled(TOP));
        }

        double x(Comparison one) {
            return x(one.latency().difference().orNaN());
        }

        double y(Comparison one) {
            return y(gain(one).orNaN());
        }
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        if (comparisons.isEmpty()) {
            g.setFill(palette.get(Role.MUTED));
            g.setTextBaseline(VPos.TOP);
            g.fillText("No path has both a delivered gain and an added latency yet.", 0, 4);
            return;
        }
        Scale scale = new Scale(width, height);
        axes(g, palette, scale);
        for (Comparison one : comparisons) {
            if (!isChosen(one)) {
                arrow(g, palette, scale, one);
            }
        }
        comparisons.stream().filter(this::isChosen).forEach(one -> arrow(g, palette, scale, one));
        names(g, palette, scale);
        double x = scale.x(0);
        double y = scale.y(1);
        g.setFill(palette.get(Role.SURFACE));
        g.fillOval(x - 5, y - 5, 10, 10);
        g.setStroke(palette.get(Role.INK));
        g.setLineWidth(1.6);
        g.strokeOval(x - 5, y - 5, 10, 10);
    }

    private boolean isChosen(Comparison one) {
        return chosen.filter(shown -> shown.name().equals(one.name())).isPresent();
    }

    private void axes(GraphicsContext g, Palette palette, Scale scale) {
        g.setLineWidth(1);
        g.setStroke(palette.get(Role.LINE));
        g.strokeLine(scale.x(0), scaled(TOP), scale.x(0), scale.height);
        g.strokeLine(scaled(LEFT), scale.y(1), scale.width, scale.y(1));
        g.setFill(palette.get(Role.MUTED));
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.RIGHT);
        double gainStep = Ticks.step(scale.mostGain - scale.leastGain, 5);
        for (double gain = Math.ceil(scale.leastGain / gainStep) * gainStep; gain <= scale.mostGain; gain += gainStep) {
            g.fillText(Numbers.text(gain, gainStep < 0.1 ? 2 : 1) + "×", scaled(LEFT) - 8, scale.y(gain));
        }
        g.setTextAlign(TextAlignment.CENTER);
        double msStep = Ticks.step(scale.mostMs - scale.leastMs, 6);
        for (double ms = Math.ceil(scale.leastMs / msStep) * msStep; ms <= scale.mostMs; ms += msStep) {
            String sign = ms > 0 ? "+" : "";
            g.fillText(sign + Numbers.text(ms, 0), scale.x(ms), scale.height + scaled(10));
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("added latency, ms →", scale.width, scale.height + scaled(25));
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("↑ delivered gain", 0, scaled(7));
    }

    private void arrow(GraphicsContext g, Palette palette, Scale scale, Comparison one) {
        boolean strong = isChosen(one);
        Role role = strong ? Role.WARM : one.runs().grade() == Grade.A ? Role.WATER : Role.FOAM;
        double x = scale.x(one);
        double y = scale.y(one);
        g.setStroke(palette.get(role));
        g.setLineWidth(strong ? 2.2 : 1.4);
        g.setLineDashes(one.latencyEstimated() ? new double[] {3, 4} : new double[0]);
        g.strokeLine(scale.x(0), scale.y(1), x, y);
        g.setLineDashes();
        g.setLineWidth(1);
        one.latency().interval().ifPresent(ends -> g.strokeLine(scale.x(ends.low()), y, scale.x(ends.high()), y));
        g.setLineDashes(
                one.runs().measure(Measure.DELIVERED).method() == Method.BORROWED
                        ? new double[] {3, 3}
                        : new double[0]);
        gainInterval(one).ifPresent(ends -> g.strokeLine(x, scale.y(ends.low()), x, scale.y(ends.high())));
        g.setLineDashes();
        head(g, palette, role, scale, one);
    }

    /// Names beside their arrows, the chosen one first; where one would lie on another it goes to the next
    /// free corner.
    private void names(GraphicsContext g, Palette palette, Scale scale) {
        List<Comparison> order = new ArrayList<>(comparisons);
        order.sort(Comparator.comparing(one -> !isChosen(one)));
        List<BoundingBox> taken = new ArrayList<>();
        g.setTextBaseline(VPos.CENTER);
        for (Comparison one : order) {
            Text text = new Text(one.name());
            text.setFont(g.getFont());
            double wide = text.getLayoutBounds().getWidth();
            double high = text.getLayoutBounds().getHeight();
            for (double[] corner : CORNERS) {
                // First on the side to which the arrow points.
                boolean rightwards = corner[0] > 0 == one.latency().difference().orNaN() >= 0;
                double x = scale.x(one) + (rightwards ? 11 : -11 - wide);
                double y = scale.y(one) + corner[1] * scaled(10);
                BoundingBox box = new BoundingBox(x, y - high / 2, wide, high);
                boolean inside = x > scaled(LEFT) && x + wide < getWidth() && y > high / 2;
                if (inside && taken.stream().noneMatch(box::intersects)) {
                    taken.add(box);
                    g.setTextAlign(TextAlignment.LEFT);
                    g.setFill(palette.get(isChosen(one) ? Role.INK : Role.MUTED));
                    g.fillText(one.name(), x, y);
                    break;
                }
            }
        }
    }

    /// Points away from native.
    private void head(GraphicsContext g, Palette palette, Role role, Scale scale, Comparison one) {
        double x = scale.x(one);
        double y = scale.y(one);
        double angle = Math.atan2(y - scale.y(1), x - scale.x(0));
        double[] xs = new double[3];
        double[] ys = new double[3];
        for (int i = 0; i < 3; i++) {
            double turn = angle + i * 2 * Math.PI / 3;
            double size = i == 0 ? 8 : 5.5;
            xs[i] = x + size * Math.cos(turn);
            ys[i] = y + size * Math.sin(turn);
        }
        g.setFill(palette.get(one.latencyEstimated() ? Role.SURFACE : role));
        g.fillPolygon(xs, ys, 3);
        g.setStroke(palette.get(role));
        g.setLineWidth(1.4);
        g.strokePolygon(xs, ys, 3);
    }
}
