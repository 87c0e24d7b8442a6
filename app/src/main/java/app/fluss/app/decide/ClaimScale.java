package app.fluss.app.decide;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.stream.DoubleStream;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/// One claim on a scale: the figure with its interval, the bound that can be moved, the good side shaded,
/// and where the verdict would change.
final class ClaimScale extends CanvasView {
    private static final double HEIGHT_PX = 44;
    private static final double MARGIN_PX = 34;
    private static final double GRIP_PX = 12;
    private static final int STEPS = 200;

    private Claim claim;
    private List<Double> flips;
    private Optional<Asked> beside;
    private final double low;
    private final double high;
    private final DoubleConsumer moved;
    private boolean gripped;

    /// @param flips bounds at which the verdict would change
    /// @param beside what the second school asks by the same rule
    /// @param moved is told where the bound was moved to
    ClaimScale(Theme theme, Claim claim, List<Double> flips, Optional<Asked> beside, DoubleConsumer moved) {
        super(theme, DecideText.SCALE_OF.formatted(claim.asked().rule().title()));
        this.claim = claim;
        this.flips = flips;
        this.beside = beside;
        this.moved = moved;
        double[] all = DoubleStream.concat(
                        DoubleStream.of(
                                claim.asked().bound(),
                                claim.asked().warnBound(),
                                claim.held().value().orNaN(),
                                beside.map(Asked::bound).orElse(Double.NaN)),
                        claim.turns().stream().mapToDouble(Claim.Turn::bound))
                .filter(Double::isFinite)
                .sorted()
                .toArray();
        double spread =
                Math.max(all[all.length - 1] - all[0], claim.asked().rule().halfAStep() * 20);
        low = all[0] - spread * 0.25;
        high = all[all.length - 1] + spread * 0.25;
        textScaled();
        Ems.min(this, 110);
        setFocusTraversable(true);
        focusedProperty().subscribe(() -> redraw());
        setAccessibleRole(AccessibleRole.SLIDER);
        getStyleClass().add("claim-scale");
        setId("claim-" + claim.asked().rule().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> setCursor(isGrip(event) ? Cursor.H_RESIZE : Cursor.DEFAULT));
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            requestFocus();
            gripped = isGrip(event);
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> {
            if (gripped) {
                move(value(event.getX()));
                event.consume();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
    }

    /// Shows the claim as it is judged now, on the scale that it had.
    void show(Claim now, List<Double> nowFlips, Optional<Asked> nowBeside) {
        claim = now;
        flips = nowFlips;
        beside = nowBeside;
        redraw();
    }

    @Override
    protected void textScaled() {
        setMinHeight(scaled(HEIGHT_PX));
        setPrefHeight(scaled(HEIGHT_PX));
    }

    private void pressed(KeyEvent event) {
        double step =
                Math.max((high - low) / STEPS, claim.asked().rule().halfAStep() * 2) * (event.isShiftDown() ? 10 : 1);
        if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
            move(claim.asked().bound() + (event.getCode() == KeyCode.LEFT ? -step : step));
            event.consume();
        }
    }

    private boolean isGrip(MouseEvent event) {
        return Math.abs(event.getX() - x(claim.asked().bound())) <= GRIP_PX;
    }

    /// To the next step of the last decimal shown.
    private void move(double to) {
        double step = claim.asked().rule().halfAStep() * 2;
        moved.accept(Math.rint(Math.clamp(to, low, high) / step) * step);
    }

    private double x(double value) {
        double margin = scaled(MARGIN_PX);
        return margin + (value - low) / (high - low) * (getWidth() - 2 * margin);
    }

    private double value(double x) {
        double margin = scaled(MARGIN_PX);
        return low + (x - margin) / (getWidth() - 2 * margin) * (high - low);
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double axis = Math.rint(height * 0.56) + 0.5;
        Rule rule = claim.asked().rule();
        double bound = x(claim.asked().bound());
        double end = rule.atLeast() ? x(high) : x(low);
        pen.fill(Role.BAND);
        pen.fillRect(Math.min(bound, end), axis - scaled(9), Math.abs(end - bound), scaled(18));
        double warn = x(claim.asked().warnBound());
        if (claim.asked().warnBound() != claim.asked().bound()) {
            pen.stroke(Role.WARM);
            pen.lineWidth(0.8);
            for (double at = Math.min(bound, warn) + 4; at < Math.max(bound, warn); at += 6) {
                pen.line(at, axis + scaled(9), at + 4, axis + scaled(4));
            }
        }
        pen.stroke(Role.LINE);
        pen.lineWidth(1);
        pen.line(x(low), axis, x(high), axis);
        figure(pen, axis);
        flips(pen, axis);
        beside.filter(other -> other.bound() != claim.asked().bound()).ifPresent(other -> {
            pen.stroke(Role.MUTED);
            pen.dashes(4, 3);
            pen.line(x(other.bound()), axis - scaled(12), x(other.bound()), axis + scaled(12));
            pen.dashes();
        });
        handle(pen, bound, axis);
    }

    private void figure(Pen pen, double axis) {
        double value = claim.held().value().orNaN();
        if (Double.isNaN(value)) {
            pen.fill(Role.MUTED);
            pen.baseline(Baseline.CENTER);
            pen.align(Align.LEFT);
            pen.text(DecideText.NO_FIGURE, x(low) + 4, axis + scaled(14));
            return;
        }
        Role role = claim.state().holds() || claim.state() == Claim.State.LIKELY ? Role.WATER : Role.WARM;
        pen.stroke(role);
        pen.fill(role);
        Optional<Interval> interval = claim.interval();
        interval.ifPresent(ends -> {
            double wide = Math.max(2, x(ends.high()) - x(ends.low()));
            if (claim.held().kind().canSettle()) {
                pen.fillRect(x(ends.low()), axis - 3, wide, 6);
            } else {
                pen.lineWidth(1);
                pen.strokeRect(x(ends.low()), axis - 3, wide, 6);
            }
        });
        double at = x(value);
        double[] xs = {at, at + 5, at, at - 5};
        double[] ys = {axis - 6, axis, axis + 6, axis};
        if (claim.held().kind().canSettle()) {
            pen.fillPolygon(xs, ys);
        } else {
            pen.fill(Role.SURFACE);
            pen.fillPolygon(xs, ys);
            pen.lineWidth(1.5);
            pen.strokePolygon(xs, ys);
        }
    }

    /// Small wedges from below, at the bounds where the verdict would change.
    private void flips(Pen pen, double axis) {
        pen.fill(Role.INK);
        for (double flip : flips) {
            double at = x(flip);
            double foot = axis + scaled(16);
            pen.fillPolygon(new double[] {at, at - 3.5, at + 3.5}, new double[] {foot - 6, foot, foot});
        }
    }

    /// The bound, with a flag that says it.
    private void handle(Pen pen, double at, double axis) {
        pen.stroke(isFocused() ? Role.WARM : Role.INK);
        pen.lineWidth(isFocused() ? 2.4 : 1.8);
        pen.line(at, axis - scaled(12), at, axis + scaled(12));
        Rule rule = claim.asked().rule();
        pen.fill(Role.INK);
        pen.baseline(Baseline.BOTTOM);
        pen.align(Align.CENTER);
        pen.text(
                (rule.atLeast() ? "≥ " : "≤ ")
                        + Numbers.text(rule, claim.asked().bound())
                        + Said.unit(rule),
                Math.clamp(at, scaled(MARGIN_PX), getWidth() - scaled(MARGIN_PX)),
                axis - scaled(12));
    }
}
