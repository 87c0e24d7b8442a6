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
        Estimates latencies = measured ? run -> Latencies.measuredMeanMs(study, List.of(run)) : estimates;
        // Estimates take long: none is made where no ladder stands without them.
        boolean any = !ladders(logged, baseline, figures, _ -> Figure.missing("not asked yet"))
                .isEmpty();
        return new Ladders(any ? ladders(logged, baseline, figures, latencies) : List.of(), !measured);
    }

    private static List<SettingLadder> ladders(
            List<Run> logged, List<Run> baseline, Pair.Figures figures, Estimates latencies) throws StudyException {
        List<LadderRun> generating = new ArrayList<>();
        List<LadderRun> natives = new ArrayList<>();
        for (Run run : logged) {
            boolean first = baseline.contains(run);
            if (first || !run.path().isNative()) {
                (first ? natives : generating)
                        .add(new LadderRun(run.path().chain(), run.setup(), figures.of(run), latencies.of(run)));
            }
        }
        return SettingLadder.of(generating, natives);
    }
}
