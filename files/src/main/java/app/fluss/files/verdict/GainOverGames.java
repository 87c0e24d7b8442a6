package app.fluss.files.verdict;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Overall;
import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.Case;
import app.fluss.core.verdict.Held;
import app.fluss.core.verdict.Rule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The delivered gain of every path over all games, grades mixed, with what cannot be compared and why.
///
/// @param games each with its paths
/// @param overall by the names of paths that two games and more have: geometric mean, each game once
/// @param low the least gain or end of an interval; 1 where there is none below
/// @param high the largest
public record GainOverGames(List<OfGame> games, Map<String, Overall> overall, double low, double high) {
    private static final double USUAL = 0.95;

    /// A game.
    ///
    /// @param paths those with a gain
    /// @param without why paths are not in it, in words, with their names; no name where there is no path at all
    public record OfGame(String game, List<OfPath> paths, Map<String, List<String>> without) {}

    /// A path.
    ///
    /// @param gain delivered rate over the native one, in the heaviest scene
    /// @param interval 95 %; empty where it has none that speaks of more than these runs
    /// @param simulated whether any of its runs is
    public record OfPath(String path, Held gain, Optional<Interval> interval, boolean simulated) {
        /// The gain.
        public double value() {
            return gain.value().orNaN();
        }
    }

    /// Puts it together.
    public static GainOverGames of(List<GameCases> all) {
        List<OfGame> games = new ArrayList<>();
        Map<String, Map<String, Figure>> byPath = new LinkedHashMap<>();
        for (GameCases cases : all) {
            List<OfPath> paths = new ArrayList<>();
            Map<String, List<String>> without = new LinkedHashMap<>();
            for (GameCases.OfPath path : cases.paths()) {
                Optional<Held> gain = heaviest(path).held(Rule.DELIVERED_GAIN);
                if (gain.isEmpty()) {
                    add(without, "nothing on it makes images, so there is no gain", path.name());
                } else if (gain.get().value() instanceof Figure.Missing(String why)) {
                    add(without, why, path.name());
                } else {
                    paths.add(new OfPath(
                            path.name(), gain.get(), gain.get().interval().apply(USUAL), path.isSimulated()));
                }
                gain.ifPresent(held -> byPath.computeIfAbsent(path.name(), _ -> new LinkedHashMap<>())
                        .put(cases.game().name(), held.value()));
            }
            if (cases.paths().isEmpty()) {
                without.put(cases.without(), List.of());
            }
            games.add(new OfGame(cases.game().name(), List.copyOf(paths), without));
        }
        return new GainOverGames(List.copyOf(games), overall(byPath, all), end(games, true), end(games, false));
    }

    private static void add(Map<String, List<String>> without, String why, String path) {
        without.computeIfAbsent(why, _ -> new ArrayList<>()).add(path);
    }

    private static Map<String, Overall> overall(Map<String, Map<String, Figure>> byPath, List<GameCases> all) {
        Map<String, Overall> overall = new LinkedHashMap<>();
        byPath.forEach((path, gains) -> {
            if (gains.values().stream().filter(Figure::isKnown).count() >= 2) {
                Map<String, Figure> every = new LinkedHashMap<>();
                all.forEach(cases -> every.put(
                        cases.game().name(),
                        gains.getOrDefault(cases.game().name(), Figure.missing("not measured in this game"))));
                overall.put(path, Overall.of(every));
            }
        });
        return overall;
    }

    private static Case heaviest(GameCases.OfPath path) {
        return path.cases().stream().max(Comparator.comparing(Case::weight)).orElseThrow();
    }

    private static double end(List<OfGame> games, boolean low) {
        return games.stream()
                .flatMap(game -> game.paths.stream())
                .flatMap(path -> path
                        .interval
                        .map(ends -> List.of(path.value(), low ? ends.low() : ends.high()))
                        .orElse(List.of(path.value()))
                        .stream())
                .reduce(1.0, low ? Math::min : Math::max);
    }
}
