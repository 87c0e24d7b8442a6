package app.fluss.files.compare;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.MaySay;
import app.fluss.core.compare.Overall;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.toggle.ToggleComparison;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// A whole study compared, scene by scene, and over its scenes.
///
/// @param by what makes the groups
/// @param scenes each scene that has something to compare
/// @param overall what each group comes to over the scenes that have it
public record StudyComparison(Grouping by, List<OfScene> scenes, List<OverScenes> overall) {
    /// Games whose scenes are not told apart by their names are joined to them by this.
    private static final String OF = " · ";

    /// One scene.
    ///
    /// @param name of game and scene
    /// @param compared its pairs
    /// @param toggled runs whose path was switched while they ran, each against itself
    public record OfScene(String name, List<Compared> compared, List<Toggled> toggled) {}

    /// One pair, compared.
    public record Compared(Pair pair, RunComparison comparison) {
        /// The baseline in a sentence.
        public String baseline() {
            return pair.by().said(pair.baseline());
        }

        /// The other side in a sentence.
        public String level() {
            return pair.by().said(pair.level());
        }

        /// What may be said of it.
        public String maySay() {
            return MaySay.of(comparison, baseline(), level());
        }
    }

    /// A run that was switched.
    public record Toggled(Run run, ToggleComparison comparison, Map<Measure, Difference> differences) {
        /// Judges all its figures together.
        public static Toggled of(Run run, ToggleComparison comparison) {
            return new Toggled(run, comparison, comparison.differences(run.grade()));
        }
    }

    /// A group over several scenes.
    ///
    /// @param within what it is compared within
    /// @param baseline name of the baseline
    /// @param level name of the group
    /// @param measures mean over the scenes of logarithms of ratios, paired by scene
    public record OverScenes(String within, String baseline, String level, Map<Measure, Overall> measures) {}

    /// Compares.
    ///
    /// @param baseline the group that others are held against; empty for the usual one
    /// @param only name of the scene; empty for all
    /// @throws IllegalArgumentException if there is no such scene or nothing to compare: it says what there is
    public static StudyComparison of(Study study, String by, Optional<String> baseline, Optional<String> only)
            throws StudyException {
        List<Run> runs = study.runs();
        Grouping grouping = Grouping.named(by, runs);
        Map<Long, String> names = names(study);
        only.filter(wanted -> names.values().stream().noneMatch(name -> isScene(name, wanted)))
                .ifPresent(wanted -> {
                    throw new IllegalArgumentException("there is no scene '%s'; the study has: %s"
                            .formatted(wanted, String.join(", ", names.values())));
                });
        List<OfScene> scenes = new ArrayList<>();
        for (Map.Entry<Long, String> scene : names.entrySet()) {
            if (only.isEmpty() || isScene(scene.getValue(), only.get())) {
                List<Run> ofScene = runs.stream()
                        .filter(run -> run.sceneId() == scene.getKey())
                        .toList();
                OfScene compared = scene(study, scene.getValue(), Pair.of(ofScene, grouping, baseline), ofScene);
                if (!compared.compared.isEmpty() || !compared.toggled.isEmpty()) {
                    scenes.add(compared);
                }
            }
        }
        if (scenes.isEmpty()) {
            throw new IllegalArgumentException("no scene has runs of two groups by %s%s"
                    .formatted(
                            grouping.title(),
                            baseline.map(name -> ", one of them " + name).orElse("")));
        }
        return new StudyComparison(grouping, List.copyOf(scenes), overall(scenes));
    }

    private static boolean isScene(String name, String wanted) {
        return name.equalsIgnoreCase(wanted)
                || name.toLowerCase(Locale.ROOT).endsWith(OF + wanted.toLowerCase(Locale.ROOT));
    }

    private static Map<Long, String> names(Study study) throws StudyException {
        Map<Long, String> games = new HashMap<>();
        for (Game game : study.games()) {
            games.put(game.id(), game.name());
        }
        Map<Long, String> names = new LinkedHashMap<>();
        for (Scene scene : study.scenes()) {
            names.put(scene.id(), games.get(scene.gameId()) + OF + scene.name());
        }
        return names;
    }

    private static OfScene scene(Study study, String name, List<Pair> pairs, List<Run> runs) throws StudyException {
        SceneFigures figures = new SceneFigures(study);
        List<Compared> compared = new ArrayList<>();
        for (Pair pair : pairs) {
            compared.add(new Compared(pair, pair.compare(study, figures)));
        }
        List<Toggled> toggled = new ArrayList<>();
        for (Run run : runs) {
            if (run.isKept()) {
                toggled(study, run).ifPresent(found -> toggled.add(Toggled.of(run, found)));
            }
        }
        return new OfScene(name, List.copyOf(compared), List.copyOf(toggled));
    }

    /// A run against itself with the path switched off. Switches are on the time of its log, else of its
    /// readings, else of its clip.
    ///
    /// @return empty for a run on one path, and where nothing of it is timed
    public static Optional<ToggleComparison> toggled(Study study, Run run) throws StudyException {
        if (!run.isToggled()) {
            return Optional.empty();
        } else if (run.hasLog()) {
            return Optional.of(ToggleComparison.of(study.log(run), run.toggles(), run.settings()));
        }
        Optional<ToggleComparison> read = study.evidence(run, EvidenceKinds.READINGS)
                .filter(series -> series.isTimed())
                .map(series -> ToggleComparison.of(series, run.toggles()));
        return read.isPresent()
                ? read
                : study.evidence(run, EvidenceKinds.CLIP_COUNT)
                        .flatMap(StoredPictures::images)
                        .map(images -> ToggleComparison.ofClip(images, run.toggles()));
    }

    private record Group(String within, String baseline, String level) {}

    private static List<OverScenes> overall(List<OfScene> scenes) {
        Map<Group, Map<String, RunComparison>> groups = new LinkedHashMap<>();
        for (OfScene scene : scenes) {
            for (Compared one : scene.compared) {
                groups.computeIfAbsent(
                                new Group(one.pair.within(), one.pair.baseline(), one.pair.level()),
                                _ -> new LinkedHashMap<>())
                        .put(scene.name, one.comparison);
            }
        }
        List<OverScenes> overall = new ArrayList<>();
        groups.forEach((group, byScene) -> {
            if (byScene.size() > 1) {
                Map<Measure, Overall> measures = new LinkedHashMap<>();
                for (Measure measure : Measure.COMPARED) {
                    Map<String, Figure> ratios = new LinkedHashMap<>();
                    for (OfScene scene : scenes) {
                        RunComparison one = byScene.get(scene.name);
                        ratios.put(
                                scene.name,
                                one == null
                                        ? Figure.missing("not measured in this scene")
                                        : one.measure(measure).ratio());
                    }
                    measures.put(measure, Overall.of(ratios));
                }
                if (measures.values().stream().anyMatch(one -> one.over().size() > 1)) {
                    overall.add(new OverScenes(group.within, group.baseline, group.level, measures));
                }
            }
        });
        return List.copyOf(overall);
    }

    /// How many of its intervals would leave "no difference" out by chance if nothing differed.
    public double byChance() {
        return scenes.stream()
                .flatMap(scene -> scene.compared.stream())
                .mapToDouble(one -> one.comparison.byChance())
                .sum();
    }

    /// How many intervals of a difference there are.
    public int intervals() {
        return (int) scenes.stream()
                .flatMap(scene -> scene.compared.stream())
                .mapToLong(one -> one.comparison.judged())
                .sum();
    }
}
