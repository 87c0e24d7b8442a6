package app.fluss.app.model;

import app.fluss.core.path.StageKind;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.known.Ladders;
import app.fluss.files.known.Worn;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.List;
import java.util.Optional;

/// Works out what belongs to the path of a run: ladders of its scene, its second card, its display.
final class PathWorks {
    private final Study study;
    private final Contents contents;
    private final Analyses analyses;

    PathWorks(Study study, Contents contents, Analyses analyses) {
        this.study = study;
        this.contents = contents;
        this.analyses = analyses;
    }

    /// @param comparisons of the scene of the run
    PathWork of(AnalysedRun analysed, List<Comparison> comparisons) throws StudyException {
        Run run = analysed.run();
        List<Run> ofScene = contents.runs().stream()
                .filter(other -> other.sceneId() == run.sceneId()
                        && other.isCompared()
                        && other.grade().hasLog())
                .toList();
        Ladders ladders = Ladders.of(
                study,
                ofScene,
                contents.baselineRuns(run.sceneId()),
                one -> analyses.analysis(study, one),
                one -> analyses.estimatedLatencyMs(study, one));
        Optional<Comparison> own = comparisons.stream()
                .filter(comparison -> comparison.path().id() == run.path().id())
                .findFirst();
        return new PathWork(
                run.id(),
                own,
                ladders.ladders(),
                ladders.latencyEstimated(),
                run.path().chain().has(StageKind.SECOND_GPU) && run.hasLog()
                        ? Optional.of(new SecondCards(study, contents, analyses).of(run, ofScene, comparisons))
                        : Optional.empty(),
                run.hasLog() ? Optional.of(Screens.of(contents, run, analyses.analysis(study, run))) : Optional.empty(),
                Worn.is(run)
                        ? Optional.of(new Headsets(study, contents, analyses).of(analysed, ofScene))
                        : Optional.empty(),
                PowerUses.of(study, analyses, run, ofScene),
                own.isPresent()
                        ? PathAttribution.of(study, own.get().pair(), one -> analyses.analysis(study, one))
                        : Optional.empty());
    }
}
