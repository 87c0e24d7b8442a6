package app.fluss.core.latency.chain;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// What was measured less what the stages add up to, and what would explain it. The rules are common
/// practice, no source.
///
/// @param differenceMs measured mean less estimated mean, ms
/// @param causes likely ones in words, likeliest first; empty where the difference is within what the
///     figures can tell
public record Unexplained(double differenceMs, List<String> causes) {
    private static final double LEAST_MS = 1;
    private static final double NEAR = 0.25;
    private static final double PICTURE_MODE_MS = 60;

    /// Compares.
    ///
    /// @param measuredMs mean of the measured samples, ms
    /// @param uncertaintyMs expanded uncertainty of that mean, ms
    /// @param frameMs mean frame time of the rendered images, ms
    /// @param refreshMs length of a refresh, ms
    public static Unexplained of(
            double measuredMs, double uncertaintyMs, ChainEstimate estimate, double frameMs, double refreshMs) {
        double difference = measuredMs - estimate.total().mean().orNaN();
        List<String> causes = new ArrayList<>();
        if (Math.abs(difference) <= Math.max(LEAST_MS, uncertaintyMs)) {
            return new Unexplained(difference, List.of());
        }
        if (difference > 0) {
            more(difference, estimate, frameMs, refreshMs, causes);
        } else {
            less(-difference, frameMs, refreshMs, causes);
        }
        return new Unexplained(difference, List.copyOf(causes));
    }

    private static void more(double ms, ChainEstimate estimate, double frameMs, double refreshMs, List<String> causes) {
        if (!estimate.isWhole()) {
            causes.add("Stages of which nothing is stated: " + String.join(", ", estimate.missing()) + ".");
        }
        if (ms >= PICTURE_MODE_MS) {
            causes.add(
                    "The display's picture mode: outside game mode well over 100 ms is usual. Look at the mode in use.");
        }
        if (near(ms, frameMs)) {
            causes.add(said(
                    "One more frame in flight than stated (%.1f ms): the driver keeps a queue of its own.", frameMs));
        }
        if (near(ms, refreshMs)) {
            causes.add(said(
                    "One more refresh (%.1f ms): the desktop composes the window, or sync is on where it is stated off.",
                    refreshMs));
        }
        if (causes.isEmpty()) {
            causes.add("An input device that is slower than stated, or a stage that the path does not name.");
        }
    }

    private static void less(double ms, double frameMs, double refreshMs, List<String> causes) {
        if (near(ms, frameMs)) {
            causes.add(said(
                    "One frame in flight fewer than stated (%.1f ms): a cap or a low-latency setting keeps the queue short.",
                    frameMs));
        }
        if (near(ms, refreshMs)) {
            causes.add(said("One refresh less (%.1f ms): images do not wait for the display as stated.", refreshMs));
        }
        causes.add("A lower threshold than the estimate's, or light from another place of the screen.");
    }

    private static boolean near(double ms, double step) {
        return Math.abs(ms - step) <= NEAR * step;
    }

    private static String said(String words, double ms) {
        return String.format(Locale.ROOT, words, ms);
    }
}
