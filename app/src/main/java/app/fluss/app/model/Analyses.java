package app.fluss.app.model;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.compare.Confound;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.ClipFindings;
import app.fluss.core.finding.ComparisonFindings;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.HeadsetFindings;
import app.fluss.core.finding.RequirementFindings;
import app.fluss.core.finding.RunFindings;
import app.fluss.core.finding.SensorFindings;
import app.fluss.core.finding.WaysFindings;
import app.fluss.core.generation.SectionFigures;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.Requirement;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.work.Progress;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.study.StoredSection;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.study.Taking;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/// The figures of runs, each worked out once. Used by one thread at a time.
final class Analyses {
    private final List<Requirement> requirements;
    private final Map<Run, Analysis> known = new ConcurrentHashMap<>();
    private final Map<Run, Figure> estimated = new ConcurrentHashMap<>();
    private final Map<Run, Optional<StreamWork>> streams = new ConcurrentHashMap<>();

    Analyses(List<Requirement> requirements) {
        this.requirements = requirements;
    }

    void forget() {
        known.clear();
        estimated.clear();
        streams.clear();
    }

    /// A run and all that is worked out for it.
    AnalysedRun analyse(Study open, Contents now, Run run) throws StudyException, IOException {
        Analysis analysis = analysis(open, run);
        Setup setup = now.setup(run);
        List<Analysis> sections = stretches(open, run).stream()
                .map(SectionFigures.Stretch::analysis)
                .toList();
        Optional<StoredPictures> pictures = open.pictures().of(run);
        WaysToKnow ways = WaysToKnow.of(analysis, pictures.flatMap(StoredPictures::seen));
        AnalysedLatency latency = Latencies.of(open, run, analysis);
        streams.remove(run); // a host's log or a probe may have been added
        Optional<StreamWork> stream = stream(open, now, run);
        Optional<HeadsetSeen> headset = Headsets.seen(run, setup, analysis, sections);
        List<Finding> findings = findings(open, run, analysis, latency, pictures, ways);
        stream.ifPresent(seen -> findings.addAll(Streams.findings(seen)));
        headset.ifPresent(seen -> findings.addAll(HeadsetFindings.of(seen.whole(), analysis.limits())));
        findings.sort(Finding.WORST_FIRST);
        return new AnalysedRun(
                run,
                analysis,
                List.copyOf(findings),
                BandLevels.of(analysis.times()),
                open.sections(run),
                sections,
                pictures,
                ways,
                latency,
                stream,
                headset);
    }

    /// The figures of each marked stretch of a run; of a run without a log those of the whole run.
    private List<SectionFigures.Stretch> stretches(Study open, Run run) throws StudyException {
        Analysis analysis = analysis(open, run);
        return open.sections(run).stream()
                .map(StoredSection::section)
                .map(section -> new SectionFigures.Stretch(
                        section,
                        run.grade().hasLog()
                                ? Analysis.of(
                                        analysis.slice().log().between(section.fromMs(), section.toMs()),
                                        run.settings())
                                : analysis))
                .toList();
    }

    private List<SectionFigures.Stretch> stretches(Study open, List<Run> runs) throws StudyException {
        List<SectionFigures.Stretch> all = new ArrayList<>();
        for (Run run : runs) {
            if (run.grade().hasLog()) {
                all.addAll(stretches(open, run));
            }
        }
        return all;
    }

    /// The figures of a run.
    Analysis analysis(Study open, Run run) throws StudyException {
        Analysis found = known.get(run);
        if (found == null) {
            found = run.logId().isPresent()
                    ? Analysis.of(open.log(run).all(), run.settings())
                    : Analysis.withoutLog(run.settings());
            known.put(run, found);
        }
        return found;
    }

    /// What is worked out of the stream of a run.
    private Optional<StreamWork> stream(Study open, Contents now, Run run) throws StudyException, IOException {
        Optional<StreamWork> found = streams.get(run);
        if (found == null) {
            found = Streams.of(open, run, now.setup(run), analysis(open, run));
            streams.put(run, found);
        }
        return found;
    }

    /// The mean from input to light by the stages, ms.
    Figure estimatedLatencyMs(Study open, Run run) throws StudyException {
        Figure found = estimated.get(run);
        if (found == null) {
            found = Latencies.estimatedMeanMs(open, run, this);
            estimated.put(run, found);
        }
        return found;
    }

    /// Every path of the scene of a run against the native one; only runs that count.
    List<Comparison> compare(Study open, Contents now, Run selectedRun, Progress progress)
            throws StudyException, IOException {
        List<Run> ofScene = now.runs().stream()
                .filter(run -> run.sceneId() == selectedRun.sceneId() && run.isKept())
                .toList();
        List<Run> baseline = now.baselineRuns(selectedRun.sceneId());
        Map<DeliveryPath, List<Run>> byPath = new LinkedHashMap<>();
        for (Run run : ofScene) {
            if (!baseline.contains(run)) {
                byPath.computeIfAbsent(run.path(), _ -> new ArrayList<>()).add(run);
            }
        }
        List<Comparison> compared = new ArrayList<>();
        if (baseline.isEmpty()) {
            return compared;
        }
        List<SectionFigures.Stretch> stretches = stretches(open, baseline);
        for (var entry : byPath.entrySet()) {
            List<Run> others = entry.getValue();
            double step = 1.0 / byPath.size();
            double from = compared.size() * step;
            RunComparison runs = RunComparison.of(
                    analyses(open, baseline),
                    analyses(open, others),
                    entry.getKey().multiplier(),
                    Confound.between(
                            now.facts().getOrDefault(baseline.getFirst().id(), Map.of()),
                            now.facts().getOrDefault(others.getFirst().id(), Map.of()),
                            changedBy(entry.getKey())),
                    progress.part(from, from + step));
            boolean simulated = baseline.stream().anyMatch(Run::simulated)
                    || others.stream().anyMatch(Run::simulated);
            LatencyDifference measured = Latencies.difference(open, baseline, others);
            LatencyDifference latency = measured.shiftMs().isKnown()
                    ? measured
                    : Latencies.estimatedDifference(open, baseline, others, this);
            compared.add(new Comparison(
                    entry.getKey(),
                    runs,
                    ComparisonFindings.of(runs),
                    latency,
                    !measured.shiftMs().isKnown() && latency.shiftMs().isKnown(),
                    SectionFigures.of(
                            stretches, stretches(open, others), entry.getKey().multiplier()),
                    Headsets.seen(
                                    others.getFirst(),
                                    now.setup(others.getFirst()),
                                    analysis(open, others.getFirst()),
                                    List.of())
                            .map(HeadsetSeen::whole),
                    stream(open, now, others.getFirst())
                            .flatMap(StreamWork::blame)
                            .map(blamed -> Blame.totals(blamed.hitches())),
                    simulated));
        }
        return List.copyOf(compared);
    }

    private List<Analysis> analyses(Study open, List<Run> runs) throws StudyException {
        List<Analysis> all = new ArrayList<>();
        for (Run run : runs) {
            all.add(analysis(open, run));
        }
        return all;
    }

    /// What the figures show, and what was not as it should be when they were measured.
    private List<Finding> findings(
            Study open,
            Run run,
            Analysis analysis,
            AnalysedLatency latency,
            Optional<StoredPictures> pictures,
            WaysToKnow ways)
            throws StudyException {
        List<Finding> all = new ArrayList<>(RunFindings.of(analysis));
        all.addAll(RequirementFindings.of(judged(open.capture().checks(run))));
        all.addAll(latency.findings());
        all.addAll(WaysFindings.of(ways));
        pictures.ifPresent(clip -> all.addAll(ClipFindings.of(
                clip.differences().count(),
                clip.fps(),
                run.settings().claimedFps().orNaN())));
        double cardMemoryMb = Setup.EMPTY.withNamed(open.facts(run)).number(FactKey.FIRST_VRAM_MB);
        all.addAll(SensorFindings.of(analysis, cardMemoryMb));
        return all;
    }

    private List<Judgement> judged(List<Taking.Checked> checks) {
        List<Judgement> judged = new ArrayList<>();
        for (Taking.Checked check : checks) {
            requirements.stream()
                    .filter(one -> one.id().equals(check.requirement()))
                    .findFirst()
                    .ifPresent(one -> judged.add(new Judgement(
                            one, new Outcome(Outcome.State.valueOf(check.state()), check.seen()), check.ticked())));
        }
        return judged;
    }

    /// Facts that a path is there to change, so that they are no confounds.
    private static Set<String> changedBy(DeliveryPath path) {
        return path.chain().changes().stream().map(FactKey::id).collect(Collectors.toSet());
    }
}
