package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.PlannedStep.Role;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PlannedTest {
    private static SheetRow row(long id, Role role, boolean restarts, SheetRow.State state) {
        return new SheetRow(id, role, 1, 1, 0, 60, List.of(), restarts, false, state);
    }

    @Test
    void aWarmUpHoldsUntilTheGameIsStartedAgain() {
        SheetRow warmUp = row(1, Role.WARM_UP, true, SheetRow.State.DONE);
        SheetRow first = row(2, Role.RUN, false, SheetRow.State.DONE);
        SheetRow second = row(3, Role.RUN, false, SheetRow.State.OPEN);
        SheetRow restarted = row(4, Role.RUN, true, SheetRow.State.OPEN);
        SheetRow skipped = row(5, Role.WARM_UP, true, SheetRow.State.SKIPPED);
        SheetRow cold = row(6, Role.RUN, false, SheetRow.State.OPEN);
        Planned planned =
                new Planned(PlanSettings.DEFAULT, Map.of(), List.of(warmUp, first, second, restarted, skipped, cold));
        assertThat(planned.isWarmedUp(warmUp)).isFalse();
        assertThat(planned.isWarmedUp(first)).isTrue();
        assertThat(planned.isWarmedUp(second)).isTrue();
        assertThat(planned.isWarmedUp(restarted)).isFalse();
        assertThat(planned.isWarmedUp(cold)).as("the warm-up was skipped").isFalse();
    }

    /// Loggers are started and stopped by hand: a tenth less than the scene is no crash.
    @Test
    void aLogThatCoversLittleOfTheSceneMayHaveBrokenOff() {
        SheetRow minute = row(1, Role.RUN, false, SheetRow.State.OPEN);
        assertThat(minute.isBrokenOff(23_000)).isTrue();
        assertThat(minute.isBrokenOff(54_500)).isFalse();
        assertThat(minute.isBrokenOff(71_000)).isFalse();
    }
}
