package app.fluss.core.attribute;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.attribute.Cells.Scale;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/// Parts of a package against values worked by hand and against simulated benches whose parts are known. The
/// benches
/// are written here from plain definitions: products of factors with noise from run to run.
class AttributionTest {
    private static final List<Factor> AB = List.of(Factor.switched("A"), Factor.switched("B"));

    private static List<Factor> letters(int count) {
        return "ABCDE"
                .substring(0, count)
                .chars()
                .mapToObj(c -> Factor.switched(String.valueOf((char) c)))
                .toList();
    }

    private static Cells cells(List<Factor> factors, Scale scale, Object... combinationsAndRuns) {
        TreeMap<Integer, double[]> runs = new TreeMap<>();
        for (int i = 0; i < combinationsAndRuns.length; i += 2) {
            runs.put((Integer) combinationsAndRuns[i], (double[]) combinationsAndRuns[i + 1]);
        }
        return new Cells(factors, runs, scale);
    }

    private static double[] of(double... runs) {
        return runs;
    }

    private static Part part(List<Part> parts, String name) {
        return parts.stream().filter(one -> one.name().equals(name)).findFirst().orElseThrow();
    }

    /// Worked by hand: half-contrasts, A = sqrt(78 · 99 / (60 · 66)), and so on.
    @Test
    void twoFactorsByHand() {
        Cells cells = cells(AB, Scale.RATIO, 0, of(60), 1, of(78), 2, of(66), 3, of(99));
        Effects effects = Effects.of(cells);
        assertThat(part(effects.parts(), "A").value()).isCloseTo(1.3964240, within(1e-7));
        assertThat(part(effects.parts(), "B").value()).isCloseTo(1.1815895, within(1e-7));
        assertThat(part(effects.parts(), "A × B").value()).isCloseTo(1.0741723, within(1e-7));
        assertThat(effects.aliases()).isEmpty();
        assertThat(effects.parts()).allMatch(one -> one.interval().isEmpty());
        assertThat(effects.why()).contains("too few runs are repeated");
        Cells ms = cells(AB, Scale.DIFFERENCE, 0, of(40), 1, of(52), 2, of(38), 3, of(54));
        assertThat(part(Effects.of(ms).parts(), "A").value())
                .as("(12 + 16) / 2")
                .isCloseTo(14, within(1e-9));
        assertThat(part(Effects.of(ms).parts(), "A × B").value())
                .as("(16 - 12) / 2")
                .isCloseTo(2, within(1e-9));
    }

    /// Three runs each: pooled standard deviation 1, so an effect of two means of six has the error sqrt(1/3), and
    /// Student's t with 8 degrees reaches 2.3060041 of it (handbook tables: 2.306).
    @Test
    void anIntervalByHand() {
        Cells cells =
                cells(AB, Scale.DIFFERENCE, 0, of(9, 10, 11), 1, of(19, 20, 21), 2, of(29, 30, 31), 3, of(39, 40, 41));
        Part a = part(Effects.of(cells).parts(), "A");
        assertThat(a.value()).isCloseTo(10, within(1e-9));
        assertThat(a.interval().orElseThrow().high() - 10).isCloseTo(2.3060041 * Math.sqrt(1 / 3.0), within(1e-6));
        Waterfall way = Waterfall.of(cells, Map.of(0, 0L, 2, 1L, 3, 2L, 1, 3L), _ -> true)
                .orElseThrow();
        assertThat(way.steps())
                .extracting(Part::name)
                .as("in the order they were taken")
                .containsExactly("B on", "A on");
        assertThat(way.steps().getFirst().value()).isCloseTo(20, within(1e-9));
        assertThat(way.steps().getFirst().interval().orElseThrow().high() - 20)
                .isCloseTo(2.3060041 * Math.sqrt(2 / 3.0), within(1e-6));
        assertThat(way.whole().value()).isCloseTo(30, within(1e-9));
        Bars bars = Bars.of(way, Scale.DIFFERENCE);
        assertThat(bars.bars())
                .extracting(Bars.Bar::from)
                .as("each from the end of the last")
                .containsExactly(0.0, 20.0, 0.0);
        assertThat(bars.bars()).extracting(Bars.Bar::whole).containsExactly(false, false, true);
        assertThat(bars.bars()).as("more latency is worse").noneMatch(Bars.Bar::better);
        assertThat(bars.low()).isZero();
        assertThat(bars.high()).isCloseTo(30 + 2.3060041 * Math.sqrt(2 / 3.0), within(1e-6));
    }

    /// Identities of orthogonal designs: columns sum to nothing and are at right angles, each factor is on in
    /// half of
    /// the runs.
    @Test
    void designsAreOrthogonal() {
        for (int count = 2; count <= 5; count++) {
            List<FactorialDesign> designs = new ArrayList<>(List.of(FactorialDesign.full(letters(count), _ -> true)));
            if (count >= 4) {
                designs.add(FactorialDesign.half(letters(count), _ -> true));
            }
            for (FactorialDesign design : designs) {
                assertThat(new HashSet<>(design.runs())).hasSize(design.runs().size());
                for (int one = 0; one < count; one++) {
                    for (int other = one; other < count; other++) {
                        int a = one;
                        int b = other;
                        int sum = design.runs().stream()
                                .mapToInt(run -> a == b ? sign(run, a) : sign(run, a) * sign(run, b))
                                .sum();
                        assertThat(sum).isZero();
                    }
                }
            }
        }
    }

    private static int sign(int run, int bit) {
        return (run >> bit & 1) == 1 ? 1 : -1;
    }

    /// The defining relations I = ABCD and I = ABCDE, written out.
    @Test
    void theAliasesOfTheFractions() {
        FactorialDesign four = FactorialDesign.half(letters(4), _ -> true);
        assertThat(four.runs()).hasSize(8).contains(0, 15);
        assertThat(four.aliases())
                .containsExactlyInAnyOrderEntriesOf(Map.of(
                        "A", "B × C × D",
                        "B", "A × C × D",
                        "C", "A × B × D",
                        "D", "A × B × C",
                        "A × B", "C × D",
                        "A × C", "B × D",
                        "A × D", "B × C",
                        "B × C", "A × D",
                        "B × D", "A × C",
                        "C × D", "A × B"));
        assertThat(four.untold().get("C × D")).containsExactly("A × B");
        assertThat(four.untold())
                .as("no factor is mixed up with an interaction of two")
                .doesNotContainKey("A");
        FactorialDesign five = FactorialDesign.half(letters(5), _ -> true);
        assertThat(five.runs()).hasSize(16);
        Map<String, String> aliases = five.aliases();
        assertThat(aliases).hasSize(15);
        assertThat(aliases.get("A")).isEqualTo("B × C × D × E");
        assertThat(aliases.get("E")).isEqualTo("A × B × C × D");
        assertThat(aliases.get("A × B")).isEqualTo("C × D × E");
        assertThat(aliases.get("A × E")).isEqualTo("B × C × D");
        assertThat(aliases.get("D × E")).isEqualTo("A × B × C");
        assertThat(five.untold())
                .as("resolution V: all interactions of two are clear")
                .isEmpty();
        assertThatThrownBy(() -> FactorialDesign.half(letters(3), _ -> true)).hasMessageContaining("no fraction");
        assertThatThrownBy(() -> FactorialDesign.full(letters(1), _ -> true)).hasMessageContaining("two to five");
    }

    /// A factor that needs a restart changes as seldom as can be; impossible combinations are left out and what is
    /// then mixed up is named.
    @Test
    void plansSpareRestartsAndAvoidWhatCannotBe() {
        List<Factor> factors =
                List.of(Factor.switched("A"), new Factor("engine", "off", "on", true), Factor.switched("C"));
        FactorialDesign design = FactorialDesign.full(factors, _ -> true);
        long changes = 0;
        for (int i = 1; i < design.runs().size(); i++) {
            changes += (design.runs().get(i) & 2) == (design.runs().get(i - 1) & 2) ? 0 : 1;
        }
        assertThat(changes).isEqualTo(1);
        assertThat(design.blocks()).containsExactly(1, 1, 1, 1, 2, 2, 2, 2);
        // "engine" only together with A: A and its interaction with it can no longer be told apart.
        FactorialDesign tied = FactorialDesign.full(factors, run -> (run & 2) == 0 || (run & 1) == 1);
        assertThat(tied.runs()).hasSize(6);
        assertThat(tied.untold()).containsKey("A × engine");
    }

    @Test
    void factorsThatAlwaysChangeTogetherAreSaidSo() {
        Cells together = cells(AB, Scale.RATIO, 0, of(60, 61, 59), 3, of(100, 101, 99));
        Effects effects = Effects.of(together);
        assertThat(effects.parts()).as("neither can be given").isEmpty();
        assertThat(effects.aliases().get("A")).contains("B");
        Waterfall way = Waterfall.of(together, Map.of(), _ -> true).orElseThrow();
        assertThat(way.steps()).isEmpty();
        assertThat(way.missing()).as("one run is enough").hasSize(1);
        assertThat(together.words(way.missing().getFirst())).isIn("A on, B off", "A off, B on");
        Waterfall tied = Waterfall.of(together, Map.of(), run -> run != 1).orElseThrow();
        assertThat(tied.missing()).as("only B can be set alone").containsExactly(2);
        assertThat(Waterfall.of(cells(AB, Scale.RATIO, 1, of(60), 3, of(61)), Map.of(), _ -> true))
                .as("without a native run")
                .isEmpty();
        assertThatThrownBy(() -> cells(AB, Scale.RATIO, 0, of(0))).hasMessageContaining("above 0");
    }

    /// Benches with known parts, three factors, two runs each and three for the steps: intervals of effects and
    /// steps
    /// cover the parts in 93 to 97 of 100, whatever the spread.
    @Test
    void intervalsCoverTheKnownParts() {
        SplittableRandom random = new SplittableRandom(12);
        List<Factor> factors = letters(3);
        int[] covered = new int[2];
        int[] all = new int[2];
        for (int bench = 0; bench < 1500; bench++) {
            double[] parts = random.doubles(3, -0.1, 0.5).toArray();
            double interaction = random.nextDouble(-0.05, 0.05);
            double sd = random.nextDouble(0.003, 0.04);
            TreeMap<Integer, double[]> runs = new TreeMap<>();
            for (int combination = 0; combination < 8; combination++) {
                double log = Math.log(60) + ((combination & 3) == 3 ? interaction : 0);
                for (int bit = 0; bit < 3; bit++) {
                    log += (combination >> bit & 1) * parts[bit];
                }
                double mean = log;
                runs.put(
                        combination,
                        random.doubles(3)
                                .map(_ -> Math.exp(mean + sd * random.nextGaussian()))
                                .toArray());
            }
            Cells cells = new Cells(factors, runs, Scale.RATIO);
            // On the average over the other factor half of the interaction comes on top.
            count(part(Effects.of(cells).parts(), "A"), parts[0] + interaction / 2, covered, all, 0);
            count(part(Effects.of(cells).parts(), "C"), parts[2], covered, all, 0);
            count(part(Effects.of(cells).parts(), "A × B"), interaction / 2, covered, all, 0);
            Waterfall way = Waterfall.of(cells, Map.of(0, 1L, 1, 2L, 3, 3L, 7, 4L), _ -> true)
                    .orElseThrow();
            count(way.steps().get(0), parts[0], covered, all, 1);
            count(way.steps().get(1), parts[1] + interaction, covered, all, 1);
            count(way.steps().get(2), parts[2], covered, all, 1);
        }
        for (int kind = 0; kind < 2; kind++) {
            assertThat(covered[kind] / (double) all[kind]).isBetween(0.93, 0.97);
            assertThat(all[kind]).isGreaterThan(3000);
        }
    }

    /// Benches whose combinations seem to differ in their spread have no interval, and say so.
    private static void count(Part part, double truth, int[] covered, int[] all, int kind) {
        part.interval().ifPresent(ends -> {
            all[kind]++;
            covered[kind] += ends.low() <= Math.exp(truth) && Math.exp(truth) <= ends.high() ? 1 : 0;
        });
    }
}
