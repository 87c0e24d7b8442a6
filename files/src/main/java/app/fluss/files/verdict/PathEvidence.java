package app.fluss.files.verdict;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Estimate;
import app.fluss.core.compare.Level;
import app.fluss.core.compare.MaySay;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.Severity;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.latency.chain.ChainMeans;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Energy;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Check;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.Requirement;
import app.fluss.core.path.StageKind;
import app.fluss.core.verdict.Case;
import app.fluss.core.verdict.Held;
import app.fluss.core.verdict.Rule;
import app.fluss.core.vr.RenderTarget;
import app.fluss.core.vr.Reprojection;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.compare.Pair;
import app.fluss.files.known.KnownRun;
import app.fluss.files.known.Latencies;
import app.fluss.files.known.StreamWork;
import app.fluss.files.known.Streams;
import app.fluss.files.known.Worn;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;

/// What the runs of a path say beside native ones, in one scene.
final class PathEvidence {
    /// From here down artefacts "spoil the picture".
    private static final int HEAVY = 2;

    private static final double MS_PER_MINUTE = 60_000;
    private static final Set<String> SUPPLY_AND_SLOT =
            Set.of("supply-carries-cards", "slot-carries-copy", "own-cables");

    private final Study study;
    private final Pair.Figures figures;
    private final List<Requirement> requirements;
    private final Map<Long, Optional<StreamWork>> streams = new HashMap<>();
    private final Map<Long, List<Finding>> findings = new HashMap<>();
    private final Map<Long, Optional<ChainMeans>> means = new HashMap<>();

    PathEvidence(Study study, Pair.Figures figures, List<Requirement> requirements) {
        this.study = study;
        this.figures = figures;
        this.requirements = requirements;
    }

    GameCases.OfScene of(Scene scene, Pair pair) throws StudyException {
        Run first = pair.b().getFirst();
        Chain chain = first.path().chain();
        RunComparison compared = pair.compare(study, figures);
        List<SceneCompared.Noticed> noticed = noticed(pair, compared);
        Optional<Difference> measured =
                compared.latency().filter(one -> one.difference().isKnown());
        Figure estimated = measured.isPresent() ? Figure.missing("it was measured") : addedByStages(pair);
        Case judged = Case.of(
                scene.name(),
                scene.weight(),
                chain,
                compared,
                measured.map(Held::difference).orElseGet(() -> Held.estimate(estimated, 1, 1)),
                first.display().map(DisplayMode::refreshHz).orElse(Double.NaN),
                further(pair, chain, compared),
                reserves(noticed));
        Case doubted = judged.doubting(unmet(pair.b()));
        return new GameCases.OfScene(
                scene,
                pair.a(),
                pair.b(),
                doubted,
                SceneCompared.of(
                        compared,
                        measured.orElseGet(() -> LatencyDifference.estimated(estimated)),
                        estimated.isKnown(),
                        MaySay.of(
                                compared,
                                pair.by().said(pair.baseline()),
                                pair.by().said(pair.level())),
                        noticed),
                new PathNotes(figures).of(pair, compared, stream(first)),
                PathAttribution.of(study, pair, figures));
    }

    /// Works something out of a run once.
    private static <T> T once(Map<Long, T> known, Run run, Work<T> work) throws StudyException {
        T found = known.get(run.id());
        if (found == null) {
            found = work.done();
            known.put(run.id(), found);
        }
        return found;
    }

    @FunctionalInterface
    private interface Work<T> {
        T done() throws StudyException;
    }

    private Optional<StreamWork> stream(Run run) throws StudyException {
        return once(streams, run, () -> Streams.of(study, run, figures.of(run)));
    }

    private List<Finding> findings(Run run) throws StudyException {
        return once(findings, run, () -> KnownRun.findings(study, run, figures.of(run), stream(run), requirements));
    }

    private Optional<ChainMeans> means(Run run) throws StudyException {
        return once(means, run, () -> Latencies.means(study, run, figures));
    }

    /// Measured on both sides, else what the stages of both add up to.
    private Figure addedByStages(Pair pair) throws StudyException {
        return Latencies.added(means(pair.a().getFirst()), means(pair.b().getFirst()));
    }

    /// What was noticed of the comparison and of the runs of both sides.
    private List<SceneCompared.Noticed> noticed(Pair pair, RunComparison compared) throws StudyException {
        List<SceneCompared.Noticed> noticed = new ArrayList<>();
        Findings.of(compared, List.of(), false)
                .forEach(one -> noticed.add(new SceneCompared.Noticed(Optional.empty(), one)));
        for (Run run : Stream.concat(pair.a().stream(), pair.b().stream()).toList()) {
            findings(run).forEach(one -> noticed.add(new SceneCompared.Noticed(Optional.of(run), one)));
        }
        return List.copyOf(noticed);
    }

    /// What is wrong with a run of either side, so that nothing can be used because of it.
    private static List<String> reserves(List<SceneCompared.Noticed> noticed) {
        Set<String> codes = new LinkedHashSet<>();
        return noticed.stream()
                .map(SceneCompared.Noticed::finding)
                .filter(finding -> finding.severity() == Severity.FAULT && codes.add(finding.code()))
                .map(Finding::seen)
                .distinct()
                .toList();
    }

    private List<Judgement> judged(List<Run> runs) throws StudyException {
        List<Judgement> all = new ArrayList<>();
        for (Run run : runs) {
            all.addAll(KnownRun.judged(study.capture().checks(run), requirements));
        }
        return all;
    }

    private List<String> unmet(List<Run> runs) throws StudyException {
        return judged(runs).stream()
                .filter(one -> one.state() == Outcome.State.NOT_MET)
                .map(one -> "a requirement was not met: " + one.requirement().asks())
                .distinct()
                .toList();
    }

    /// What no comparison of frames has.
    private Map<Rule, Held> further(Pair pair, Chain chain, RunComparison compared) throws StudyException {
        Map<Rule, Held> further = new EnumMap<>(Rule.class);
        level(further, Rule.WITHOUT_NEW_IMAGE, pair.b(), worn(Reprojection::share));
        level(further, Rule.BELOW_HALF_RATE, pair.b(), worn(Reprojection::belowHalfTime));
        level(further, Rule.RENDER_SCALE, pair.b(), (run, _) -> scale(run));
        level(further, Rule.HOURS, pair.b(), (run, analysis) -> hours(run, analysis));
        level(further, Rule.IMAGES_IN_TIME, pair.b(), (run, _) -> stream(run, PathEvidence::inTime));
        level(further, Rule.LOST_IMAGES, pair.b(), (run, _) -> stream(run, PathEvidence::lost));
        level(further, Rule.HITCHES, pair.b(), (run, analysis) -> hitches(run, analysis));
        double[] before = values(pair.a(), (run, analysis) -> joules(run, analysis));
        double[] after = values(pair.b(), (run, analysis) -> joules(run, analysis));
        if (before.length > 0 && after.length > 0) {
            further.put(
                    Rule.JOULES_OF_NATIVE,
                    Held.ratio(
                            Estimate.of(before, after),
                            grade(Stream.concat(pair.a().stream(), pair.b().stream())),
                            before.length,
                            after.length));
        }
        marks(pair.b()).ifPresent(held -> further.put(Rule.HEAVY_MARKS, held));
        if (chain.has(StageKind.SECOND_GPU)) {
            further.put(Rule.SUPPLY_AND_SLOT, supply(pair.b()));
        }
        boolean measured =
                compared.latency().filter(one -> one.difference().isKnown()).isPresent();
        if (chain.has(StageKind.DISPLAY_SMOOTHING) && !measured) {
            double lag = pair.b().getFirst().setup().number(FactKey.LAG_MS);
            further.put(
                    Rule.MODE_LAG,
                    Double.isNaN(lag)
                            ? Held.missing("state the lag of the picture mode, or measure it")
                            : Held.typed(lag));
        }
        return further;
    }

    private static Grade grade(Stream<Run> runs) {
        return runs.map(Run::grade).reduce(Grade.A, Grade::weaker);
    }

    private void level(Map<Rule, Held> further, Rule rule, List<Run> runs, OfRun of) throws StudyException {
        double[] values = values(runs, of);
        if (values.length > 0) {
            further.put(rule, Held.level(Level.of(values), grade(runs.stream()), values.length));
        }
    }

    /// What is worked out of a run.
    @FunctionalInterface
    private interface OfRun {
        Figure of(Run run, Analysis analysis) throws StudyException;
    }

    /// Of those runs that have it.
    private double[] values(List<Run> runs, OfRun of) throws StudyException {
        double[] values = new double[runs.size()];
        int n = 0;
        for (Run run : runs) {
            if (of.of(run, figures.of(run)) instanceof Figure.Known(double value)) {
                values[n++] = value;
            }
        }
        return Arrays.copyOf(values, n);
    }

    private static OfRun worn(Function<Reprojection, Figure> of) {
        return (run, analysis) ->
                Worn.of(run, analysis).map(of).orElseGet(() -> Figure.missing("the run was not seen in a headset"));
    }

    private static Figure scale(Run run) {
        return Figure.ofFinite(
                RenderTarget.stated(run.setup()).map(RenderTarget::scale).orElse(Double.NaN), "it is not stated");
    }

    private Figure stream(Run run, BiFunction<Run, StreamWork, Figure> of) throws StudyException {
        return stream(run).map(work -> of.apply(run, work)).orElseGet(() -> Figure.missing("there is no stream"));
    }

    private static Figure inTime(Run run, StreamWork work) {
        double buffer = work.bufferMs();
        return work.probe().isPresent() && !Double.isNaN(buffer)
                ? work.probe().get().arrivals().inTimeShare(buffer)
                : Figure.missing("the link was not probed, or what the client holds back is not stated");
    }

    private static Figure lost(Run run, StreamWork work) {
        return work.probe()
                .map(probe -> Figure.ofFinite(
                        (double) probe.arrivals().incomplete()
                                / probe.arrivals().images(),
                        "no image was sent"))
                .orElseGet(() -> Figure.missing("the link was not probed"));
    }

    /// Those with a cause where the host's log is there, else what the client's log shows.
    private Figure hitches(Run run, Analysis analysis) throws StudyException {
        Optional<StreamWork> work = stream(run);
        if (work.isEmpty()) {
            return Figure.missing("there is no stream");
        }
        double minutes = analysis.times().elapsedMs() / MS_PER_MINUTE;
        return work.get()
                .blame()
                .map(blamed -> Figure.ofFinite(blamed.hitches().size() / minutes, "the run has no length"))
                .orElseGet(() -> Measure.STUTTERS.of(analysis));
    }

    private static Figure hours(Run run, Analysis analysis) {
        return run.setup().value(FactKey.POWER_SOURCE).filter("mains"::equals).isPresent()
                ? Figure.missing("the run was on mains")
                : energy(run, analysis, Energy::hours);
    }

    private static Figure joules(Run run, Analysis analysis) {
        return energy(run, analysis, Energy::joulesPerImage);
    }

    private static Figure energy(Run run, Analysis analysis, Function<Energy, Figure> of) {
        return Energy.of(
                        analysis,
                        run.setup().number(FactKey.BATTERY_WH),
                        run.setup().number(FactKey.BATTERY_USABLE_PCT) / 100)
                .map(of)
                .orElseGet(() -> Figure.missing("the log has no power"));
    }

    /// How many of the runs whose picture somebody judged had heavy artefacts.
    private static Optional<Held> marks(List<Run> runs) {
        int[] said = runs.stream()
                .mapToInt(run -> run.taking().impression().artefacts())
                .filter(mark -> mark > 0)
                .toArray();
        int heavy = (int) Arrays.stream(said).filter(mark -> mark <= HEAVY).count();
        return said.length == 0 ? Optional.empty() : Optional.of(Held.said(heavy, said.length));
    }

    /// The facts of a run; where nobody stated how many images are to be copied, as many as it rendered.
    private Setup withCopies(Run run) throws StudyException {
        double rendered = figures.of(run).rates().rendered().orNaN();
        return run.setup().value(FactKey.COPY_FPS).isPresent() || Double.isNaN(rendered)
                ? run.setup()
                : run.setup()
                        .with(Map.of(FactKey.COPY_FPS, Long.toString((long) Math.ceil(rendered))), FactSource.MEASURED);
    }

    /// How many requirements of supply and slot are not met: as they were judged before the runs, else as
    /// the facts of the first run have them.
    private Held supply(List<Run> runs) throws StudyException {
        List<Judgement> judged = judged(runs).stream()
                .filter(one -> SUPPLY_AND_SLOT.contains(one.requirement().id()))
                .filter(one -> one.state() != Outcome.State.UNKNOWN)
                .toList();
        if (!judged.isEmpty()) {
            return Held.stated((int) judged.stream()
                    .filter(one -> one.state() == Outcome.State.NOT_MET)
                    .map(one -> one.requirement().id())
                    .distinct()
                    .count());
        }
        Setup setup = withCopies(runs.getFirst());
        List<Outcome> stated = Stream.of(Check.SUPPLY_CARRIES_CARDS, Check.SLOT_CARRIES_COPY)
                .map(check -> check.judge(setup))
                .toList();
        int failed = (int) stated.stream()
                .filter(one -> one.state() == Outcome.State.NOT_MET)
                .count();
        boolean open = stated.stream().anyMatch(one -> one.state() == Outcome.State.UNKNOWN);
        return open && failed == 0
                ? Held.missing(stated.stream()
                        .filter(one -> one.state() == Outcome.State.UNKNOWN)
                        .map(Outcome::seen)
                        .findFirst()
                        .orElseThrow())
                : Held.stated(failed);
    }
}
