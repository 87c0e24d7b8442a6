package app.fluss.files.known;

import app.fluss.core.ladder.LadderRun;
import app.fluss.core.ladder.SettingLadder;
import app.fluss.core.measure.Figure;
import app.fluss.files.compare.Pair;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.List;

/// Runs of a scene that differ in one setting, lined up.
///
/// @param ladders each setting that makes one
/// @param latencyEstimated whether latency on them is from stages, for it was not measured on every rung
public record Ladders(List<SettingLadder> ladders, boolean latencyEstimated) {
    /// Estimates the latency of a run, ms.
    @FunctionalInterface
    public interface Estimates {
        /// From its stages.
        Figure of(Run run) throws StudyException;
    }

    /// Lines runs up.
    ///
    /// @param scene runs of one scene; those that count and have a log take part
    /// @param baseline native runs that are the first rung
    /// @param estimates asked where latency was not measured on every rung
    public static Ladders of(
            Study study, List<Run> scene, List<Run> baseline, Pair.Figures figures, Estimates estimates)
            throws StudyException {
        List<Run> logged = scene.stream()
                .filter(run -> run.isCompared() && run.grade().hasLog())
                .toList();
        boolean measured = logged.stream().allMatch(run -> run.path().isNative() || run.has(EvidenceKinds.LATENCY));
        List<LadderRun> generating = new ArrayList<>();
        List<LadderRun> natives = new ArrayList<>();
        for (Run run : logged) {
            boolean first = baseline.contains(run);
            if (first || !run.path().isNative()) {
                Figure latency = measured ? Latencies.measuredMeanMs(study, List.of(run)) : estimates.of(run);
                (first ? natives : generating)
                        .add(new LadderRun(run.path().chain(), run.setup(), figures.of(run), latency));
            }
        }
        return new Ladders(SettingLadder.of(generating, natives), !measured);
    }
}
