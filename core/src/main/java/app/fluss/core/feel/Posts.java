package app.fluss.core.feel;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/// A scene that scrolls sideways: upright posts of different widths and greys, some way apart. Between
/// the darkest and the brightest lies less than a tenth of relative luminance, so that however it scrolls
/// nothing in it is a flash by [FlashLimits].
final class Posts {
    /// How fast it scrolls, field widths a second.
    static final double SPEED = 0.25;

    private static final double GROUND = 0.012;
    private static final double DARKEST = 0.03;
    private static final double BRIGHTEST = 0.105;
    private static final int COUNT = 18;

    /// After how many field widths it repeats.
    private static final double PERIOD = 1.5;

    private final double[] lefts = new double[COUNT];
    private final double[] widths = new double[COUNT];
    private final double[] luminances = new double[COUNT];

    Posts(RandomGenerator random) {
        double slot = PERIOD / COUNT;
        for (int i = 0; i < COUNT; i++) {
            widths[i] = slot * random.nextDouble(0.15, 0.5);
            lefts[i] = i * slot + random.nextDouble(0, slot - widths[i]);
            luminances[i] = random.nextDouble(DARKEST, BRIGHTEST);
        }
    }

    /// The scene after it scrolled for a time.
    ///
    /// @param seconds of scrolling
    /// @param width of the field, px
    FeelPicture after(double seconds, double width) {
        List<FeelPicture.Mark> bars = new ArrayList<>();
        double scrolled = seconds * SPEED;
        for (int i = 0; i < COUNT; i++) {
            double left = lefts[i] - scrolled;
            left -= Math.floor(left / PERIOD) * PERIOD;
            // One that comes in at the left edge began a period earlier.
            for (double from : new double[] {left, left - PERIOD}) {
                if (from < 1 && from + widths[i] > 0) {
                    bars.add(new FeelPicture.Bar(from * width, widths[i] * width, luminances[i]));
                }
            }
        }
        return new FeelPicture(GROUND, bars);
    }
}
