package app.fluss.files.simulated;

import static app.fluss.files.simulated.Analysed.analyse;
import static app.fluss.files.simulated.Analysed.settings;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.display.SmoothedMotion;
import app.fluss.core.display.SmoothingAdvice;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.generation.PicturesSeen;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.picture.DistinctPictures;
import app.fluss.core.picture.Look;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.signal.Clip;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What a log, its game times, a clip and the panel say of one run, against each other.
class LogsAndPicturesTest {
    private static SimulatedRun run(String name) {
        return Simulation.run(ReadyScenario.named(name));
    }

    /// What kinds and game times say of generated images agrees, whichever way they are made.
    @ParameterizedTest
    @CsvSource({
        "engine-generation, 0.5",
        "driver-generation, 0.5",
        "second-gpu, 0.6667",
        "phantom-images, 0.5",
        "native, 0"
    })
    void kindsAndGameTimesTellTheSameShare(String scenario, double share) {
        WaysToKnow ways = WaysToKnow.of(analyse(run(scenario)), Optional.empty());
        assertThat(ways.byKind().orNaN()).isCloseTo(share, within(0.02));
        assertThat(ways.byGameTime().orNaN()).isCloseTo(share, within(0.04));
        assertThat(ways.kindsAgree()).isTrue();
        assertThat(ways.repeatedByGameTime().orNaN() > 0.3).isEqualTo(scenario.equals("phantom-images"));
        assertThat(ways.distinctByPictures().isKnown()).isFalse();
    }

    /// A cap, or a display that is waited for, makes the game's own steps as even as made ones.
    @ParameterizedTest
    @ValueSource(strings = {"capture-generation", "not-engaged", "locked-30"})
    void evenGamesDoNotTell(String scenario) {
        WaysToKnow ways = WaysToKnow.of(analyse(run(scenario)), Optional.empty());
        assertThat(ways.byGameTime()).isInstanceOf(Figure.Missing.class);
        assertThat(ways.kindsAgree()).isTrue();
    }

    /// The panel of an honest run and of one with phantoms, filmed and counted: the log says the same of both.
    @ParameterizedTest
    @CsvSource({
        "engine-generation, 1",
        "engine-generation, 2",
        "engine-generation, 3",
        "engine-generation, -47370190738",
        "phantom-images, 1",
        "native, 1"
    })
    void clipsOfThePanelAgreeWithTheLog(String scenario, long seed) {
        SimulatedRun run = Simulation.run(ReadyScenario.named(scenario).withSeed(seed));
        Clip clip = run.clip().get();
        DistinctPictures distinct = new DistinctPictures(Clip.WIDTH, Clip.HEIGHT, clip.frames(), Look.EVERYWHERE);
        for (int i = 0; i < clip.frames(); i++) {
            distinct.add(clip.luma(i), Double.NaN);
        }
        // One repeat among hundreds of pictures is no group of its own.
        assertThat((double) distinct.count().distinct()).isCloseTo(clip.distinct(), withinPercentage(0.5));
        double seen = distinct.count().deliveredFps(clip.fps());
        double filmedMs = clip.frames() * 1000.0 / clip.fps();
        Analysis filmed = Analysis.of(run.log().between(0, filmedMs), settings(run));
        WaysToKnow ways = WaysToKnow.of(filmed, Optional.of(new PicturesSeen(clip.fps(), seen)));
        assertThat(ways.picturesAgree())
                .as("%s: %s by the log, %s in the clip", scenario, ways.distinctByLog(), seen)
                .isTrue();
    }

    @Test
    void aWrongKindColumnShows() {
        SimulatedRun run = run("engine-generation");
        byte[] kinds = new byte[run.log().size()];
        Arrays.fill(kinds, FrameKind.RENDERED.code());
        FrameLog lies = FrameLog.presentedAt(
                        times(run.log(), Channel.PRESENT), run.log().size())
                .channel(Channel.CONTENT, times(run.log(), Channel.CONTENT))
                .kinds(kinds)
                .build();
        Analysis analysis = Analysis.of(lies.all(), settings(run));
        WaysToKnow ways = WaysToKnow.of(analysis, Optional.of(new PicturesSeen(240, 61)));
        assertThat(ways.kindsAgree()).isFalse();
        assertThat(ways.picturesAgree()).isFalse();
    }

    private static double[] times(FrameLog log, Channel channel) {
        Values values = log.channel(channel).orElseThrow();
        double[] all = new double[log.size()];
        Arrays.setAll(all, values::at);
        return all;
    }

    /// What a display at its best would draw, worked out from the log at its input, against the panel that was
    /// simulated.
    @Test
    void smoothedMotionIsWhatThePanelShows() {
        SimulatedRun run = run("display-smoothing-game");
        Analysis analysis = analyse(run);
        SmoothedMotion smoothed =
                SmoothedMotion.of(run.log().all(), analysis.ledger().orElseThrow(), 120);
        double truth = run.truth().panel().orElseThrow().deliveredFps();
        assertThat(smoothed.newPerSecond().orNaN()).isCloseTo(truth, withinPercentage(2));
        assertThat(smoothed.motionErrorMs().orNaN())
                .isLessThanOrEqualTo(analysis.motion().meanAbs().orNaN() + 0.5);
        assertThat(SmoothingAdvice.of(analysis.ledger().orElseThrow())
                        .sourceFps()
                        .orNaN())
                .isCloseTo(60, within(0.5));
    }

    @Test
    void adviceOnSmoothingFollowsTheScenario() {
        assertThat(SmoothingAdvice.of(analyse(run("vrr-left-on")).ledger().orElseThrow())
                        .acts())
                .isFalse();
        SmoothingAdvice uneven =
                SmoothingAdvice.of(analyse(run("uneven-cadence")).ledger().orElseThrow());
        assertThat(uneven.lowRate().isKnown()).isFalse();
        assertThat(uneven.words()).contains("Cap the game");
        SmoothingAdvice thirty =
                SmoothingAdvice.of(analyse(run("locked-30")).ledger().orElseThrow());
        assertThat(thirty.fullRate().orNaN()).isZero();
    }
}
