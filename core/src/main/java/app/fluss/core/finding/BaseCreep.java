package app.fluss.core.finding;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.Optional;

/// A base that rises now and then beyond what the generator can follow: in those seconds images are missing,
/// in the others they are not.
final class BaseCreep {
    private static final double SECOND_MS = 1000;

    private final double[] base;
    private final double[] multiplier;
    private int seconds;

    private BaseCreep(FrameSlice slice) {
        Values present = slice.log().present();
        int most = slice.size() == 0
                ? 0
                : (int) Math.max(0, (present.at(slice.to() - 1) - present.at(slice.from())) / SECOND_MS) + 1;
        base = new double[Math.min(most, slice.size())];
        multiplier = new double[base.length];
        count(slice, present);
    }

    private void count(FrameSlice slice, Values present) {
        int first = slice.from();
        int rendered = 0;
        for (int i = slice.from(); i < slice.to() && seconds < base.length; i++) {
            rendered += slice.log().kind(i) == FrameKind.RENDERED ? 1 : 0;
            double ms = present.at(i) - present.at(first);
            if (ms >= SECOND_MS || slice.log().startsSegment(i)) {
                if (ms >= SECOND_MS && rendered > 0) {
                    base[seconds] = rendered * 1000 / ms;
                    multiplier[seconds++] = (double) (i - first) / rendered;
                }
                first = i;
                rendered = 0;
            }
        }
    }

    /// The finding of a run, if it is made.
    static Optional<Finding> of(Analysis run) {
        double nominal = run.settings().multiplier();
        if (!(nominal > 1) || !run.slice().log().kindsStated()) {
            return Optional.empty();
        }
        return new BaseCreep(run.slice()).finding(nominal, run.settings().capFps());
    }

    private Optional<Finding> finding(double nominal, double capFps) {
        if (seconds < Thresholds.CREEP_SECONDS) {
            return Optional.empty();
        }
        double region =
                Double.isNaN(capFps) ? Ordered.of(Arrays.copyOf(base, seconds)).median() : capFps;
        int[] all = new int[2];
        int[] shortOf = new int[2];
        double highest = 0;
        for (int s = 0; s < seconds; s++) {
            int above = base[s] > region * Thresholds.CREEP_ABOVE ? 1 : 0;
            all[above]++;
            shortOf[above] += multiplier[s] < Thresholds.MULTIPLIER_SHORT * nominal ? 1 : 0;
            highest = Math.max(highest, base[s]);
        }
        boolean often = all[1] >= Thresholds.CREEP_OFTEN * seconds;
        boolean cannotFollow = shortOf[1] > Thresholds.MOST_FRAMES * all[1];
        boolean followsElse = shortOf[0] < Thresholds.CREEP_SELDOM * all[0];
        if (!often || !cannotFollow || !followsElse) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                FindingCode.BASE_CREEP,
                "In %d of %d seconds the base rises above %s, up to %s/s, and in %d of these generated images are missing; else in %d of %d."
                        .formatted(
                                all[1],
                                seconds,
                                RunFindings.rate(region),
                                RunFindings.rate(highest),
                                shortOf[1],
                                shortOf[0],
                                all[0]),
                "The card that generates cannot follow a base that creeps up, and motion becomes uneven.",
                "Cap the game at %s or a little below.".formatted(RunFindings.number(Math.floor(region), 0))));
    }
}
