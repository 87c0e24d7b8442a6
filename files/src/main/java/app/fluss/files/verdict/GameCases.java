package app.fluss.files.verdict;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Requirement;
import app.fluss.core.verdict.Case;
import app.fluss.core.work.Progress;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.compare.Grouping;
import app.fluss.files.compare.Pair;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.NameOrder;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Everything known of the paths of a game, ready to be judged by any school. It holds no frames.
///
/// @param game which
/// @param kind what it is like to play, as its runs have it; empty if they do not say
/// @param paths each that has a scene with native runs beside it, in the order of their first runs
/// @param without why there is none, and what to do, in words; empty if there is one
public record GameCases(Game game, Optional<String> kind, List<OfPath> paths, String without) {
    private static final String ON_BATTERY = ", on battery";
    private static final String BATTERY = "battery";
    private static final String MAINS = "mains";

    /// Keeps a copy.
    public GameCases {
        paths = List.copyOf(paths);
    }

    /// A path.
    ///
    /// @param name of it; with the display or the rig where it was measured on several
    /// @param path as its first run has it
    /// @param scenes each in which it was measured beside native runs
    /// @param powerOnly whether it is the native path on battery against mains, which only schools judge that ask
    ///     for hours
    public record OfPath(String name, DeliveryPath path, List<OfScene> scenes, boolean powerOnly) {
        /// Keeps a copy.
        public OfPath {
            scenes = List.copyOf(scenes);
        }

        /// What is known of it, scene by scene.
        public List<Case> cases() {
            return scenes.stream().map(OfScene::known).toList();
        }

        /// What of it gives what, in the heaviest scene; empty where it differs from the native path in
        /// one thing.
        public Optional<PathAttribution> attribution() {
            return scenes.stream()
                    .max(Comparator.comparing(one -> one.scene.weight()))
                    .flatMap(OfScene::attribution);
        }

        /// The weakest grade of its runs.
        public Grade grade() {
            return scenes.stream()
                    .flatMap(one -> Stream.concat(one.natives.stream(), one.runs.stream()))
                    .map(Run::grade)
                    .reduce(Grade.A, Grade::weaker);
        }

        /// Whether any of its runs is simulated.
        public boolean isSimulated() {
            return scenes.stream()
                    .flatMap(one -> Stream.concat(one.natives.stream(), one.runs.stream()))
                    .anyMatch(Run::simulated);
        }
    }

    /// A path in a scene.
    ///
    /// @param scene which
    /// @param natives the runs that it is held against
    /// @param runs its own
    /// @param known what they say
    /// @param compared the same, figure by figure
    /// @param notes what else is worth knowing of it: causes of hitches, prices, refresh rates
    /// @param attribution what of it gives what; empty where it differs from the native path in one thing
    public record OfScene(
            Scene scene,
            List<Run> natives,
            List<Run> runs,
            Case known,
            SceneCompared compared,
            List<String> notes,
            Optional<PathAttribution> attribution) {
        /// Keeps copies.
        public OfScene {
            natives = List.copyOf(natives);
            runs = List.copyOf(runs);
            notes = List.copyOf(notes);
        }
    }

    /// Works them out.
    ///
    /// @param scenes of the game
    /// @param runs of these scenes, those that do not count among them
    /// @param figures of runs
    /// @param requirements all there are
    public static GameCases of(
            Study study,
            Game game,
            List<Scene> scenes,
            List<Run> runs,
            Function<Scene, Pair.Figures> figures,
            List<Requirement> requirements,
            Progress progress)
            throws StudyException {
        Map<String, List<OfScene>> known = new LinkedHashMap<>();
        int done = 0;
        for (Scene scene : scenes) {
            PathEvidence evidence = new PathEvidence(study, figures.apply(scene), requirements);
            List<Run> ofScene =
                    runs.stream().filter(run -> run.sceneId() == scene.id()).toList();
            for (Named pair : pairs(ofScene)) {
                progress.check((double) done / scenes.size());
                known.computeIfAbsent(pair.name, _ -> new ArrayList<>()).add(evidence.of(scene, pair.pair));
            }
            done++;
        }
        List<OfPath> paths = new ArrayList<>();
        known.forEach((name, all) -> paths.add(new OfPath(
                name,
                all.getFirst().runs.getFirst().path(),
                all.size() == 1 ? List.of(alone(all.getFirst(), scenes, runs)) : all,
                name.endsWith(ON_BATTERY))));
        return new GameCases(game, kind(runs), paths, paths.isEmpty() ? without(game, scenes, runs) : "");
    }

    /// A path that was measured in one scene only, with the doubt where the game has others with native
    /// runs.
    private static OfScene alone(OfScene only, List<Scene> scenes, List<Run> runs) {
        String others = scenes.stream()
                .filter(scene -> scene.id() != only.scene.id())
                .filter(scene -> runs.stream()
                        .anyMatch(run -> run.sceneId() == scene.id()
                                && run.isCompared()
                                && run.path().isNative()))
                .map(Scene::name)
                .collect(Collectors.joining(", "));
        return others.isEmpty()
                ? only
                : new OfScene(
                        only.scene,
                        only.natives,
                        only.runs,
                        only.known.doubting(List.of(
                                "measured in this scene only; native runs of %s have none of it beside them: measure it there too"
                                        .formatted(others))),
                        only.compared,
                        only.notes,
                        only.attribution);
    }

    private static Optional<String> kind(List<Run> runs) {
        return runs.stream()
                .flatMap(run -> run.setup().value(FactKey.GAME_KIND).stream())
                .findFirst();
    }

    private static String without(Game game, List<Scene> scenes, List<Run> runs) {
        boolean counted = runs.stream().anyMatch(Run::isCompared);
        boolean natives =
                runs.stream().anyMatch(run -> run.isCompared() && run.path().isNative());
        if (!counted) {
            return "no run of %s counts yet: measure the native path and another".formatted(game.name());
        } else if (!natives) {
            return "%s has no native run: measure the native path in %s first"
                    .formatted(game.name(), scenes.getFirst().name());
        }
        return "no scene of %s has runs on the native path and on another: measure both in one scene"
                .formatted(game.name());
    }

    /// Where runs were measured: what was measured on different displays or rigs, or by different
    /// analysts, is judged apart.
    private record Place(String rig, String display, String origin) {
        /// A run that does not say where it was measured was measured on the only one that others of its
        /// origin name.
        static Place of(Run run, List<Run> all) {
            List<Run> alike = all.stream()
                    .filter(one -> one.origin().equals(run.origin()))
                    .toList();
            return new Place(item(run, alike, BenchPart.RIG), item(run, alike, BenchPart.DISPLAY), run.origin());
        }

        private static String item(Run run, List<Run> all, BenchPart part) {
            List<String> named = all.stream()
                    .flatMap(one -> one.setup().item(part).stream())
                    .distinct()
                    .toList();
            return run.setup().item(part).orElse(named.size() == 1 ? named.getFirst() : "");
        }
    }

    private record Named(String name, Pair pair) {}

    private static List<Named> pairs(List<Run> runs) {
        List<Run> counted = runs.stream().filter(Run::isCompared).toList();
        Map<Place, List<Run>> places = new LinkedHashMap<>();
        for (Run run : counted) {
            places.computeIfAbsent(Place.of(run, counted), _ -> new ArrayList<>())
                    .add(run);
        }
        List<Run> natives = runs.stream().filter(run -> run.path().isNative()).toList();
        List<Named> pairs = new ArrayList<>();
        places.forEach((place, ofPlace) -> {
            boolean beside = ofPlace.stream().anyMatch(run -> run.path().isNative());
            // A path that brings a display of its own has its natives elsewhere; the display is then a confound.
            List<Run> held = beside
                    ? ofPlace
                    : Stream.concat(natives.stream().filter(run -> run.origin().equals(place.origin)), ofPlace.stream())
                            .toList();
            for (Pair pair : Pair.of(held, new Grouping.ByPath(), Optional.empty())) {
                // Another state of the bench on the native path is nothing to switch on.
                if (!pair.b().getFirst().path().isNative()) {
                    pairs.add(new Named(name(pair.level(), place, places), pair));
                }
            }
            power(ofPlace)
                    .ifPresent(pair ->
                            pairs.add(new Named(pair.b().getFirst().path().name() + ON_BATTERY, pair)));
        });
        return pairs;
    }

    private static String name(String path, Place place, Map<Place, List<Run>> places) {
        List<Place> measured = places.entrySet().stream()
                .filter(one -> one.getValue().stream()
                        .anyMatch(run -> run.path().name().equals(path)))
                .map(Map.Entry::getKey)
                .toList();
        if (measured.size() < 2) {
            return path;
        }
        boolean rigs = measured.stream().map(Place::rig).distinct().count() > 1;
        String where = rigs ? place.rig : place.display;
        return "%s, on %s".formatted(path, where.isEmpty() ? "an unnamed " + (rigs ? "rig" : "display") : where);
    }

    /// Native runs on battery against native runs on mains.
    private static Optional<Pair> power(List<Run> runs) {
        List<Run> natives = runs.stream().filter(run -> run.path().isNative()).toList();
        Map<String, List<Run>> sources = new LinkedHashMap<>();
        for (Run run : natives) {
            run.setup()
                    .value(FactKey.POWER_SOURCE)
                    .ifPresent(source -> sources.computeIfAbsent(source, _ -> new ArrayList<>())
                            .add(run));
        }
        if (!sources.containsKey(BATTERY) || !sources.containsKey(MAINS)) {
            return Optional.empty();
        }
        List<Run> battery = Objects.requireNonNull(sources.get(BATTERY));
        List<Run> mains = Objects.requireNonNull(sources.get(MAINS));
        return Optional.of(new Pair(
                new Grouping.ByFact(FactKey.POWER_SOURCE.id()),
                Chain.NATIVE.proposedName(),
                MAINS,
                BATTERY,
                mains,
                battery,
                List.of(mains, battery)));
    }

    /// The paths that a school judges.
    List<OfPath> judged(boolean hours) {
        return paths.stream().filter(path -> hours || !path.powerOnly).toList();
    }

    /// The scenes of a game, of all.
    public static List<Scene> scenes(Game game, List<Scene> scenes) {
        return scenes.stream()
                .filter(scene -> scene.gameId() == game.id())
                .sorted(Comparator.comparing(Scene::name, NameOrder.NAMES))
                .toList();
    }
}
