package app.fluss.app.model;

import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.plan.RepeatsWanted;
import app.fluss.core.plan.Wish;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.NameOrder;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What is measured of a scene on a path, and what is wanted.
///
/// @param scene the scene
/// @param path the path
/// @param kept runs that count
/// @param wanted runs that are wanted
/// @param grade the weakest grade among the runs that count, at which they are compared
public record Coverage(Scene scene, DeliveryPath path, int kept, int wanted, Optional<Grade> grade) {
    /// Of one scene on one path.
    public static Coverage of(Contents contents, Scene scene, DeliveryPath path) {
        List<Run> kept = contents.kept(scene.id(), path.id());
        return new Coverage(
                scene,
                path,
                kept.size(),
                contents.planned().wanted(scene.id(), path.id()),
                kept.stream().map(Run::grade).reduce(Grade::weaker));
    }

    /// Runs still to be measured.
    public int missing() {
        return Math.max(0, wanted - kept);
    }

    /// Whether fewer runs of it are there or wanted than give an interval between runs.
    private boolean isFew() {
        return Math.max(kept, wanted) < RepeatsWanted.TO_BEGIN_WITH;
    }

    /// Whether it is measured or wanted at all.
    public boolean isInUse() {
        return kept > 0 || wanted > 0;
    }

    /// The scenes of a game; of all games if none is given.
    public static List<Scene> scenes(Contents contents, Optional<Game> game) {
        return contents.scenes().stream()
                .filter(scene -> game.isEmpty() || scene.gameId() == game.get().id())
                .sorted(Comparator.comparing(scene -> contents.game(scene).name(), NameOrder.NAMES))
                .toList();
    }

    /// The paths that are measured or wanted in some scenes, native first.
    public static List<DeliveryPath> paths(Contents contents, List<Scene> scenes) {
        List<DeliveryPath> paths = new ArrayList<>(contents.bench().paths().stream()
                .filter(path -> scenes.stream()
                        .anyMatch(scene -> of(contents, scene, path).isInUse()))
                .toList());
        paths.sort((a, b) -> Boolean.compare(b.isNative(), a.isNative()));
        return paths;
    }

    /// What has fewer runs, kept or wanted, than give an interval between runs: of what is in use in some scenes; of
    /// everything where nothing is.
    public static List<Coverage> few(Contents contents, List<Scene> scenes) {
        boolean nothing = paths(contents, scenes).isEmpty();
        return scenes.stream()
                .flatMap(scene -> contents.bench().paths().stream().map(path -> of(contents, scene, path)))
                .filter(coverage -> nothing || (coverage.isInUse() && coverage.isFew()))
                .toList();
    }

    /// What is still to be measured, in the order of scenes and paths; the native path also where nothing of it is
    /// missing, for a session begins and ends with it.
    public static List<Wish> open(Contents contents, List<Scene> scenes) {
        List<Wish> wishes = new ArrayList<>();
        for (Scene scene : scenes) {
            for (DeliveryPath path : paths(contents, List.of(scene))) {
                int missing = of(contents, scene, path).missing();
                if (missing > 0 || path.isNative()) {
                    wishes.add(new Wish(scene.gameId(), scene.id(), scene.seconds(), path.id(), path.chain(), missing));
                }
            }
        }
        return wishes;
    }

    /// The path that the bench is set to: that of the last line that was done.
    public static Chain set(Contents contents) {
        return contents.planned().sheet().stream()
                .filter(row -> row.state() == SheetRow.State.DONE)
                .reduce((_, later) -> later)
                .map(row -> contents.path(row.pathId()).chain())
                .orElse(Chain.NATIVE);
    }
}
