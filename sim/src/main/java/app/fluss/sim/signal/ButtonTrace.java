package app.fluss.sim.signal;

import app.fluss.sim.scenario.Press;
import app.fluss.sim.truth.Click;
import java.util.List;

/// The button of clicks over time: 0 or 1, bounces included.
final class ButtonTrace {
    private static final double BOUNCE_STEP_MS = 0.4;

    private ButtonTrace() {}

    /// Samples of the button.
    ///
    /// @param ms when each sample was taken, ms, growing
    static float[] of(List<Click> clicks, Press press, double[] ms) {
        boolean[] down = new boolean[ms.length];
        int from = 0;
        for (Click click : clicks) {
            double pressed = click.clickMs();
            double released = pressed + press.heldMs();
            while (from < ms.length && ms[from] < pressed) {
                from++;
            }
            for (int i = from; i < ms.length && ms[i] < released + press.bounceMs(); i++) {
                boolean held = ms[i] < released;
                down[i] |= held != bounces(ms[i] - (held ? pressed : released), press.bounceMs());
            }
        }
        float[] button = new float[ms.length];
        for (int i = 0; i < button.length; i++) {
            button[i] = down[i] == (press.form() == Press.Form.HIGH) ? 1 : 0;
        }
        return button;
    }

    /// Whether the contact is for a moment not where it is going.
    private static boolean bounces(double sinceMs, double bounceMs) {
        return sinceMs < bounceMs && (long) (sinceMs / BOUNCE_STEP_MS) % 2 == 1;
    }
}
