package app.fluss.sim;

import app.fluss.core.frame.FrameKind;
import java.util.Arrays;
import java.util.List;

/// The simulated overlay: one number a second.
final class Overlay {
    private static final double SECOND_MS = 1000;

    private Overlay() {}

    static List<Double> readings(Images images, Scenario scenario) {
        int seconds = (int) scenario.seconds();
        double[] readings = new double[seconds];
        for (int i = 0; i < images.size; i++) {
            int second = (int) (images.present[i] / SECOND_MS);
            if (second < seconds && (scenario.counter() == Counter.PRESENTED || isRendered(images, i))) {
                readings[second]++;
            }
        }
        if (scenario.counter() == Counter.NOMINAL
                && scenario.generation() instanceof Generation.Interpolation interpolation) {
            for (int s = 0; s < seconds; s++) {
                readings[s] *= interpolation.multiplier();
            }
        }
        return Arrays.stream(readings).boxed().toList();
    }

    private static boolean isRendered(Images images, int i) {
        return images.kinds[i] == FrameKind.RENDERED.code();
    }
}
