package app.fluss.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class ProgressTest {
    @Test
    void aPartReportsItsShareOfTheWhole() {
        List<Double> told = new ArrayList<>();
        Progress whole = share -> told.add(share);
        Progress second = whole.part(0.5, 1);
        second.check(0);
        second.check(0.5);
        second.part(0.5, 1).check(1);
        assertThat(told).containsExactly(0.5, 0.75, 1.0);
    }

    @Test
    void stoppingReachesEveryPart() {
        Progress stopped = share -> share < 0.6;
        stopped.part(0, 0.5).check(1);
        assertThatThrownBy(() -> stopped.part(0.5, 1).check(0.5)).isInstanceOf(StoppedException.class);
        Progress.NONE.check(1);
    }
}
