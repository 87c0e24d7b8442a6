package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.FactKey;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Terms;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.ImportNotes;
import app.fluss.core.latency.chain.Unexplained;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Logs;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Need;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.Requirement;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.stream.blame.ClientHitch;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Findings that say what a figure rests on: each with a case that calls for it and one, as like it as can be,
/// that does not.
class QuietUnlessTrueTest {
    private static final AnalysisSettings AT_120 =
            AnalysisSettings.NONE.withDisplay(new DisplayMode(120, SyncMode.FIFO));

    private static final ImportNotes CLEAN = new ImportNotes(100, 0, false, 0, 0, 0, 0, List.of("game"), false, "");

    private static void assertOnly(FindingCode code, List<Finding> with, List<Finding> without) {
        assertThat(with)
                .filteredOn(finding -> finding.kind() == code)
                .as("%s is told", code)
                .isNotEmpty()
                .allSatisfy(finding -> assertThat(finding.text()).isNotBlank().doesNotContain("NaN", "%s", "%d"));
        assertThat(without).extracting(Finding::kind).as("%s is kept", code).doesNotContain(code);
    }

    /// 120 images/s for so many seconds, every second one generated, with what a function adds.
    private static List<Finding> findings(
            double seconds, AnalysisSettings settings, String pattern, Channels channels) {
        int n = (int) (120 * seconds) + 1;
        double[] at = new double[n];
        Arrays.setAll(at, i -> i * 1000 / 120.0);
        FrameLog.Builder log = FrameLog.presentedAt(at, n).kinds(Logs.kinds(pattern, n));
        channels.addTo(log, at);
        return Findings.of(KnownOfRun.log(Analysis.of(log.build().all(), settings), Optional.empty(), Double.NaN));
    }

    private interface Channels {
        void addTo(FrameLog.Builder log, double[] at);

        static Channels none() {
            return (_, _) -> {};
        }

        static Channels shown() {
            return (log, at) -> log.channel(Channel.DISPLAYED, at.clone());
        }

        static Channels load(double percent) {
            return (log, at) -> log.channel(Channel.GPU_LOAD, same(at, percent));
        }

        static Channels loadAndWork(double percent) {
            return (log, at) -> log.channel(Channel.GPU_LOAD, same(at, percent))
                    .channel(Channel.CPU, same(at, 3))
                    .channel(Channel.GPU, same(at, 7));
        }

        private static double[] same(double[] like, double value) {
            double[] values = new double[like.length];
            Arrays.fill(values, value);
            return values;
        }
    }

    @Test
    void aFullCardMattersOnlyWhereItAlsoGenerates() {
        List<Finding> full = findings(20, AT_120, "RG", Channels.load(97));
        assertOnly(FindingCode.GPU_FULL, full, findings(20, AT_120, "RG", Channels.load(94)));
        assertOnly(FindingCode.GPU_FULL, full, findings(20, AT_120, "R", Channels.load(97)));
        assertOnly(FindingCode.GPU_FULL, full, findings(20, AT_120, "RG", Channels.none()));
    }

    @Test
    void aLimitRestsOnLoadsOnlyWhereThereIsNoWork() {
        assertOnly(
                FindingCode.LIMIT_FROM_LOAD,
                findings(20, AT_120, "R", Channels.load(97)),
                findings(20, AT_120, "R", Channels.loadAndWork(97)));
    }

    @Test
    void aLedgerIsInferredOnlyWithoutDisplayTimes() {
        List<Finding> inferred = findings(20, AT_120, "R", Channels.none());
        assertOnly(FindingCode.LEDGER_INFERRED, inferred, findings(20, AT_120, "R", Channels.shown()));
        assertOnly(FindingCode.LEDGER_INFERRED, inferred, findings(20, AnalysisSettings.NONE, "R", Channels.none()));
    }

    /// The 1 % low of 900 images rests on 9, that of 902 on 10; the 0.1 % low of 9002 on 10, that of 1500 on 2,
    /// and below 1000 there is none.
    @Test
    void aTailIsWeakBelowTenFrames() {
        assertThat(weakTails(900)).isEqualTo(1);
        assertThat(weakTails(902)).isZero();
        assertThat(weakTails(1500)).isEqualTo(1);
        assertThat(weakTails(9002)).isZero();
        assertOnly(
                FindingCode.WEAK_TAIL,
                findings(5, AT_120, "R", Channels.none()),
                findings(80, AT_120, "R", Channels.none()));
    }

    private static long weakTails(int images) {
        double[] at = new double[images + 1];
        Arrays.setAll(at, i -> i * 10.0);
        return RunFindings.of(Analysis.of(Logs.presentedAt(at).all(), AT_120)).stream()
                .filter(finding -> finding.kind() == FindingCode.WEAK_TAIL)
                .count();
    }

    @Test
    void aNativeSideThatIsTakenForNativeIsTold() {
        Analysis run =
                Analysis.of(Logs.presentedAt(Logs.randomTimes(3000, 10, 4)).all(), AnalysisSettings.NONE.asNative());
        RunComparison comparison = RunComparison.of(List.of(run), List.of(run), Terms.PLAIN.withMultiplier(1));
        assertOnly(
                FindingCode.ASSUMED_NATIVE,
                Findings.of(comparison, List.of(), true),
                Findings.of(comparison, List.of(), false));
    }

    @Test
    void whatTheImporterMetIsToldOnceEach() {
        ImportNotes all = new ImportNotes(100, 3, true, 4, 5, 6, 7, List.of("game", "overlay"), true, "");
        assertThat(Findings.of(all))
                .extracting(Finding::kind)
                .containsExactlyInAnyOrder(
                        FindingCode.TRUNCATED_LINE,
                        FindingCode.ROWS_WITHOUT_TIME,
                        FindingCode.DUPLICATE_TIMES,
                        FindingCode.BACKWARD_TIMES,
                        FindingCode.CLOCK_RESTART,
                        FindingCode.SEVERAL_PROGRAMS,
                        FindingCode.MAPPING_GUESSED);
        assertThat(Findings.of(all))
                .extracting(Finding::text)
                .anyMatch(text -> text.contains("5 time stamps equal"))
                .anyMatch(text -> text.contains("6 time stamps step back"))
                .anyMatch(text -> text.contains("Only game was read"));
        assertThat(Findings.of(CLEAN)).isEmpty();
    }

    @Test
    void latencyThatTheStagesExplainIsNoFinding() {
        assertOnly(
                FindingCode.LATENCY_UNEXPLAINED,
                UnexplainedFindings.of(new Unexplained(8.3, List.of("One more refresh."))),
                UnexplainedFindings.of(new Unexplained(0.4, List.of())));
        assertThat(UnexplainedFindings.of(new Unexplained(-8.3, List.of("One fewer.")))
                        .getFirst()
                        .seen())
                .contains("8.3 ms shorter");
    }

    @Test
    void eachRequirementThatIsNotMetIsAFindingOfItsOwn() {
        Requirement requirement = requirement("fixed-scene");
        List<Finding> found = RequirementFindings.of(List.of(
                judged(requirement, Outcome.State.NOT_MET),
                judged(requirement("warm-card"), Outcome.State.UNKNOWN),
                judged(requirement("quiet-desk"), Outcome.State.UNKNOWN)));
        assertOnly(
                FindingCode.REQUIREMENT_NOT_MET,
                found,
                RequirementFindings.of(List.of(judged(requirement, Outcome.State.MET))));
        assertThat(found.getFirst().code()).isEqualTo("fixed-scene");
        assertThat(found.getFirst().remedy()).isEqualTo("Mend it.");
        assertThat(found).extracting(Finding::kind).contains(FindingCode.REQUIREMENTS_UNKNOWN);
        assertThat(found.getLast().seen()).isEqualTo("Not checked: warm card, quiet desk.");
    }

    private static Judgement judged(Requirement requirement, Outcome.State state) {
        return new Judgement(requirement, new Outcome(state, "it was looked at"), true);
    }

    private static Requirement requirement(String id) {
        return new Requirement(
                id,
                Set.of(),
                Set.of(),
                Requirement.Scope.RUN,
                new Need.Stated(FactKey.RECORDER),
                "Is it so?",
                "It matters.",
                "Mend it.",
                "");
    }

    /// Every cause of hitches, by itself and below the number from which it is told.
    @ParameterizedTest
    @EnumSource(Cause.class)
    void aCauseIsToldFromThreeHitchesOn(Cause cause) {
        FindingCode code = FindingCode.valueOf("STREAM_" + cause);
        assertOnly(code, blamed(cause, 3), blamed(cause, 2));
        assertThat(blamed(cause, 3))
                .filteredOn(finding -> finding.kind() == code)
                .hasSize(1);
    }

    private static List<Finding> blamed(Cause cause, int count) {
        FrameLog none = FrameLog.presentedAt(new double[0], 0).build();
        List<ClientHitch> hitches = IntStream.range(0, count)
                .mapToObj(i -> new ClientHitch(i, i * 100, i * 100 + 60, i, 43, cause, 0.9))
                .toList();
        return StreamFindings.of(hitches, Alignment.of(none, none));
    }
}
