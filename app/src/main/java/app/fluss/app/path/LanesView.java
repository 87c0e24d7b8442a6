package app.fluss.app.path;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Ticks;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.core.stream.blame.TwoLanes;
import app.fluss.files.draw.Marks;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.ScrollEvent;

/// Host and client as two lanes with a link for each image: upright links are quick, slanted ones late,
/// and where the host has an image that no link leaves, it never came. Hitches are shaded on the client's
/// lane.
final class LanesView extends CanvasView {
    private static final double LEFT = 54;
    private static final double AROUND_MS = 150;
    private static final double LONGEST_MS = 4000;
    private static final double SHORTEST_MS = 60;

    private final TwoLanes lanes;
    private final List<ClientHitch> hitches;
    private double fromMs;
    private double toMs = 1000;

    LanesView(Theme theme, TwoLanes lanes, List<ClientHitch> hitches) {
        super(theme, StreamText.LANES_DESCRIBED);
        this.lanes = lanes;
        this.hitches = hitches;
        setId("lanes");
        setMinHeight(170);
        setPrefHeight(180);
        addEventHandler(ScrollEvent.SCROLL, event -> {
            if (event.isShortcutDown()) {
                zoom(event.getDeltaY() > 0 ? 0.8 : 1.25);
            } else {
                move(event.getDeltaY() > 0 ? -0.15 : 0.15);
            }
            event.consume();
        });
    }

    /// Shows the time around a hitch.
    void show(ClientHitch hitch) {
        fromMs = hitch.startMs() - AROUND_MS;
        toMs = hitch.endMs() + AROUND_MS;
        redraw();
    }

    private void zoom(double factor) {
        double length = Math.clamp((toMs - fromMs) * factor, SHORTEST_MS, LONGEST_MS);
        double middle = (fromMs + toMs) / 2;
        fromMs = middle - length / 2;
        toMs = middle + length / 2;
        redraw();
    }

    private void move(double share) {
        double by = share * (toMs - fromMs);
        fromMs += by;
        toMs += by;
        redraw();
    }

    /// Of the images that the client showed in the time that is shown.
    @Override
    public Optional<DataTable> data() {
        DataTable.Builder table = new DataTable.Builder("host_image", "host_ms", "client_image", "client_ms", "late");
        for (int client = 0; client < lanes.clientImages(); client++) {
            int host = lanes.hostOf(client);
            double shown = lanes.clientMs(client);
            if (shown >= fromMs && shown <= toMs) {
                table.row(
                        host < 0 ? "" : Cell.of(host),
                        host < 0 ? "" : Cell.of(lanes.hostMs(host)),
                        Cell.of(client),
                        Cell.of(shown),
                        Boolean.toString(lanes.isLate(client)));
            }
        }
        return Optional.of(table.build());
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double left = scaled(LEFT);
        double mark = scaled(11);
        Lane lane = new Lane(left, width - 8, scaled(26), height - scaled(48), mark);
        hitches(pen, lane);
        pen.baseline(Baseline.CENTER);
        pen.align(Align.RIGHT);
        pen.fill(Role.MUTED);
        pen.text(StreamText.HOST, left - 8, lane.host + mark / 2);
        pen.text(StreamText.CLIENT, left - 8, lane.client + mark / 2);
        pen.stroke(Role.LINE);
        pen.lineWidth(1);
        pen.line(left, lane.host + mark, lane.right, lane.host + mark);
        pen.line(left, lane.client, lane.right, lane.client);
        pen.clipped(left, 0, lane.right - left, height, () -> links(pen, lane));
        axis(pen, lane, height);
    }

    private void hitches(Pen pen, Lane lane) {
        for (ClientHitch hitch : hitches) {
            if (hitch.endMs() < fromMs || hitch.startMs() > toMs) {
                continue;
            }
            double x = lane.x(Math.max(hitch.startMs(), fromMs));
            double end = lane.x(Math.min(hitch.endMs(), toMs));
            pen.fill(Role.RAISED);
            pen.fillRect(x, lane.host + lane.mark, end - x, lane.client - lane.host);
            pen.fill(Role.WARM);
            pen.fillRect(x, lane.client + lane.mark + 3, end - x, 3);
            pen.align(Align.CENTER);
            pen.baseline(Baseline.TOP);
            pen.text(hitch.cause().title(), (x + end) / 2, lane.client + lane.mark + 8);
        }
    }

    private void links(Pen pen, Lane lane) {
        for (int client = 0; client < lanes.clientImages(); client++) {
            int host = lanes.hostOf(client);
            double shown = lanes.clientMs(client);
            if (host < 0) {
                continue;
            }
            double handed = lanes.hostMs(host);
            boolean out = Math.max(handed, shown) < fromMs || Math.min(handed, shown) > toMs || Double.isNaN(shown);
            if (out) {
                continue;
            }
            boolean late = lanes.isLate(client);
            pen.stroke(late ? Role.WARM : Role.WATER);
            pen.lineWidth(late ? 1.6 : 1);
            pen.line(
                    lane.x(Math.max(handed, fromMs)),
                    lane.host + lane.mark,
                    lane.x(Math.clamp(shown, fromMs, toMs)),
                    lane.client);
            if (shown >= fromMs && shown <= toMs) {
                Marks.rendered(pen, lane.x(shown), lane.client, lane.mark * 0.55, lane.mark);
            }
        }
        for (int host = lanes.firstHostAt(fromMs); host < lanes.hostImages() && lanes.hostMs(host) <= toMs; host++) {
            double x = lane.x(lanes.hostMs(host));
            if (lanes.came(host)) {
                Marks.rendered(pen, x, lane.host, lane.mark * 0.55, lane.mark);
            } else {
                Marks.held(pen, x, lane.host, lane.mark * 0.7, lane.mark);
            }
        }
    }

    private void axis(Pen pen, Lane lane, double height) {
        pen.fill(Role.MUTED);
        pen.align(Align.CENTER);
        pen.baseline(Baseline.CENTER);
        double step = Ticks.step(toMs - fromMs, 6);
        for (double ms = Math.ceil(fromMs / step) * step; ms <= toMs; ms += step) {
            pen.stroke(Role.LINE);
            pen.line(lane.x(ms), height - scaled(18), lane.x(ms), height - scaled(14));
            if (lane.x(ms) < lane.right - scaled(18)) {
                pen.text(Numbers.text(ms / 1000, step < 100 ? 2 : 1) + " s", lane.x(ms), height - scaled(7));
            }
        }
    }

    private final class Lane {
        private final double left;
        private final double right;
        private final double host;
        private final double client;
        private final double mark;

        Lane(double left, double right, double host, double client, double mark) {
            this.left = left;
            this.right = right;
            this.host = host;
            this.client = client;
            this.mark = mark;
        }

        double x(double ms) {
            return left + (right - left) * (ms - fromMs) / (toMs - fromMs);
        }
    }
}
