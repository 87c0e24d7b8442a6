package app.fluss.files.verdict;

import app.fluss.core.path.Requirement;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.verdict.Verdict;
import app.fluss.core.work.Progress;
import app.fluss.files.bench.Requirements;
import app.fluss.files.compare.SceneFigures;
import app.fluss.files.study.Bench;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.StoredSchools;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// The verdicts of one game, path by path.
///
/// @param cases what they rest on
/// @param school by which it is judged
/// @param paths the verdict of each path, in the order of its first run
public record GameVerdicts(GameCases cases, School school, Map<String, Verdict> paths) {
    /// Name of the game.
    public String game() {
        return cases.game().name();
    }

    /// The path that is used: the best of those that may be, if any may.
    public Optional<String> primary() {
        return paths.entrySet().stream()
                .filter(one -> one.getValue().word().isFor())
                .min(Map.Entry.comparingByValue(Verdict.better()))
                .map(Map.Entry::getKey);
    }

    /// The verdict of a path.
    ///
    /// @throws NullPointerException if there is none of that name
    public Verdict verdict(String path) {
        return Objects.requireNonNull(paths.get(path), path);
    }

    /// What a path's verdict rests on.
    ///
    /// @throws java.util.NoSuchElementException if there is none of that name
    public GameCases.OfPath path(String name) {
        return cases.paths().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /// Judges a game; a path that fails at its own settings is looked for on its ladders, then on the grid that is
    /// worked out for it.
    ///
    /// @param grids what is worked out of other settings
    public static GameVerdicts of(GameCases cases, School school, Grids grids) {
        Map<String, Verdict> verdicts = new LinkedHashMap<>();
        List<GameCases.OfPath> judged = cases.judged(school.asked(Rule.HOURS).isPresent());
        for (GameCases.OfPath path : judged) {
            verdicts.put(path.name(), Verdict.of(school, path.cases()));
        }
        Map<String, Verdict> set = new LinkedHashMap<>();
        for (GameCases.OfPath path : judged) {
            Verdict verdict = Objects.requireNonNull(verdicts.get(path.name()));
            set.put(
                    path.name(),
                    OtherSettings.of(path, judged, verdicts, grids)
                            .map(verdict::with)
                            .orElse(verdict));
        }
        return new GameVerdicts(cases, school, set);
    }

    /// Judges the games of a study.
    ///
    /// @param only name of a game; empty for all
    /// @param school name of the one by which all are judged; empty for the one that was chosen for each, or
    ///     that its
    ///     kind usually asks for
    /// @throws IllegalArgumentException if there is no such game or school: it says which there are
    public static List<GameVerdicts> of(Study study, Optional<String> only, Optional<String> school)
            throws StudyException {
        List<Game> games = study.games();
        if (only.isPresent() && games.stream().noneMatch(game -> game.name().equalsIgnoreCase(only.get()))) {
            throw new IllegalArgumentException("there is no game '%s'; the study has: %s"
                    .formatted(
                            only.get(),
                            String.join(", ", games.stream().map(Game::name).toList())));
        }
        StoredSchools schools = study.schools().read();
        Bench bench = study.bench().read();
        Optional<School> wanted = school.map(schools.schools()::named);
        List<Requirement> requirements = Requirements.all();
        List<Scene> scenes = study.scenes();
        List<Run> runs = study.runs();
        List<GameVerdicts> all = new ArrayList<>();
        for (Game game : games) {
            if (only.isEmpty() || game.name().equalsIgnoreCase(only.get())) {
                List<Scene> ofGame = GameCases.scenes(game, scenes);
                List<Run> counted = runs.stream()
                        .filter(run -> ofGame.stream().anyMatch(scene -> scene.id() == run.sceneId()))
                        .toList();
                GameCases cases = GameCases.of(
                        study, game, ofGame, counted, _ -> new SceneFigures(study), requirements, Progress.NONE);
                all.add(of(
                        cases,
                        wanted.orElseGet(
                                () -> schools.school(game, bench.kind(game).or(cases::kind))),
                        new Grids.Worked(run -> new SceneFigures(study).of(run))));
            }
        }
        return List.copyOf(all);
    }
}
