package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;

/// Logs written out by hand: 100 images/s, every second one generated.
class PhantomsTest {
    private static final int N = 1000;
    private static final AnalysisSettings TWICE = AnalysisSettings.NONE.withMultiplier(2);

    private static Phantoms phantoms(IntToDoubleFunction content, boolean kinds, AnalysisSettings settings) {
        double[] at = new double[N];
        double[] depicted = new double[N];
        byte[] kind = new byte[N];
        for (int i = 0; i < N; i++) {
            at[i] = i * 10.0;
            depicted[i] = content.applyAsDouble(i);
            kind[i] = (i % 2 == 0 ? FrameKind.RENDERED : FrameKind.GENERATED).code();
        }
        FrameLog.Builder log = FrameLog.presentedAt(at, N).channel(Channel.CONTENT, depicted);
        return Phantoms.of(Analysis.of((kinds ? log.kinds(kind) : log).build().all(), settings));
    }

    @Test
    void copiesOfTheImageBeforeAndOfTheOneAfterAreFound() {
        assertThat(phantoms(i -> i / 2 * 20.0, true, TWICE).share().orNaN())
                .as("before")
                .isEqualTo(1);
        assertThat(phantoms(i -> (i + 1) / 2 * 20.0, true, TWICE).share().orNaN())
                .as("after")
                .isCloseTo(1, within(0.01));
        assertThat(phantoms(i -> i * 10.0, true, TWICE).share().orNaN())
                .as("neither")
                .isZero();
    }

    @Test
    void withoutKindsTheyAreFoundAmongAllImages() {
        Phantoms all = phantoms(i -> i / 2 * 20.0, false, TWICE);
        assertThat(all.ofGenerated()).isFalse();
        assertThat(all.share().orNaN()).isEqualTo(0.5);
        assertThat(phantoms(i -> i / 2 * 20.0, false, AnalysisSettings.NONE.asNative())
                        .share()
                        .isKnown())
                .as("a game that draws faster than it moves")
                .isFalse();
    }

    @Test
    void aPauseMenuIsNoPhantom() {
        assertThat(phantoms(i -> i < 400 || i > 700 ? i * 10.0 : 4000, true, TWICE)
                        .share()
                        .orNaN())
                .isZero();
    }
}
