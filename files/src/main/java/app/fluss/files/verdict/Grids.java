package app.fluss.files.verdict;

import app.fluss.core.bench.FactKey;
import app.fluss.core.path.StageKind;
import app.fluss.core.tune.CapGrid;
import app.fluss.core.tune.TuneBench;
import app.fluss.core.work.Progress;
import app.fluss.files.compare.Pair;
import app.fluss.files.study.Run;
import app.fluss.files.study.StudyException;
import java.util.Comparator;
import java.util.Optional;

/// Gives what other caps and multipliers of a path would do, worked out of its native frames.
@FunctionalInterface
public interface Grids {
    /// None are worked out.
    Grids NONE = _ -> Optional.empty();

    /// Of a path; empty where it cannot be worked out: without a generator whose time for an image is stated,
    /// without
    /// a native log with the work of its frames on a stated display.
    Optional<CapGrid> of(GameCases.OfPath path);

    /// Works them out.
    ///
    /// @param figures of runs
    record Worked(Pair.Figures figures) implements Grids {
        @Override
        public Optional<CapGrid> of(GameCases.OfPath path) {
            Optional<Run> from = path.scenes().stream()
                    .max(Comparator.comparing(one -> one.scene().weight()))
                    .flatMap(heaviest -> heaviest.natives().stream()
                            .filter(run -> run.hasLog() && run.display().isPresent())
                            .findFirst());
            double madeMs = FactKey.number(path.path().chain().settings().getOrDefault(FactKey.MADE_MS, ""));
            if (from.isEmpty() || !(madeMs >= 0) || !(path.path().chain().multiplier() > 1)) {
                return Optional.empty();
            }
            TuneBench bench = TuneBench.stated(
                    madeMs,
                    path.path().chain().has(StageKind.SECOND_GPU),
                    from.get().display().orElseThrow(),
                    path.scenes().getFirst().runs().getFirst().setup());
            try {
                return CapGrid.of(
                        figures.of(from.get()).slice(),
                        bench,
                        (int) path.path().chain().multiplier(),
                        Progress.NONE);
            } catch (StudyException e) {
                return Optional.empty(); // the run is shown with what is wrong with it
            }
        }
    }
}
