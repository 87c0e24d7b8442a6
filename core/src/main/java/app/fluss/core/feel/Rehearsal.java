package app.fluss.core.feel;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/// A task played through before a person sees it, at the rate and in the size in which it will be shown,
/// with a pointer that is swept over the field: what of it would flash.
public final class Rehearsal {
    private static final double SECONDS = 5;
    private static final double GRID_PX = 20;
    private static final double NANOS = 1e9;

    private Rehearsal() {}

    /// Plays a task for some seconds.
    ///
    /// @param pulses of the window
    /// @param width of the field, px, above 0
    /// @param height of the field, px, above 0
    public static FlashLimits of(FeelTask task, Pulses pulses, RandomGenerator random, double width, double height) {
        int count = (int) (SECONDS * pulses.hz());
        List<FeelPicture> pictures = task == FeelTask.AIM
                ? aiming(count, pulses, random, width, height)
                : choosing(count, task, pulses, random, width, height);
        return FlashLimits.of(pictures::get, pictures.size(), pulses.hz(), width, height, GRID_PX);
    }

    private static double sweptX(int pulse, double hz, double width) {
        return width * (0.5 + 0.45 * Math.sin(4 * pulse / hz));
    }

    private static double sweptY(int pulse, double hz, double height) {
        return height * (0.5 + 0.45 * Math.cos(5 * pulse / hz));
    }

    private static List<FeelPicture> choosing(
            int count, FeelTask task, Pulses pulses, RandomGenerator random, double width, double height) {
        TwoIntervals trials = new TwoIntervals(task, pulses, random);
        List<FeelPicture> pictures = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            long now = Math.round(i * NANOS / pulses.hz());
            trials.pointed(now, sweptX(i, pulses.hz(), width), sweptY(i, pulses.hz(), height));
            trials.pulse(now);
            pictures.add(trials.picture(width, height));
            if (trials.phase() == Phase.QUESTION) {
                trials.answer(true);
            }
        }
        return pictures;
    }

    private static List<FeelPicture> aiming(
            int count, Pulses pulses, RandomGenerator random, double width, double height) {
        Aim aim = new Aim(pulses, random);
        List<FeelPicture> pictures = new ArrayList<>(count);
        int betweenClicks = (int) Math.max(1, pulses.hz() / 3);
        for (int i = 0; i < count; i++) {
            long now = Math.round(i * NANOS / pulses.hz());
            double x = sweptX(i, pulses.hz(), width);
            double y = sweptY(i, pulses.hz(), height);
            aim.pulse(now);
            aim.pointed(now, x, y);
            if (i % betweenClicks == 0) {
                aim.clicked(now, x, y, width, height);
            }
            pictures.add(aim.picture(width, height));
        }
        return pictures;
    }
}
