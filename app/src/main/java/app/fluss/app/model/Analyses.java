package app.fluss.app.model;

import app.fluss.core.bench.Setup;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Findings;
import app.fluss.core.generation.SectionFigures;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Requirement;
import app.fluss.core.plan.EnoughRuns;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.work.Progress;
import app.fluss.files.compare.Pair;
import app.fluss.files.compare.StudyComparison;
import app.fluss.files.compare.StudyComparison.Toggled;
import app.fluss.files.known.KnownRun;
import app.fluss.files.known.Latencies;
import app.fluss.files.known.StreamWork;
import app.fluss.files.known.Streams;
import app.fluss.files.study.Attached;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredSection;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.work.CommonPool;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/// The figures of runs, each worked out once for what it rests on, the latest kept. Used by one thread at a
/// time.
final class Analyses {
    /// A share of the heap: a log and its figures take about as much again as its columns.
    private static final long MOST_BYTES = Runtime.getRuntime().maxMemory() / 4;

    private static final int MOST_ESTIMATES = 500;
    private static final int MOST_STREAMS = 12;

    private final List<Requirement> requirements;
    private final Cache<OfLog, Analysis> known = new Cache<>(MOST_BYTES, Analyses::bytes);
    private final Cache<OfSetup, Figure> estimated = new Cache<>(MOST_ESTIMATES, _ -> 1);
    private final Cache<OfSetup, Optional<StreamWork>> streams = new Cache<>(MOST_STREAMS, _ -> 1);

    Analyses(List<Requirement> requirements) {
        this.requirements = requirements;
    }

    /// What figures of a log rest on.
    private record OfLog(Attached log, AnalysisSettings settings) {}

    /// What rests on everything that was measured and on what it was measured on.
    private record OfSetup(List<Attached> evidence, AnalysisSettings settings, Setup setup) {
        static OfSetup of(Run run) {
            return new OfSetup(run.evidence(), run.settings(), run.setup());
        }
    }

    private static long bytes(Analysis analysis) {
        return (long) analysis.slice().size()
                * Double.BYTES
                * (2 + 2L * analysis.slice().log().columns());
    }

    void forget() {
        known.clear();
        estimated.clear();
        streams.clear();
    }

    /// How many logs with their figures are kept.
    int keptLogs() {
        return known.size();
    }

    /// A run and all that is worked out for it.
    AnalysedRun analyse(Study open, Contents now, Run run) throws StudyException {
        Analysis analysis = analysis(open, run);
        Supplier<BandLevels> band = CommonPool.begin(() -> BandLevels.of(analysis.times()));
        List<Analysis> sections = stretches(open, run).stream()
                .map(SectionFigures.Stretch::analysis)
                .toList();
        KnownRun known = KnownRun.of(open, run, analysis, stream(open, run), requirements);
        Optional<HeadsetSeen> headset = Headsets.seen(run, analysis, sections);
        NotedRun noted = NotedRun.of(open, run, known.recorded());
        return new AnalysedRun(
                run,
                analysis,
                known.findings(),
                band.get(),
                open.sections(run),
                sections,
                known.pictures(),
                known.recorded(),
                known.ways(),
                known.latency(),
                known.stream(),
                StudyComparison.toggled(open, run),
                noted,
                headset);
    }

    /// The figures of each marked stretch of a run; of a run without a log those of the whole run.
    private List<SectionFigures.Stretch> stretches(Study open, Run run) throws StudyException {
        Analysis analysis = analysis(open, run);
        return open.sections(run).stream()
                .map(StoredSection::section)
                .map(section -> new SectionFigures.Stretch(
                        section,
                        run.hasLog()
                                ? Analysis.of(
                                        analysis.slice().log().between(section.fromMs(), section.toMs()),
                                        run.settings())
                                : analysis))
                .toList();
    }

    private List<SectionFigures.Stretch> stretches(Study open, List<Run> runs) throws StudyException {
        List<SectionFigures.Stretch> all = new ArrayList<>();
        for (Run run : runs) {
            if (run.hasLog()) {
                all.addAll(stretches(open, run));
            }
        }
        return all;
    }

    /// The figures of a run.
    Analysis analysis(Study open, Run run) throws StudyException {
        Optional<Attached> log = run.attached(EvidenceKinds.FRAME_LOG);
        if (log.isEmpty()) {
            return Analysis.withoutLog(run.settings());
        }
        OfLog key = new OfLog(log.get(), run.settings());
        Optional<Analysis> found = known.get(key);
        return found.isPresent()
                ? found.get()
                : known.put(key, Analysis.of(open.log(run).all(), run.settings(), CommonPool::begin));
    }

    /// What is worked out of the stream of a run.
    private Optional<StreamWork> stream(Study open, Run run) throws StudyException {
        OfSetup key = OfSetup.of(run);
        Optional<Optional<StreamWork>> found = streams.get(key);
        return found.isPresent() ? found.get() : streams.put(key, Streams.of(open, run, analysis(open, run)));
    }

    /// The mean from input to light by the stages, ms.
    Figure estimatedLatencyMs(Study open, Run run) throws StudyException {
        OfSetup key = OfSetup.of(run);
        Optional<Figure> found = estimated.get(key);
        return found.isPresent()
                ? found.get()
                : estimated.put(key, Latencies.estimatedMeanMs(open, run, analysis(open, run)));
    }

    /// Every path of the scene of a run against the native one; only runs that count.
    List<Comparison> compare(Study open, Contents now, Run selectedRun, Progress progress) throws StudyException {
        return compare(open, now, selectedRun, Comparing.PATHS, progress);
    }

    /// Every group of the scene of a run against its baseline; only runs that count.
    List<Comparison> compare(Study open, Contents now, Run selectedRun, Comparing how, Progress progress)
            throws StudyException {
        List<Run> scene = now.runs().stream()
                .filter(run -> run.sceneId() == selectedRun.sceneId())
                .toList();
        List<Comparison> compared = new ArrayList<>();
        List<Pair> pairs = Pair.of(scene, how.by(), how.baseline());
        for (Pair pair : pairs) {
            progress.check((double) compared.size() / pairs.size());
            compared.add(compare(open, pair));
        }
        return List.copyOf(compared);
    }

    /// Every run of the scene of a run that was switched, against itself.
    List<Toggled> toggled(Study open, Contents now, Run selectedRun) throws StudyException {
        List<Toggled> all = new ArrayList<>();
        for (Run run : now.runs()) {
            if (run.sceneId() == selectedRun.sceneId() && run.isKept()) {
                StudyComparison.toggled(open, run).ifPresent(found -> all.add(Toggled.of(run, found)));
            }
        }
        return List.copyOf(all);
    }

    private Comparison compare(Study open, Pair pair) throws StudyException {
        Run first = pair.b().getFirst();
        RunComparison runs = pair.compare(open, run -> analysis(open, run));
        boolean measured =
                runs.latency().filter(one -> one.difference().isKnown()).isPresent();
        Difference added = measured
                ? runs.latency().orElseThrow()
                : Latencies.estimatedDifference(open, pair.a(), pair.b(), one -> analysis(open, one));
        return new Comparison(
                pair,
                runs,
                EnoughRuns.of(runs, runs.rate()),
                Findings.of(runs, List.of(), false),
                added,
                !measured && added.difference().isKnown(),
                SectionFigures.of(
                        stretches(open, pair.a()),
                        stretches(open, pair.b()),
                        first.path().multiplier()),
                Headsets.seen(first, analysis(open, first), List.of()).map(HeadsetSeen::whole),
                stream(open, first).flatMap(StreamWork::blame).map(blamed -> Blame.totals(blamed.hitches())),
                Stream.concat(pair.a().stream(), pair.b().stream()).anyMatch(Run::simulated));
    }
}
