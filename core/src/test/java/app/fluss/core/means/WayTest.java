package app.fluss.core.means;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class WayTest {
    @Test
    void moreMeansNeverGiveAWorseAnswer() {
        for (Question question : Question.values()) {
            Set<Means> there = EnumSet.noneOf(Means.class);
            Optional<Grade> before = Optional.empty();
            assertThat(Way.best(question, there)).isEmpty();
            for (Means more : Means.values()) {
                there.add(more);
                Optional<Grade> now = Way.best(question, there).map(Way::grade);
                assertThat(now.orElse(Grade.E)).isLessThanOrEqualTo(before.orElse(Grade.E));
                assertThat(now.isPresent() || before.isEmpty()).isTrue();
                before = now;
            }
            assertThat(before).as(question.title()).isPresent();
        }
    }

    /// An overlay alone says a rate and nothing else.
    @Test
    void anOverlayAnswersOneQuestion() {
        Set<Means> overlay = EnumSet.of(Means.OVERLAY);
        assertThat(EnumSet.allOf(Question.class))
                .filteredOn(question -> Way.best(question, overlay).isPresent())
                .containsExactly(Question.RATES);
        assertThat(Way.best(Question.RATES, EnumSet.of(Means.OVERLAY, Means.FRAME_LOG)))
                .contains(Way.LOG_RATES);
        assertThat(Way.quickest(Question.LOWS, Optional.empty())).contains(Way.TOOL_LOW);
        assertThat(Way.quickest(Question.RATES, Optional.of(Grade.D))).contains(Way.TOOL_AVERAGE);
        assertThat(Way.quickest(Question.RATES, Optional.of(Grade.B))).isEmpty();
        assertThat(Way.quickest(Question.CAUSE, Chain.of(StageKind.HOME_STREAM)))
                .contains(Way.PROBE);
        assertThat(Way.quickest(Question.CAUSE, Chain.NATIVE))
                .as("there is no link to probe")
                .contains(Way.LOG_CAUSE);
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void everyWayNeedsSomethingAndSaysHow(Way way) {
        assertThat(way.needs()).isNotEmpty();
        assertThat(way.how()).endsWith(".");
        assertThat(way.minutes()).isBetween(5, 60);
    }

    /// What is said of a camera is what its budget gives.
    @Test
    void whatIsSaidOfACameraIsItsBudget() {
        assertThat(Way.FILMED_240.how()).contains(ofCamera(240));
        assertThat(Way.FILMED_120.how()).contains(ofCamera(120));
    }

    private static String ofCamera(double fps) {
        return String.format(Locale.ROOT, "%.1f ms", 1000 / fps / Math.sqrt(6));
    }
}
