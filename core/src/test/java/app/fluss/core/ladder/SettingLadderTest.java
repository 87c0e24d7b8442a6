package app.fluss.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SettingLadderTest {
    private static Analysis delivering(double fps, double capFps) {
        double[] at = new double[400];
        Arrays.setAll(at, i -> i * 1000 / fps);
        FrameLog log = FrameLog.presentedAt(at, at.length)
                .channel(Channel.CONTENT, at.clone())
                .build();
        return Analysis.of(
                log.all(),
                AnalysisSettings.NONE
                        .asNative()
                        .withDisplay(new DisplayMode(240, SyncMode.VRR))
                        .withCap(capFps));
    }

    private static LadderRun run(int multiplier, int size, double fps, Map<String, String> facts) {
        Chain chain = new Chain(List.of(new Stage(
                StageKind.SECOND_GPU,
                Map.of(
                        FactKey.MULTIPLIER, Integer.toString(multiplier),
                        FactKey.MOTION_ESTIMATION_PCT, Integer.toString(size),
                        FactKey.MADE_MS, Double.toString(size / 50.0)))));
        return new LadderRun(
                chain,
                Setup.EMPTY.withNamed(facts, FactSource.TYPED),
                delivering(fps, Double.NaN),
                Figure.of(30 + multiplier));
    }

    private static LadderRun nativeRun() {
        return new LadderRun(Chain.NATIVE, Setup.EMPTY, delivering(70, Double.NaN), Figure.of(30));
    }

    @Test
    void runsThatDifferInOneSettingLineUp() {
        Map<String, String> facts = Map.of("quality", "high");
        List<SettingLadder> ladders = SettingLadder.of(
                List.of(
                        run(3, 85, 200, facts),
                        run(2, 85, 140, facts),
                        run(3, 85, 202, facts),
                        run(4, 85, 210, facts),
                        run(3, 50, 203, facts),
                        run(4, 100, 150, Map.of("quality", "low"))),
                List.of(nativeRun()));
        assertThat(ladders)
                .extracting(SettingLadder::setting)
                .containsExactly(FactKey.MULTIPLIER, FactKey.MOTION_ESTIMATION_PCT);
        SettingLadder first = ladders.getFirst();
        assertThat(first.rungs()).extracting(first::name).containsExactly("native", "2×", "3×", "4×");
        assertThat(first.rungs()).extracting(Rung::runs).containsExactly(1, 1, 2, 1);
        assertThat(first.rungs().get(2).deliveredFps().orNaN()).isCloseTo(201, within(1e-6));
        assertThat(first.rungs().get(1).latencyMs().orNaN()).isEqualTo(32);
        assertThat(first.knee()).isInstanceOfSatisfying(Knee.At.class, knee -> {
            assertThat(knee.rung()).isEqualTo(2);
            // (201 - 70) / 2 before, (210 - 201) / 1 beyond.
            assertThat(knee.words()).contains("+65.50/s").contains("+9.00/s").contains("one run");
        });
        assertThat(ladders.get(1).rungs()).extracting(ladders.get(1)::name).containsExactly("50 %", "85 %");
        assertThat(ladders.get(1).knee())
                .isInstanceOfSatisfying(
                        Knee.None.class, none -> assertThat(none.why()).contains("three values"));
    }

    @Test
    void noCapIsTheTopOfALadderOfCaps() {
        Chain chain = new Chain(List.of(new Stage(StageKind.SECOND_GPU, Map.of(FactKey.MULTIPLIER, "2"))));
        List<LadderRun> runs = List.of(
                new LadderRun(chain, Setup.EMPTY, delivering(140, Double.NaN), Figure.missing("none")),
                new LadderRun(chain, Setup.EMPTY, delivering(120, 60), Figure.missing("none")),
                new LadderRun(chain, Setup.EMPTY, delivering(138, 70), Figure.missing("none")));
        SettingLadder caps = SettingLadder.of(runs, List.of()).getFirst();
        assertThat(caps.setting()).isEqualTo(FactKey.CAP_FPS);
        assertThat(caps.rungs()).extracting(caps::name).containsExactly("60 /s", "70 /s", "no cap");
        assertThat(caps.knee())
                .isInstanceOfSatisfying(
                        Knee.At.class, knee -> assertThat(knee.rung()).isEqualTo(1));
        assertThat(caps.rungs().getFirst().latencyMs()).isEqualTo(Figure.missing("none"));
    }

    @Test
    void straightAndFlatLaddersHaveNoKnee() {
        assertThat(knee(100, 150, 200))
                .isInstanceOfSatisfying(
                        Knee.None.class, none -> assertThat(none.why()).contains("straight"));
        assertThat(knee(100, 101, 102))
                .isInstanceOfSatisfying(
                        Knee.None.class, none -> assertThat(none.why()).contains("hardly"));
        assertThat(knee(200, 198, 120))
                .as("flat, then falling")
                .isInstanceOfSatisfying(
                        Knee.At.class, knee -> assertThat(knee.rung()).isEqualTo(1));
    }

    private static Knee knee(double... delivered) {
        Figure none = Figure.missing("not required");
        List<Rung> rungs = new ArrayList<>();
        for (int i = 0; i < delivered.length; i++) {
            rungs.add(new Rung(i + 1.0, 3, Figure.of(delivered[i]), Optional.empty(), none, none, none, none));
        }
        return Knee.of(rungs);
    }
}
