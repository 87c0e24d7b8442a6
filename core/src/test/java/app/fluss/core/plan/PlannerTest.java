package app.fluss.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.FactKey;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.plan.PlannedStep.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class PlannerTest {
    private static final Chain CAPTURE =
            new Chain(List.of(new Stage(StageKind.CAPTURE_GENERATION, Map.of(FactKey.MULTIPLIER, "2"))));
    private static final Chain ENGINE =
            new Chain(List.of(new Stage(StageKind.ENGINE_GENERATION, Map.of(FactKey.MULTIPLIER, "2"))));
    private static final Chain SECOND = Chain.of(StageKind.SECOND_GPU);
    private static final PlanSettings PLAIN = new PlanSettings(7, false, false, 100, 300, 20, 10, 0, 0, 0.05);

    private static Wish wish(long scene, long path, Chain chain, int repeats) {
        return new Wish(1, scene, 60, path, chain, repeats);
    }

    private static List<Long> paths(List<PlannedStep> sheet) {
        return sheet.stream()
                .filter(step -> step.role().isMeasured())
                .map(step -> step.wish().path())
                .toList();
    }

    @Test
    void twoPathsGoThereAndBack() {
        List<Long> order =
                paths(Planner.plan(List.of(wish(1, 1, Chain.NATIVE, 2), wish(1, 2, CAPTURE, 2)), PLAIN, Chain.NATIVE));
        assertThat(order).hasSize(4);
        assertThat(order.get(0)).isEqualTo(order.get(3)).isNotEqualTo(order.get(1));
        assertThat(order.get(1)).isEqualTo(order.get(2));
    }

    @Test
    void bracketsPutANativeRunAtBothEnds() {
        PlanSettings bracketed = new PlanSettings(7, true, true, 100, 300, 20, 10, 0, 0, 0.05);
        List<PlannedStep> sheet = Planner.plan(
                List.of(wish(1, 1, Chain.NATIVE, 3), wish(1, 2, CAPTURE, 3), wish(1, 3, ENGINE, 3)),
                bracketed,
                Chain.NATIVE);
        List<PlannedStep> measured =
                sheet.stream().filter(step -> step.role().isMeasured()).toList();
        assertThat(measured.getFirst().wish().chain()).isEqualTo(Chain.NATIVE);
        assertThat(measured.getLast().wish().chain()).isEqualTo(Chain.NATIVE);
        assertThat(measured).filteredOn(step -> step.role() == Role.RUN).hasSize(9);
    }

    /// With the cable grouped it moves to the second card and back once; each time the power goes off and the game
    /// starts anew.
    @Test
    void pathsWithTheCableInOneCardStayTogether() {
        List<Wish> wishes = List.of(wish(1, 1, Chain.NATIVE, 4), wish(1, 2, CAPTURE, 4), wish(1, 3, SECOND, 4));
        PlanSettings grouped = new PlanSettings(7, false, true, 100, 300, 20, 10, 0, 0, 0.05);
        List<PlannedStep> sheet = Planner.plan(wishes, grouped, Chain.NATIVE);
        assertThat(sheet.stream().filter(step -> step.change().movesCable())).hasSize(2);
        assertThat(paths(sheet).subList(0, 4)).doesNotContain(3L);
        assertThat(Planner.totalS(sheet)).isLessThan(Planner.totalS(Planner.plan(wishes, PLAIN, Chain.NATIVE)));
    }

    @Test
    void theFirstPassAfterEveryStartIsNotMeasured() {
        List<PlannedStep> sheet = Planner.plan(
                List.of(wish(1, 1, Chain.NATIVE, 2), wish(1, 2, ENGINE, 2), wish(2, 1, Chain.NATIVE, 1)),
                PLAIN,
                Chain.NATIVE);
        Chain set = Chain.NATIVE;
        for (int i = 0; i < sheet.size(); i++) {
            PlannedStep step = sheet.get(i);
            boolean restarts = i == 0 || step.change().restartsGame();
            assertThat(step.role() == Role.WARM_UP).isEqualTo(restarts);
            set = step.wish().chain();
        }
        assertThat(set).isNotNull();
    }

    /// By hand: start 100 s, cool-down 10 s, warm-up 60 s; then 10 + 60; to the other path 20 + 10 + 60; twice; back
    /// 20 + 10 + 60.
    @Test
    void theClockAddsUp() {
        List<PlannedStep> sheet =
                Planner.plan(List.of(wish(1, 1, Chain.NATIVE, 2), wish(1, 2, CAPTURE, 2)), PLAIN, Chain.NATIVE);
        int first = 100 + 10 + 60 + 10 + 60;
        assertThat(Planner.totalS(sheet)).isEqualTo(first + 90 + 70 + 90);
    }

    @Test
    void breaksComeBeforeTheWorkGetsTooLong() {
        PlanSettings tired = new PlanSettings(7, false, false, 100, 300, 20, 10, 10, 5, 0.05);
        List<PlannedStep> sheet = Planner.plan(List.of(wish(1, 1, Chain.NATIVE, 30)), tired, Chain.NATIVE);
        int workedS = 0;
        for (PlannedStep step : sheet) {
            workedS = step.role() == Role.BREAK ? 0 : workedS + step.totalS();
            assertThat(workedS).isLessThanOrEqualTo(600);
        }
        assertThat(sheet).filteredOn(step -> step.role() == Role.BREAK).hasSizeBetween(3, 5);
    }

    /// Every wish comes as often as wished, whatever the wishes; the same seed gives the same plan.
    @Test
    void nothingIsLostAndNothingIsRandom() {
        Random random = new Random(5);
        Chain[] chains = {Chain.NATIVE, CAPTURE, ENGINE, SECOND, Chain.of(StageKind.DRIVER_GENERATION)};
        for (int round = 0; round < 60; round++) {
            List<Wish> wishes = new ArrayList<>();
            for (int scene = 0; scene < 1 + random.nextInt(3); scene++) {
                for (int path = 0; path < chains.length; path++) {
                    if (random.nextBoolean()) {
                        wishes.add(wish(scene, path, chains[path], 1 + random.nextInt(4)));
                    }
                }
            }
            PlanSettings settings =
                    new PlanSettings(round, random.nextBoolean(), random.nextBoolean(), 90, 200, 20, 15, 45, 10, 0.05);
            List<PlannedStep> sheet = Planner.plan(wishes, settings, Chain.NATIVE);
            assertThat(Planner.plan(wishes, settings, Chain.NATIVE)).isEqualTo(sheet);
            Map<Wish, Long> planned = sheet.stream()
                    .filter(step -> step.role() == Role.RUN)
                    .collect(Collectors.groupingBy(PlannedStep::wish, Collectors.counting()));
            assertThat(planned).hasSize(wishes.size());
            planned.forEach((wish, count) -> assertThat(count).isEqualTo(wish.repeats()));
        }
    }
}
