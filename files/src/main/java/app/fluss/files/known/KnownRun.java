package app.fluss.files.known;

import app.fluss.core.bench.FactKey;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.KnownOfRun;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.latency.chain.Unexplained;
import app.fluss.core.measure.Analysis;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.Requirement;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredNumbers;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.study.Taking;
import app.fluss.files.work.CommonPool;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/// A run with all that is known of it.
///
/// @param analysis its figures
/// @param latency measured, and by its stages
/// @param stream what is known of its stream; empty without one
/// @param pictures what its clip shows; empty without one
/// @param recorded numbers that stand on a recording of it; empty without one
/// @param ways what of it was generated
/// @param findings what Fluss noticed, worst first
public record KnownRun(
        Analysis analysis,
        AnalysedLatency latency,
        Optional<StreamWork> stream,
        Optional<StoredPictures> pictures,
        Optional<StoredNumbers> recorded,
        WaysToKnow ways,
        List<Finding> findings) {
    /// Puts it together.
    ///
    /// @param stream as it was worked out; empty without one
    /// @param requirements all there are
    public static KnownRun of(
            Study study, Run run, Analysis analysis, Optional<StreamWork> stream, List<Requirement> requirements)
            throws StudyException {
        Optional<StoredPictures> pictures = study.evidence(run, EvidenceKinds.CLIP_COUNT);
        Supplier<WaysToKnow> ways = CommonPool.begin(() -> ways(analysis, pictures));
        AnalysedLatency latency = Latencies.of(study, run, analysis);
        Optional<StoredNumbers> recorded = study.evidence(run, EvidenceKinds.RECORDING);
        KnownOfRun known = known(
                study,
                run,
                analysis,
                stream,
                pictures,
                ways.get(),
                recorded,
                latency.measured(),
                latency.unexplained(),
                requirements);
        return new KnownRun(analysis, latency, stream, pictures, recorded, known.ways(), Findings.of(known));
    }

    /// The findings of a run alone, worst first, without those that its stages must be estimated for.
    public static List<Finding> findings(
            Study study, Run run, Analysis analysis, Optional<StreamWork> stream, List<Requirement> requirements)
            throws StudyException {
        Optional<StoredPictures> pictures = study.evidence(run, EvidenceKinds.CLIP_COUNT);
        return Findings.of(known(
                study,
                run,
                analysis,
                stream,
                pictures,
                ways(analysis, pictures),
                study.evidence(run, EvidenceKinds.RECORDING),
                Latencies.measured(study, run),
                Optional.empty(),
                requirements));
    }

    private static WaysToKnow ways(Analysis analysis, Optional<StoredPictures> pictures) {
        return WaysToKnow.of(analysis, pictures.flatMap(StoredPictures::seen));
    }

    private static KnownOfRun known(
            Study study,
            Run run,
            Analysis analysis,
            Optional<StreamWork> stream,
            Optional<StoredPictures> pictures,
            WaysToKnow ways,
            Optional<StoredNumbers> recorded,
            Optional<AnalysedLatency.Measured> measured,
            Optional<Unexplained> unexplained,
            List<Requirement> requirements)
            throws StudyException {
        return new KnownOfRun(
                analysis,
                study.notes(run),
                run.setup().number(FactKey.FIRST_VRAM_MB),
                ways,
                judged(study.capture().checks(run), requirements),
                measured.map(seen -> new KnownOfRun.Latency(
                        seen.stored().measurement(),
                        seen.figures(),
                        seen.stored().open())),
                unexplained,
                pictures.map(clip -> new KnownOfRun.Clip(clip.differences().count(), clip.fps())),
                recorded.map(numbers ->
                        new KnownOfRun.Recorded(numbers.series(), numbers.read().missing())),
                stream.flatMap(StreamWork::blame)
                        .map(blamed -> new KnownOfRun.Blamed(blamed.hitches(), blamed.alignment())),
                stream.flatMap(seen -> seen.probe().map(probe -> new KnownOfRun.Probe(probe, seen.bufferMs()))),
                Worn.of(run, analysis));
    }

    /// The requirements as they were judged before a run.
    public static List<Judgement> judged(List<Taking.Checked> checks, List<Requirement> requirements) {
        List<Judgement> judged = new ArrayList<>();
        for (Taking.Checked check : checks) {
            requirements.stream()
                    .filter(one -> one.id().equals(check.requirement()))
                    .findFirst()
                    .ifPresent(one ->
                            judged.add(new Judgement(one, new Outcome(check.state(), check.seen()), check.ticked())));
        }
        return List.copyOf(judged);
    }
}
