package app.fluss.files.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.toggle.ToggleMark;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.Taking;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// What makes the groups of a scene, and what is held against what.
class PairTest {
    private static final DeliveryPath NATIVE = new DeliveryPath(1, "native", Chain.NATIVE);
    private static final DeliveryPath NATIVE_OUT = new DeliveryPath(2, "native, card out", Chain.NATIVE);
    private final List<Run> runs = new ArrayList<>();

    private static DeliveryPath second(long id, String multiplier, String size) {
        return new DeliveryPath(
                id,
                "second " + multiplier + " at " + size,
                new Chain(List.of(new Stage(
                        StageKind.SECOND_GPU,
                        Map.of(
                                FactKey.MULTIPLIER, multiplier,
                                FactKey.MOTION_ESTIMATION_PCT, size)))));
    }

    private Run add(DeliveryPath path, Map<String, String> facts) {
        Run run = new Run(
                runs.size() + 1L,
                1,
                path,
                "run " + runs.size(),
                false,
                Setup.EMPTY.withNamed(facts, FactSource.TYPED),
                Double.NaN,
                List.of(),
                List.of(),
                List.of(),
                Taking.UNRECORDED);
        runs.add(run);
        return run;
    }

    private List<String> pairs(Grouping by, String baseline) {
        return Pair.of(runs, by, Optional.of(baseline).filter(name -> !name.isEmpty())).stream()
                .map(pair -> "%s%s %d/%d %s"
                        .formatted(
                                pair.within().isEmpty() ? "" : pair.within() + ": ",
                                pair.baseline(),
                                pair.a().size(),
                                pair.b().size(),
                                pair.level()))
                .toList();
    }

    @Test
    void pathsStandAgainstTheNativeOneOrAnother() {
        add(second(3, "2", "85"), Map.of());
        add(NATIVE, Map.of());
        add(NATIVE, Map.of());
        assertThat(pairs(new Grouping.ByPath(), "")).containsExactly("native 2/1 second 2 at 85");
        assertThat(pairs(new Grouping.ByPath(), "second 2 at 85")).containsExactly("second 2 at 85 1/2 native");
        assertThat(pairs(new Grouping.ByPath(), "nobody")).isEmpty();
    }

    @Test
    void runsThatCountInNoComparisonArePassedOver() {
        add(NATIVE, Map.of());
        Run on = add(second(3, "2", "85"), Map.of());
        assertThat(pairs(new Grouping.ByPath(), "")).hasSize(1);
        runs.set(1, with(on, List.of(new ToggleMark(5000, true, 2000)), Outcome.KEPT));
        assertThat(pairs(new Grouping.ByPath(), "")).as("switched in place").isEmpty();
        runs.set(1, with(on, List.of(), Outcome.DISCARDED));
        assertThat(pairs(new Grouping.ByPath(), "")).as("discarded").isEmpty();
    }

    private static Run with(Run run, List<ToggleMark> toggles, Outcome outcome) {
        return new Run(
                run.id(),
                run.sceneId(),
                run.path(),
                run.name(),
                run.simulated(),
                run.setup(),
                run.claimedFps(),
                run.evidence(),
                run.claims(),
                toggles,
                new Taking(OptionalLong.empty(), outcome, "", Taking.UNRECORDED.impression()));
    }

    /// Runs of one chain only differ in a fact alone, whatever their paths are called.
    @Test
    void aFactIsComparedWithinEachChain() {
        add(NATIVE, Map.of("cards_in", "both", "driver", "31.4"));
        add(NATIVE_OUT, Map.of("cards_in", "first only", "driver", "31.4"));
        add(second(3, "2", "85"), Map.of("cards_in", "both", "driver", "31.4"));
        add(second(3, "2", "85"), Map.of("cards_in", "both", "driver", "31.5"));
        add(second(3, "2", "85"), Map.of("cards_in", "both", "driver", " 31.40"));
        assertThat(pairs(new Grouping.ByFact("cards_in"), "")).containsExactly("native: both 1/1 first only");
        assertThat(pairs(new Grouping.ByFact("driver"), "")).containsExactly("second GPU 2×: 31.4 2/1 31.5");
        Pair pair =
                Pair.of(runs, new Grouping.ByFact("driver"), Optional.empty()).getFirst();
        assertThat(pair.scene()).as("all groups lend their spread").hasSize(3);
        assertThat(pair.by().meant(pair.a(), pair.b())).containsExactly("driver");
    }

    /// A setting of a path: paths that differ in nothing else are one ladder.
    @Test
    void aSettingIsComparedWithinChainsThatAgreeInAllElse() {
        add(second(3, "2", "85"), Map.of());
        add(second(4, "3", "85"), Map.of());
        add(second(5, "3", "50"), Map.of());
        assertThat(pairs(new Grouping.ByFact("multiplier"), "")).containsExactly("second GPU: 2 1/1 3");
        assertThat(pairs(new Grouping.ByFact("motion_estimation_pct"), "50"))
                .containsExactly("second GPU 3×: 50 1/1 85");
        assertThat(new Grouping.ByFact("multiplier").said("3")).isEqualTo("multiplier 3 ×");
    }

    @Test
    void runsArePickedByHand() {
        Run first = add(NATIVE, Map.of("driver", "1"));
        Run other = add(second(3, "2", "85"), Map.of("driver", "2"));
        add(NATIVE, Map.of());
        Grouping picked = new Grouping.ByHand(Set.of(first.id()), Set.of(other.id()));
        assertThat(pairs(picked, "")).containsExactly("baseline 1/1 picked");
        assertThat(picked.meant(List.of(first), List.of(other)))
                .as("nothing was chosen")
                .isEmpty();
    }

    @Test
    void whatDiffersIsOfferedAndFoundByItsNames() {
        add(NATIVE, Map.of("driver", "31.4", "power_source", "mains", "HDR", "on"));
        add(NATIVE, Map.of("driver", "31.5", "power_source", "mains", "HDR", "off"));
        assertThat(Grouping.offered(runs)).extracting(Grouping::id).containsExactly("path", "HDR", "driver");
        for (String name : List.of("driver", "graphics driver", "Graphics-Driver")) {
            assertThat(Grouping.named(name, runs)).isEqualTo(new Grouping.ByFact("driver"));
        }
        assertThat(Grouping.named("hdr", runs)).isEqualTo(new Grouping.ByFact("HDR"));
        assertThatThrownBy(() -> Grouping.named("colour", runs))
                .hasMessageContaining("no run has 'colour' recorded")
                .hasMessageContaining("HDR, driver");
    }

    /// Those of the native path are the baseline wherever they stand; without one the first path is.
    @Test
    void runsThatWereChosenHaveSides() {
        DeliveryPath twice = second(3, "2", "100");
        DeliveryPath thrice = second(4, "3", "100");
        add(twice, Map.of());
        add(NATIVE, Map.of());
        add(thrice, Map.of());
        add(twice, Map.of());
        assertThat(Grouping.ByHand.sides(runs)).isEqualTo(new Grouping.ByHand(Set.of(2L), Set.of(1L, 3L, 4L)));
        assertThat(Grouping.ByHand.sides(List.of(runs.get(2), runs.get(0), runs.get(3))))
                .isEqualTo(new Grouping.ByHand(Set.of(3L), Set.of(1L, 4L)));
        assertThat(Grouping.ByHand.sides(List.of(runs.get(0), runs.get(3))))
                .isEqualTo(new Grouping.ByHand(Set.of(1L), Set.of(4L)));
    }
}
