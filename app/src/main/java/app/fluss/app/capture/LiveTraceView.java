package app.fluss.app.capture;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Theme;
import app.fluss.core.latency.edge.Signal;
import app.fluss.devices.sensor.LiveTrace;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import java.util.Optional;

/// The last seconds of a sensor: the light as a line, presses of the button as bars from below.
final class LiveTraceView extends CanvasView {
    private Optional<LiveTrace.Seen> seen = Optional.empty();

    LiveTraceView(Theme theme) {
        super(theme, SensorText.LIVE_TRACE);
        setId("live-trace");
    }

    void show(Optional<LiveTrace.Seen> newest) {
        seen = newest.filter(trace -> trace.size() > 1);
        redraw();
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        if (seen.isEmpty()) {
            return;
        }
        Signal light = seen.get().light();
        Signal input = seen.get().input();
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        double press = 0;
        for (int i = 0; i < light.size(); i++) {
            low = Math.min(low, light.at(i));
            high = Math.max(high, light.at(i));
            press = Math.max(press, input.at(i));
        }
        double reach = Math.max(1e-9, high - low);
        int step = Math.max(1, light.size() / (int) Math.max(1, 2 * width));
        pen.stroke(Role.WARM);
        pen.lineWidth(2);
        for (int i = 1; i < input.size(); i++) {
            if (input.at(i) > press / 2 && input.at(i - 1) <= press / 2) {
                double x = (double) i / light.size() * width;
                pen.line(x, height, x, height * 0.72);
            }
        }
        pen.stroke(Role.WATER);
        pen.lineWidth(1.2);
        int points = (light.size() + step - 1) / step;
        double[] xs = new double[points];
        double[] ys = new double[points];
        for (int i = 0; i < points; i++) {
            xs[i] = (double) i * step / light.size() * width;
            ys[i] = 6 + (1 - (light.at(i * step) - low) / reach) * (height - 12);
        }
        pen.polyline(xs, ys);
    }
}
