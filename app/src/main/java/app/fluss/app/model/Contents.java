package app.fluss.app.model;

import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.path.Chain;
import app.fluss.core.plan.Wish;
import app.fluss.files.study.Attempt;
import app.fluss.files.study.Bench;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Item;
import app.fluss.files.study.Planned;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.StoredSchools;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/// What a study holds.
///
/// @param version grows with every change, so that of two readings the later one can be told
/// @param games by name
/// @param scenes by name
/// @param runs in the order they were added
/// @param bench what stands on the bench
/// @param planned what is planned
/// @param schools by which games are judged
/// @param people what is known of people
/// @param attempt what is measured right now
/// @param undo what would be undone next
/// @param redo what would be redone next
/// @param kept the runs that count, by scene and path
/// @param missing how many runs are still to be measured, by number of the scene; none is 0
public record Contents(
        long version,
        List<Game> games,
        List<Scene> scenes,
        List<Run> runs,
        Bench bench,
        Planned planned,
        StoredSchools schools,
        People people,
        Optional<Attempt> attempt,
        Optional<String> undo,
        Optional<String> redo,
        Map<Planned.Cell, List<Run>> kept,
        Map<Long, Integer> missing) {
    /// Contents of one version are the same; views ask for that at every change, on the interface thread.
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Contents it && it.version == version;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(version);
    }

    static final Contents EMPTY = new Contents(
            0,
            List.of(),
            List.of(),
            List.of(),
            Bench.EMPTY,
            Planned.NOTHING,
            StoredSchools.NONE,
            People.NONE,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Map.of(),
            Map.of());

    static Contents of(Study study, long version) throws StudyException {
        List<Run> runs = study.runs();
        Contents read = new Contents(
                version,
                study.games(),
                study.scenes(),
                runs,
                study.bench().read(),
                study.plan().read(),
                study.schools().read(),
                People.of(study),
                study.capture().open(),
                study.nextUndo(),
                study.nextRedo(),
                runs.stream()
                        .filter(Run::isCompared)
                        .collect(Collectors.groupingBy(run ->
                                new Planned.Cell(run.sceneId(), run.path().id()))),
                Map.of());
        return read.counted();
    }

    /// With what is missing, which every look at the study asks for.
    private Contents counted() {
        Map<Long, Integer> counts = new HashMap<>();
        for (Scene scene : scenes) {
            int open = Coverage.open(this, List.of(scene)).stream()
                    .mapToInt(Wish::repeats)
                    .sum();
            counts.put(scene.id(), open);
        }
        return new Contents(
                version,
                games,
                scenes,
                runs,
                bench,
                planned,
                schools,
                people,
                attempt,
                undo,
                redo,
                kept,
                Map.copyOf(counts));
    }

    /// How many runs of these scenes are still to be measured.
    public int missing(List<Scene> of) {
        return of.stream()
                .mapToInt(scene -> missing.getOrDefault(scene.id(), 0))
                .sum();
    }

    /// Whether nothing was put into the study yet.
    public boolean isEmpty() {
        return runs.isEmpty()
                && scenes.isEmpty()
                && bench.items().isEmpty()
                && bench.paths().isEmpty();
    }

    /// The runs of a scene.
    public List<Run> runs(Scene scene) {
        return runs.stream().filter(run -> run.sceneId() == scene.id()).toList();
    }

    /// The runs of a scene on a path that count.
    public List<Run> kept(long sceneId, long pathId) {
        return kept.getOrDefault(new Planned.Cell(sceneId, pathId), List.of());
    }

    /// The scene of that number.
    public Scene scene(long id) {
        return scenes.stream().filter(scene -> scene.id() == id).findFirst().orElseThrow();
    }

    /// The game of a scene.
    public Game game(Scene scene) {
        return games.stream()
                .filter(game -> game.id() == scene.gameId())
                .findFirst()
                .orElseThrow();
    }

    /// The path of that number.
    public DeliveryPath path(long id) {
        return bench.paths().stream()
                .filter(path -> path.id() == id)
                .findFirst()
                .orElseThrow();
    }

    /// A name that no path has yet: the one wanted, or that with a number.
    public String freePathName(String wanted) {
        return free(wanted, bench.paths().stream().map(DeliveryPath::name));
    }

    /// A name for another of the kind of this part.
    public String freeName(Item item) {
        return free(item.name(), bench.items(item.part()).stream().map(Item::name));
    }

    /// A name for another scene of its game.
    public String freeName(Scene scene) {
        return free(
                scene.name(),
                scenes.stream()
                        .filter(other -> other.gameId() == scene.gameId())
                        .map(Scene::name));
    }

    private static String free(String wanted, Stream<String> taken) {
        Set<String> names = taken.collect(Collectors.toSet());
        String name = wanted;
        for (int number = 2; names.contains(name); number++) {
            name = wanted + " (" + number + ")";
        }
        return name;
    }

    /// The game and scene of a run, for people.
    public String place(Run run) {
        return place(scene(run.sceneId()));
    }

    /// A run with its game, scene and path, for people.
    public String describe(Run run) {
        return place(run) + " · " + run.path().name() + " · " + run.name();
    }

    /// A scene with its game, for people.
    public String place(Scene scene) {
        return game(scene).name() + " · " + scene.name();
    }

    /// The native path that others in a scene are held against: the first one that has a run which
    /// counts.
    public Optional<DeliveryPath> baselinePath(long sceneId) {
        return runs.stream()
                .filter(run -> run.sceneId() == sceneId && run.isCompared())
                .map(Run::path)
                .filter(DeliveryPath::isNative)
                .min(Comparator.comparingLong(DeliveryPath::id));
    }

    /// The runs on that path that count.
    public List<Run> baselineRuns(long sceneId) {
        return baselinePath(sceneId).map(path -> kept(sceneId, path.id())).orElse(List.of());
    }

    /// The first of them that frames can be taken from: with a log and a stated display.
    public Optional<Run> baselineLog(long sceneId) {
        return baselineLogs(sceneId).filter(run -> run.display().isPresent()).findFirst();
    }

    /// The first of them that frames could be taken from if its display was stated.
    public Optional<Run> baselineLogWithoutDisplay(long sceneId) {
        return baselineLogs(sceneId).filter(run -> run.display().isEmpty()).findFirst();
    }

    private Stream<Run> baselineLogs(long sceneId) {
        return baselineRuns(sceneId).stream().filter(Run::hasLog);
    }

    /// The mode of the display that is in use, as the bench states it.
    public Optional<DisplayMode> display() {
        return bench.setup(0, Chain.NATIVE).display();
    }

    /// What a run would be measured on now, as the bench stands.
    public Setup benchNow(Run run) {
        return bench.setup(scene(run.sceneId()).gameId(), run.path().chain());
    }

    /// The facts that the native path would be measured with now; those that the last native run of a
    /// scene was measured with outweigh them.
    public Setup baseline(Scene scene) {
        Setup now = bench.setup(scene.gameId(), Chain.NATIVE);
        return baselineRuns(scene.id()).stream()
                .reduce((_, later) -> later)
                .map(run -> now.overlaid(run.setup().recorded()))
                .orElse(now);
    }
}
