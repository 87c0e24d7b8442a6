package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Twenty seconds at a base of 60 or 80, of which those at 80 lack generated images or do not.
class BaseCreepTest {
    private static Optional<Finding> finding(int fastSeconds, boolean missing, boolean missingElse, double capFps) {
        double[] present = new double[20 * 80 * 2];
        byte[] kinds = new byte[present.length];
        int n = 0;
        double now = 0;
        for (int second = 0; second < 20; second++) {
            boolean fast = second >= 20 - fastSeconds;
            int frames = fast ? 80 : 60;
            for (int frame = 0; frame < frames; frame++) {
                now += 500.0 / frames;
                boolean skipped = frame % 4 == 0 && (fast ? missing : missingElse);
                if (!skipped) {
                    kinds[n] = FrameKind.GENERATED.code();
                    present[n++] = now;
                }
                now += 500.0 / frames;
                kinds[n] = FrameKind.RENDERED.code();
                present[n++] = now;
            }
        }
        Analysis run = Analysis.of(
                FrameLog.presentedAt(present, n)
                        .kinds(Arrays.copyOf(kinds, n))
                        .build()
                        .all(),
                AnalysisSettings.NONE.withMultiplier(2).withCap(capFps));
        return BaseCreep.of(run);
    }

    @Test
    void aBaseThatCreepsUpAndLosesImagesIsFound() {
        assertThat(finding(5, true, false, Double.NaN)).hasValueSatisfying(found -> {
            assertThat(found.code()).isEqualTo("base-creep");
            assertThat(found.seen()).contains("above 60.0").contains("up to 80");
            assertThat(found.remedy()).contains("Cap the game at");
        });
        assertThat(finding(15, true, false, 60))
                .as("most of the time above its cap")
                .isPresent();
    }

    @Test
    void anythingElseIsNot() {
        assertThat(finding(5, false, false, Double.NaN)).as("the card follows").isEmpty();
        assertThat(finding(5, true, true, Double.NaN))
                .as("images are always missing")
                .isEmpty();
        assertThat(finding(1, true, false, Double.NaN)).as("once is not often").isEmpty();
        assertThat(finding(0, true, false, Double.NaN)).as("a steady base").isEmpty();
    }
}
