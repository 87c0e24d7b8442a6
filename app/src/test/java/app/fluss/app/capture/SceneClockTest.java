package app.fluss.app.capture;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SceneClockTest {
    private long nanos = 7_000_000_000L;

    @Test
    void onlyTheClockThatNeverJumpsCounts() {
        SceneClock clock = new SceneClock(100_000, 100_000, () -> nanos);
        nanos += 2_500_000_000L;
        assertThat(clock.elapsedMs()).isEqualTo(2500);
        assertThat(clock.elapsedS()).isEqualTo(2);
    }

    @Test
    void theWallClockBridgesARestartOfTheProgram() {
        SceneClock clock = new SceneClock(100_000, 109_000, () -> nanos);
        nanos += 1_000_000_000L;
        assertThat(clock.elapsedMs()).isEqualTo(10_000);
        assertThat(clock.isOf(100_000)).isTrue();
        assertThat(clock.isOf(100_001)).isFalse();
    }

    /// The wall clock was set back while the program was down.
    @Test
    void noTimeIsBeforeTheScene() {
        assertThat(new SceneClock(100_000, 40_000, () -> nanos).elapsedMs()).isZero();
    }
}
