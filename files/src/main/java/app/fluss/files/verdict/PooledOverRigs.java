package app.fluss.files.verdict;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.OverRigs;
import app.fluss.core.measure.Measure;
import app.fluss.files.study.Run;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The delivered gain of a path over the rigs on which it was measured, each in the heaviest scene that
/// it has there.
///
/// @param path its name
/// @param gain rig by rig, and pooled where there are enough
public record PooledOverRigs(String path, OverRigs gain) {
    private static final int FEWEST = 2;

    /// Of the paths of a game that were measured on two rigs and more.
    public static List<PooledOverRigs> of(GameCases cases) {
        Map<String, List<OverRigs.OfRig>> byPath = new LinkedHashMap<>();
        for (GameCases.OfPath path : cases.paths()) {
            GameCases.OfScene scene = path.scenes().stream()
                    .max(Comparator.comparing(one -> one.scene().weight()))
                    .orElseThrow();
            byPath.computeIfAbsent(path.path().name(), _ -> new ArrayList<>())
                    .add(ofRig(rig(scene.runs().getFirst()), scene.compared().measure(Measure.DELIVERED)));
        }
        List<PooledOverRigs> pooled = new ArrayList<>();
        byPath.forEach((path, rigs) -> {
            long different = rigs.stream().map(OverRigs.OfRig::rig).distinct().count();
            if (different >= FEWEST && different == rigs.size()) {
                pooled.add(new PooledOverRigs(path, OverRigs.of(rigs)));
            }
        });
        return List.copyOf(pooled);
    }

    private static String rig(Run run) {
        String name = run.setup().item(BenchPart.RIG).orElse("own rig");
        return run.origin().isEmpty() || name.endsWith("(" + run.origin() + ")")
                ? name
                : "%s (%s)".formatted(name, run.origin());
    }

    private static OverRigs.OfRig ofRig(String rig, Difference delivered) {
        boolean speaks = delivered.method().isFromRunToRun();
        return new OverRigs.OfRig(
                rig,
                delivered.ratio(),
                speaks ? delivered.ratioInterval() : Optional.empty(),
                speaks ? delivered.estimate().ratioFreedom() : Double.NaN);
    }
}
