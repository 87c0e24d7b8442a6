package app.fluss.files.chart;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Method;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Ticks;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// The trade map of a game: each path as an arrow from native, across by the latency that it adds, up by
/// its delivered gain, with the intervals of both as a cross, dashed where their spread is borrowed. The
/// head's fill is the evidence: full for measured latency, hollow where latency is only estimated.
///
/// @param arrows those paths that have both
/// @param chosen name of the one that stands out; empty for none
public record TradeMap(List<Arrow> arrows, Optional<String> chosen) implements Chart {
    private static final double LEFT = 46;
    private static final double FOOT = 34;
    private static final double TOP = 18;
    private static final double RIGHT = 16;
    private static final double REACH_PX = 22;
    private static final double HEIGHT = 330;
    private static final int MISTAKEN = 3;
    private static final double[][] CORNERS = {
        {1, -1},
        {1, 1},
        {1, 0},
        {-1, -1},
        {-1, 1},
        {1, -2.4},
        {1, 2.4},
        {-1, -2.4},
        {-1, 2.4},
        {1, -3.8},
        {1, 3.8},
        {0, -1.9},
        {0, 1.9}
    };

    /// Keeps those that can be drawn.
    public TradeMap {
        arrows = arrows.stream()
                .filter(one ->
                        one.gain.ratio().isKnown() && one.latency.difference().isKnown())
                .toList();
    }

    /// A path.
    ///
    /// @param name of it
    /// @param gain delivered rate against the native one
    /// @param latency what it adds, ms
    /// @param estimated whether that is from stages, because it was not measured on both sides
    /// @param grade the weakest of its runs
    public record Arrow(String name, Difference gain, Difference latency, boolean estimated, Grade grade) {}

    @Override
    public String name() {
        return "Trade map: delivered gain against added latency, for each path";
    }

    @Override
    public String alternative() {
        List<String> words = new ArrayList<>();
        for (Arrow one : arrows) {
            words.add("%s: %s times native, %s ms%s"
                    .formatted(
                            one.name,
                            Numbers.NEUTRAL.text(one.gain.ratio(), 2),
                            Numbers.NEUTRAL.text(one.latency.difference(), 1),
                            one.estimated ? " estimated" : ""));
        }
        return name() + ". " + String.join("; ", words);
    }

    @Override
    public DataTable data() {
        DataTable.Builder table = new DataTable.Builder(
                "path",
                "delivered_gain",
                "gain_low",
                "gain_high",
                "added_latency_ms",
                "latency_low_ms",
                "latency_high_ms",
                "latency_from",
                "grade");
        for (Arrow one : arrows) {
            Optional<Interval> gain = one.gain.ratioInterval();
            Optional<Interval> latency = one.latency.interval();
            table.row(
                    one.name,
                    Cell.of(one.gain.ratio()),
                    Cell.of(gain, Interval::low),
                    Cell.of(gain, Interval::high),
                    Cell.of(one.latency.difference()),
                    Cell.of(latency, Interval::low),
                    Cell.of(latency, Interval::high),
                    one.estimated ? "stages" : "measured",
                    one.grade.toString());
        }
        return table.build();
    }

    @Override
    public double height(double scale) {
        return HEIGHT * scale;
    }

    /// The path whose head is next to a place, if it is near.
    ///
    /// @param scale size of text, times the usual
    public Optional<Arrow> nearest(double x, double y, double width, double height, double scale) {
        Scale places = new Scale(width, height, scale);
        Arrow best = null;
        double reach = REACH_PX * scale;
        for (Arrow one : arrows) {
            double away = Math.hypot(places.x(one) - x, places.y(one) - y);
            if (away < reach) {
                reach = away;
                best = one;
            }
        }
        return Optional.ofNullable(best);
    }

    /// From ms and gain to pixels.
    private final class Scale {
        private final double text;
        private final double whole;
        private final double width;
        private final double height;
        private double leastMs = -2;
        private double mostMs = 10;
        private double leastGain = 0.9;
        private double mostGain = 1.2;

        Scale(double width, double height, double text) {
            this.text = text;
            this.whole = width;
            this.width = width - RIGHT * text;
            this.height = height - FOOT * text;
            for (Arrow one : arrows) {
                reachMs(one.latency.difference().orNaN());
                one.latency.interval().ifPresent(ends -> {
                    reachMs(ends.low());
                    reachMs(ends.high());
                });
                reachGain(one.gain.ratio().orNaN());
                one.gain.ratioInterval().ifPresent(ends -> {
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
            return LEFT * text + (ms - leastMs) / (mostMs - leastMs) * (width - LEFT * text);
        }

        double y(double gain) {
            return height - (gain - leastGain) / (mostGain - leastGain) * (height - TOP * text);
        }

        double x(Arrow one) {
            return x(one.latency.difference().orNaN());
        }

        double y(Arrow one) {
            return y(one.gain.ratio().orNaN());
        }
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        Scale scale = new Scale(width, height, pen.scaled(1));
        axes(pen, scale);
        for (Arrow one : arrows) {
            if (!isChosen(one)) {
                arrow(pen, scale, one);
            }
        }
        arrows.stream().filter(this::isChosen).forEach(one -> arrow(pen, scale, one));
        names(pen, scale);
        double x = scale.x(0);
        double y = scale.y(1);
        pen.fill(Role.SURFACE);
        pen.fillOval(x - 5, y - 5, 10, 10);
        pen.stroke(Role.INK);
        pen.lineWidth(1.6);
        pen.strokeOval(x - 5, y - 5, 10, 10);
    }

    private boolean isChosen(Arrow one) {
        return chosen.filter(one.name::equals).isPresent();
    }

    private void axes(Pen pen, Scale scale) {
        pen.lineWidth(1);
        pen.stroke(Role.LINE);
        pen.line(scale.x(0), TOP * scale.text, scale.x(0), scale.height);
        pen.line(LEFT * scale.text, scale.y(1), scale.width, scale.y(1));
        pen.fill(Role.MUTED);
        pen.baseline(Baseline.CENTER);
        pen.align(Align.RIGHT);
        double gainStep = Ticks.step(scale.mostGain - scale.leastGain, 5);
        for (double gain = Math.ceil(scale.leastGain / gainStep) * gainStep; gain <= scale.mostGain; gain += gainStep) {
            pen.text(pen.numbers().text(gain, gainStep < 0.1 ? 2 : 1) + "×", LEFT * scale.text - 8, scale.y(gain));
        }
        pen.align(Align.CENTER);
        double msStep = Ticks.step(scale.mostMs - scale.leastMs, 6);
        for (double ms = Math.ceil(scale.leastMs / msStep) * msStep; ms <= scale.mostMs; ms += msStep) {
            String sign = ms > 0 ? "+" : "";
            pen.text(sign + pen.numbers().text(ms, 0), scale.x(ms), scale.height + pen.scaled(10));
        }
        pen.align(Align.RIGHT);
        pen.text("added latency, ms →", scale.width, scale.height + pen.scaled(25));
        pen.align(Align.LEFT);
        pen.text("delivered gain", 0, pen.scaled(7));
    }

    private void arrow(Pen pen, Scale scale, Arrow one) {
        boolean strong = isChosen(one);
        Role role = strong ? Role.WARM : one.grade == Grade.A ? Role.WATER : Role.FOAM;
        double x = scale.x(one);
        double y = scale.y(one);
        pen.stroke(role);
        pen.lineWidth(strong ? 2.2 : 1.4);
        pen.dashes(one.estimated ? new double[] {3, 4} : new double[0]);
        pen.line(scale.x(0), scale.y(1), x, y);
        pen.dashes();
        pen.lineWidth(1);
        one.latency.interval().ifPresent(ends -> pen.line(scale.x(ends.low()), y, scale.x(ends.high()), y));
        pen.dashes(one.gain.method() == Method.BORROWED ? new double[] {3, 3} : new double[0]);
        one.gain.ratioInterval().ifPresent(ends -> pen.line(x, scale.y(ends.low()), x, scale.y(ends.high())));
        pen.dashes();
        head(pen, role, scale, one);
    }

    /// Names beside their arrows, the chosen one first, each where it crosses least. One that would lie on
    /// another, hide several lines or be taken for the name of another head is left out, unless it is the
    /// chosen one's.
    private void names(Pen pen, Scale scale) {
        List<Arrow> order = new ArrayList<>(arrows);
        order.sort(Comparator.comparing(one -> !isChosen(one)));
        List<Line2D> lines = lines(scale);
        List<Rectangle2D> taken = new ArrayList<>();
        pen.baseline(Baseline.CENTER);
        pen.align(Align.LEFT);
        for (Arrow one : order) {
            place(pen, scale, one, lines, taken).ifPresent(box -> {
                taken.add(box);
                pen.fill(Role.SURFACE, 0.75);
                pen.fillRect(box.getX() - 2, box.getY(), box.getWidth() + 4, box.getHeight());
                pen.fill(isChosen(one) ? Role.INK : Role.MUTED);
                pen.text(one.name, box.getX(), box.getCenterY());
            });
        }
    }

    /// Shafts of arrows and their latency's intervals.
    private List<Line2D> lines(Scale scale) {
        List<Line2D> lines = new ArrayList<>();
        for (Arrow one : arrows) {
            double y = scale.y(one);
            lines.add(new Line2D.Double(scale.x(0), scale.y(1), scale.x(one), y));
            one.latency
                    .interval()
                    .ifPresent(ends -> lines.add(new Line2D.Double(scale.x(ends.low()), y, scale.x(ends.high()), y)));
        }
        return lines;
    }

    private Optional<Rectangle2D> place(Pen pen, Scale scale, Arrow one, List<Line2D> lines, List<Rectangle2D> taken) {
        double wide = pen.width(one.name);
        double high = pen.scaled(Pen.TEXT_PX * 1.3);
        Rectangle2D best = null;
        double least = isChosen(one) ? Double.POSITIVE_INFINITY : MISTAKEN;
        for (double[] corner : CORNERS) {
            // First on the side to which the arrow points.
            double side = one.latency.difference().orNaN() >= 0 ? corner[0] : -corner[0];
            double x = scale.x(one) + side * 11 + (side - 1) / 2 * wide;
            double y = scale.y(one) + corner[1] * pen.scaled(10);
            Rectangle2D box = new Rectangle2D.Double(x, y - high / 2, wide, high);
            long cost = lines.stream().filter(box::intersectsLine).count() + MISTAKEN * nearer(scale, one, box);
            boolean free = x > LEFT * scale.text
                    && x + wide < scale.whole
                    && y > high / 2
                    && y < scale.height
                    && taken.stream().noneMatch(box::intersects);
            if (free && cost < least) {
                least = cost;
                best = box;
            }
        }
        return Optional.ofNullable(best);
    }

    /// How many other heads are nearer to a name than its own.
    private long nearer(Scale scale, Arrow named, Rectangle2D box) {
        double own = away(scale, named, box);
        return arrows.stream().filter(one -> away(scale, one, box) < own).count();
    }

    private static double away(Scale scale, Arrow one, Rectangle2D box) {
        double across = Math.max(0, Math.abs(scale.x(one) - box.getCenterX()) - box.getWidth() / 2);
        double up = Math.max(0, Math.abs(scale.y(one) - box.getCenterY()) - box.getHeight() / 2);
        return Math.hypot(across, up);
    }

    /// Points away from native.
    private void head(Pen pen, Role role, Scale scale, Arrow one) {
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
        pen.fill(one.estimated ? Role.SURFACE : role);
        pen.fillPolygon(xs, ys);
        pen.stroke(role);
        pen.lineWidth(1.4);
        pen.strokePolygon(xs, ys);
    }
}
