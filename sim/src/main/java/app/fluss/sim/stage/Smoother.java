package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;
import app.fluss.sim.scenario.Smoothing;
import java.util.Arrays;

/// Motion smoothing in a display: at each refresh of the panel the picture that was due `lag` ago, between the
/// two pictures around that time.
public final class Smoother {
    private static final double SAME = 1e-9;

    private final Images panel = new Images();
    private final double[] light;

    /// @param levels light of the pictures at the input, 0 to 1
    public Smoother(Images input, double[] levels, Smoothing smoothing, double runMs) {
        int[] distinct = distinct(input);
        double period = 1000 / smoothing.panelHz();
        light = new double[(int) (runMs / period) + 2];
        int at = 0;
        for (long refresh = 0; refresh * period < runMs && distinct.length > 0; refresh++) {
            double now = refresh * period;
            double due = now - smoothing.lagMs();
            if (due < input.displayed[distinct[0]]) {
                continue;
            }
            while (at + 1 < distinct.length && input.displayed[distinct[at + 1]] <= due + SAME) {
                at++;
            }
            int there = at + 1 < distinct.length ? distinct[at + 1] : distinct[at];
            show(input, levels, distinct[at], there, now, due);
        }
    }

    private void show(Images input, double[] levels, int here, int there, double now, double due) {
        double length = input.displayed[there] - input.displayed[here];
        // What has not come in yet cannot be drawn towards.
        boolean known = there != here && input.displayed[there] <= now;
        double share = known ? (due - input.displayed[here]) / length : 0;
        double content = input.content[here] + share * (input.content[there] - input.content[here]);
        light[panel.size] = levels[here] + share * (levels[there] - levels[here]);
        boolean whole = share <= SAME;
        panel.add(
                whole ? FrameKind.RENDERED : FrameKind.GENERATED,
                now,
                content,
                input.frame[here],
                input.frame[there],
                whole ? 1 : share);
        panel.displayed[panel.size - 1] = now;
    }

    /// The pictures on the panel, one a refresh.
    public Images images() {
        return panel;
    }

    /// Their light, 0 to 1; at least as long as there are pictures.
    public double[] levels() {
        return light;
    }

    /// The pictures at the input that differ from the one before, in order.
    private static int[] distinct(Images input) {
        int[] distinct = new int[input.size];
        int n = 0;
        double content = Double.NaN;
        for (int i = 0; i < input.size; i++) {
            if (!Double.isNaN(input.displayed[i]) && input.content[i] != content) {
                content = input.content[i];
                distinct[n++] = i;
            }
        }
        return Arrays.copyOf(distinct, n);
    }
}
