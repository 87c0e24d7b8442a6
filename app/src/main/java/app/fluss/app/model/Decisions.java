package app.fluss.app.model;

import app.fluss.core.tune.CapGrid;
import app.fluss.core.verdict.School;
import app.fluss.core.work.Progress;
import app.fluss.files.compare.Pair;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.verdict.GameCases;
import app.fluss.files.verdict.GameVerdicts;
import app.fluss.files.verdict.Grids;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// What follows for the games of the open study. What a game's verdicts rest on is worked out once, off the
/// interface
/// thread; judging it by a school takes no time, so bounds can be moved by hand.
public final class Decisions {
    private static final int MOST_GAMES = 500;

    private final Workbench workbench;
    private final Cache<OfGame, GameCases> known = new Cache<>(MOST_GAMES, _ -> 1);
    private final IdentityHashMap<GameCases.OfPath, Optional<CapGrid>> grids = new IdentityHashMap<>();
    private final ReadOnlyObjectWrapper<List<GameVerdicts>> verdicts = new ReadOnlyObjectWrapper<>(List.of());

    /// What the verdicts of a game rest on.
    private record OfGame(Game game, List<Scene> scenes, List<Run> runs, long judgements) {}

    private record Worked(List<GameVerdicts> verdicts, IdentityHashMap<GameCases.OfPath, Optional<CapGrid>> grids) {}

    /// Of the study that is open in a workbench.
    public Decisions(Workbench workbench) {
        this.workbench = workbench;
    }

    /// The verdicts of every game, each by the school that was chosen for it.
    public ReadOnlyObjectProperty<List<GameVerdicts>> verdictsProperty() {
        return verdicts.getReadOnlyProperty();
    }

    /// Works out what is not known yet. To be asked for when the study has changed, or what shows it comes up.
    public void work() {
        workbench.work(ModelText.CALCULATING_VERDICTS, this::worked, worked -> {
            synchronized (grids) {
                grids.putAll(worked.grids);
            }
            verdicts.set(worked.verdicts);
        });
    }

    private Worked worked(Study study, Contents contents, Analyses analyses, Progress progress) throws StudyException {
        IdentityHashMap<GameCases.OfPath, Optional<CapGrid>> found = new IdentityHashMap<>();
        List<GameVerdicts> all = new ArrayList<>();
        long judgements = study.judgements();
        Pair.Figures figures = run -> analyses.analysis(study, run);
        for (Game game : contents.games()) {
            progress.check((double) all.size() / contents.games().size());
            List<Scene> scenes = GameCases.scenes(game, contents.scenes());
            List<Run> runs = scenes.stream()
                    .flatMap(scene -> contents.runs(scene).stream())
                    .toList();
            OfGame key = new OfGame(game, scenes, runs, judgements);
            Optional<GameCases> kept = known.get(key);
            GameCases cases = kept.isPresent()
                    ? kept.get()
                    : known.put(
                            key,
                            GameCases.of(
                                    study,
                                    game,
                                    scenes,
                                    runs,
                                    _ -> figures,
                                    workbench.requirements(),
                                    progress.part(
                                            (double) all.size()
                                                    / contents.games().size(),
                                            (all.size() + 1.0)
                                                    / contents.games().size())));
            Optional<String> kind = contents.bench().kind(game).or(cases::kind);
            all.add(GameVerdicts.of(cases, contents.schools().school(game, kind), path -> grid(found, figures, path)));
        }
        return new Worked(List.copyOf(all), found);
    }

    private Optional<CapGrid> grid(
            IdentityHashMap<GameCases.OfPath, Optional<CapGrid>> found, Pair.Figures figures, GameCases.OfPath path) {
        return found.computeIfAbsent(path, asked -> {
            Optional<CapGrid> before;
            synchronized (grids) {
                before = grids.getOrDefault(asked, Optional.empty());
            }
            return before.isPresent() ? before : new Grids.Worked(figures).of(asked);
        });
    }

    /// Judges a game by a school that was chosen, or whose bounds were moved, with the grids that are known.
    public GameVerdicts judge(GameCases cases, School school) {
        return GameVerdicts.of(cases, school, path -> {
            synchronized (grids) {
                return grids.getOrDefault(path, Optional.empty());
            }
        });
    }
}
