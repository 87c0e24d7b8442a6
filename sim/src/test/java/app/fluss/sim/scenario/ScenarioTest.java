package app.fluss.sim.scenario;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.gpu.Slot;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ScenarioTest {
    private static final Game GAME = Game.of(Work.steady(4), Work.steady(9));
    private static final Display TELEVISION = Display.of(new DisplayMode(60, SyncMode.FIFO));

    @Test
    void settingsOutsideTheirRangeSayWhichAndWhat() {
        assertThatThrownBy(() -> new Work(0, 0.1, 0.9, 0, 0)).isInstanceOfSatisfying(SettingException.class, fault -> {
            assertThat(fault.setting()).isEqualTo("median_ms");
            assertThat(fault.range()).isEqualTo("above 0 and at most 1000");
            assertThat(fault.got()).isEqualTo("0");
        });
        assertThatThrownBy(() -> new Work(4, Double.NaN, 0.9, 0, 0)).hasMessage("sigma must be 0 to 1, got NaN");
        assertThatThrownBy(() -> GAME.withCap(-1)).hasMessageContaining("cap_fps");
        assertThatThrownBy(() -> GAME.withRenderScale(9)).hasMessageContaining("render_scale must be 0.1 to 4");
        assertThatThrownBy(() -> Generator.interpolating(21, 1)).hasMessageContaining("multiplier");
        assertThatThrownBy(() -> Scenario.of(1, 0, GAME, TELEVISION)).hasMessageContaining("duration_s");
    }

    @Test
    void partsThatExcludeEachOtherAreRefused() {
        Scenario headset = Scenario.of(1, 10, GAME, TELEVISION).with(new Headset(90, 1, false));
        assertThatThrownBy(() -> headset.with(Generator.interpolating(2, 1)))
                .hasMessageContaining("headset must stand");
        assertThatThrownBy(() -> new Generator(
                                Generator.Mode.EXTRAPOLATE,
                                2,
                                1,
                                0,
                                1,
                                Generator.Behaviour.HONEST,
                                Double.NaN,
                                Optional.empty())
                        .on(SecondGpu.in(new Slot(4, 4))))
                .hasMessageContaining("second_gpu must be left out");
    }

    /// Cost of a generated image: fixed, and by its pixels and the square of the motion-estimation size.
    @Test
    void generatedPixelsCostBySize() {
        Generator full = new Generator(
                Generator.Mode.INTERPOLATE, 2, 0.5, 0.4, 1, Generator.Behaviour.HONEST, Double.NaN, Optional.empty());
        Generator half = new Generator(
                Generator.Mode.INTERPOLATE, 2, 0.5, 0.4, 0.5, Generator.Behaviour.HONEST, Double.NaN, Optional.empty());
        assertThat(full.costMs(8.2944)).isCloseTo(0.5 + 0.4 * 8.2944, within(1e-12));
        assertThat(half.costMs(8.2944)).isCloseTo(0.5 + 0.1 * 8.2944, within(1e-12));
    }

    @Test
    void smoothingActsOnFixedSixtyOnly() {
        Smoothing smoothing = new Smoothing(120, 22);
        assertThat(TELEVISION.with(smoothing).smooths()).isTrue();
        assertThat(TELEVISION.smooths()).isFalse();
        assertThat(Display.of(new DisplayMode(60, SyncMode.VRR)).with(smoothing).smooths())
                .isFalse();
        assertThat(Display.of(new DisplayMode(120, SyncMode.FIFO))
                        .with(smoothing)
                        .smooths())
                .isFalse();
    }

    @Test
    void nativeIsWithoutEverythingInBetween() {
        Scenario smoothed = Scenario.of(1, 10, GAME, TELEVISION.with(new Smoothing(120, 22)))
                .with(Generator.interpolating(2, 1))
                .with(Counter.BLIND);
        assertThat(smoothed.isNative()).isFalse();
        assertThat(smoothed.asNative().isNative()).isTrue();
        assertThat(smoothed.asNative().counter()).isEqualTo(Counter.HONEST);
        assertThat(smoothed.asNative().game()).isEqualTo(GAME);
    }

    @Test
    void heatAndMemoryFollowTheirFormulas() {
        Power power = new Power(0.6, 20, 200, 2000, 40, 80);
        assertThat(power.clockShare(-1)).isEqualTo(1);
        assertThat(power.clockShare(20)).isCloseTo(0.6 + 0.4 * Math.exp(-1), within(1e-12));
        Memory memory = new Memory(8000, 6000, 9000, 100, 30);
        assertThat(memory.usedMb(0.5)).isEqualTo(7500);
        assertThat(memory.usedMb(1)).as("the card has no more").isEqualTo(8000);
        assertThat(memory.hitchChance(0.5)).isZero();
        assertThat(memory.hitchChance(0.6))
                .as("7800 of 8000 MB: half of the last 5 %")
                .isCloseTo(0.05, within(1e-9));
        assertThat(memory.hitchChance(1)).isCloseTo(0.1, within(1e-12));
    }

    @Test
    void scanOutReachesAHeightAfterItsLines() {
        assertThat(TELEVISION.scanMs(0, 60)).isZero();
        assertThat(TELEVISION.scanMs(1, 60)).isCloseTo(0.96 * 1000 / 60, within(1e-12));
    }

    /// What would not fit into memory is refused before it is tried.
    @Test
    void aRunOfTooManyImagesOrPacketsIsRefused() {
        Game quick = Game.of(Work.steady(0.001), Work.steady(0.001));
        assertThatThrownBy(() -> Scenario.of(1, 60, quick, TELEVISION))
                .hasMessageContaining("at most 5000000 images; these settings give about 60000000");
        assertThat(Scenario.of(1, 60, quick.withCap(500), TELEVISION).seconds()).isEqualTo(60);
        Stream wide =
                new Stream(60, 9000, 2, 4, Work.steady(1), new Link(10_000, 1, 0, 1, 0, 0, 0, 0), Work.steady(1), 0, 0);
        assertThatThrownBy(() -> Scenario.of(1, 60, GAME, TELEVISION).with(wide))
                .hasMessageContaining("packets");
        Clicks clicks = new Clicks(500, 1, 1, 0, 4000, 0.01, 0.5);
        assertThatThrownBy(() -> Scenario.of(1, 601, GAME, TELEVISION).with(clicks))
                .hasMessageContaining("at most 600");
    }
}
