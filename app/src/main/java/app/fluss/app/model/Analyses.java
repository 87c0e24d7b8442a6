package app.fluss.app.model;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.compare.Confound;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.KnownOfRun;
import app.fluss.core.generation.SectionFigures;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.Requirement;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.toggle.ToggleComparison;
import app.fluss.core.work.Progress;
import app.fluss.files.study.Attached;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.study.StoredSection;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.study.Taking;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// The figures of runs, each worked out once for what it rests on, the latest kept. Used by one thread at a time.
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
        List<Analysis> sections = stretches(open, run).stream()
                .map(SectionFigures.Stretch::analysis)
                .toList();
        Optional<StoredPictures> pictures = open.evidence(run, EvidenceKinds.CLIP_COUNT);
        WaysToKnow ways = WaysToKnow.of(analysis, pictures.flatMap(StoredPictures::seen));
        AnalysedLatency latency = Latencies.of(open, run, analysis);
        Optional<StreamWork> stream = stream(open, run);
        Optional<HeadsetSeen> headset = Headsets.seen(run, analysis, sections);
        List<Finding> findings = Findings.of(new KnownOfRun(
                analysis,
                open.notes(run),
                run.setup().number(FactKey.FIRST_VRAM_MB),
                ways,
                judged(open.capture().checks(run)),
                latency.measured()
                        .map(seen -> new KnownOfRun.Latency(
                                seen.stored().measurement(),
                                seen.figures(),
                                seen.stored().open())),
                latency.unexplained(),
                pictures.map(clip -> new KnownOfRun.Clip(clip.differences().count(), clip.fps())),
                stream.flatMap(StreamWork::blame)
                        .map(blamed -> new KnownOfRun.Blamed(blamed.hitches(), blamed.alignment())),
                stream.flatMap(seen -> seen.probe().map(probe -> new KnownOfRun.Probe(probe, seen.bufferMs()))),
                headset.map(HeadsetSeen::whole)));
        NotedRun noted = NotedRun.of(open, run);
        return new AnalysedRun(
                run,
                analysis,
                findings,
                BandLevels.of(analysis.times()),
                open.sections(run),
                sections,
                pictures,
                ways,
                latency,
                stream,
                toggled(run, analysis, noted, pictures),
                noted,
                headset);
    }

    /// Switches are on the time of the log, else of the readings, else of the clip.
    private static Optional<ToggleComparison> toggled(
            Run run, Analysis analysis, NotedRun noted, Optional<StoredPictures> pictures) {
        if (!run.isToggled()) {
            return Optional.empty();
        } else if (run.hasLog()) {
            return Optional.of(ToggleComparison.of(analysis.slice().log(), run.toggles(), run.settings()));
        }
        Optional<ReadingSeries> timed = noted.readings().filter(ReadingSeries::isTimed);
        return timed.isPresent()
                ? timed.map(series -> ToggleComparison.of(series, run.toggles()))
                : pictures.flatMap(StoredPictures::images)
                        .map(images -> ToggleComparison.ofClip(images, run.toggles()));
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
                : known.put(key, Analysis.of(open.log(run).all(), run.settings()));
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
        return found.isPresent() ? found.get() : estimated.put(key, Latencies.estimatedMeanMs(open, run, this));
    }

    /// Every path of the scene of a run against the native one; only runs that count.
    List<Comparison> compare(Study open, Contents now, Run selectedRun, Progress progress) throws StudyException {
        List<Run> baseline = now.baselineRuns(selectedRun.sceneId());
        if (baseline.isEmpty()) {
            return List.of();
        }
        Map<Long, List<Run>> byPath = new LinkedHashMap<>();
        for (Run run : now.runs()) {
            if (run.sceneId() == selectedRun.sceneId() && run.isCompared() && !baseline.contains(run)) {
                byPath.computeIfAbsent(run.path().id(), _ -> new ArrayList<>()).add(run);
            }
        }
        List<Comparison> compared = new ArrayList<>();
        List<SectionFigures.Stretch> stretches = stretches(open, baseline);
        for (List<Run> others : byPath.values()) {
            double step = 1.0 / byPath.size();
            double from = compared.size() * step;
            compared.add(compare(open, baseline, others, stretches, progress.part(from, from + step)));
        }
        return List.copyOf(compared);
    }

    private Comparison compare(
            Study open, List<Run> baseline, List<Run> others, List<SectionFigures.Stretch> stretches, Progress progress)
            throws StudyException {
        Run first = others.getFirst();
        DeliveryPath path = first.path();
        RunComparison runs = RunComparison.of(
                analyses(open, baseline),
                analyses(open, others),
                path.multiplier(),
                Confound.between(
                        baseline.getFirst().setup().named(), first.setup().named(), changedBy(path)),
                progress);
        LatencyDifference measured = Latencies.difference(open, baseline, others);
        LatencyDifference latency =
                measured.shiftMs().isKnown() ? measured : Latencies.estimatedDifference(open, baseline, others, this);
        return new Comparison(
                path,
                runs,
                Findings.of(runs, List.of(), false),
                latency,
                !measured.shiftMs().isKnown() && latency.shiftMs().isKnown(),
                SectionFigures.of(stretches, stretches(open, others), path.multiplier()),
                Headsets.seen(first, analysis(open, first), List.of()).map(HeadsetSeen::whole),
                stream(open, first).flatMap(StreamWork::blame).map(blamed -> Blame.totals(blamed.hitches())),
                baseline.stream().anyMatch(Run::simulated) || others.stream().anyMatch(Run::simulated));
    }

    private List<Analysis> analyses(Study open, List<Run> runs) throws StudyException {
        List<Analysis> all = new ArrayList<>();
        for (Run run : runs) {
            all.add(analysis(open, run));
        }
        return all;
    }

    private List<Judgement> judged(List<Taking.Checked> checks) {
        List<Judgement> judged = new ArrayList<>();
        for (Taking.Checked check : checks) {
            requirements.stream()
                    .filter(one -> one.id().equals(check.requirement()))
                    .findFirst()
                    .ifPresent(one ->
                            judged.add(new Judgement(one, new Outcome(check.state(), check.seen()), check.ticked())));
        }
        return judged;
    }

    /// Facts that a path is there to change, so that they are no confounds.
    private static Set<String> changedBy(DeliveryPath path) {
        return path.chain().changes().stream().map(FactKey::id).collect(Collectors.toSet());
    }
}
