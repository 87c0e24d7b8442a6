package app.fluss.app.shell;

import app.fluss.app.model.Contents;
import app.fluss.files.study.Run;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// A study seen from afar: how often each path was measured in each scene, the scenes with most paths first.
///
/// @param games how many
/// @param runs how many
/// @param counts kept runs, one row a scene, in it one number a path that was measured; as many of both as a small
///     picture shows
record StudySketch(int games, int runs, List<List<Integer>> counts) {
    private static final int ROWS = 6;
    private static final int COLUMNS = 12;

    StudySketch {
        counts = counts.stream().map(List::copyOf).toList();
    }

    static StudySketch of(Contents contents) {
        List<List<Integer>> counts = contents.scenes().stream()
                .map(scene -> counts(contents.runs(scene)))
                .filter(row -> !row.isEmpty())
                .sorted(Comparator.comparingInt((List<Integer> row) -> row.size())
                        .reversed())
                .limit(ROWS)
                .toList();
        return new StudySketch(contents.games().size(), contents.runs().size(), counts);
    }

    private static List<Integer> counts(List<Run> runs) {
        Map<Long, Integer> byPath = new LinkedHashMap<>();
        runs.stream().filter(Run::isKept).forEach(run -> byPath.merge(run.path().id(), 1, Integer::sum));
        return byPath.values().stream().limit(COLUMNS).toList();
    }

    /// The study in words.
    String words() {
        return "%s, %s"
                .formatted(
                        games == 1 ? ShellText.ONE_GAME : ShellText.GAMES_COUNT.formatted(games),
                        runs == 1 ? ShellText.ONE_RUN : ShellText.RUNS_COUNT.formatted(runs));
    }

    /// As it is remembered.
    String text() {
        return counts.stream()
                .map(row -> row.stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .collect(Collectors.joining("\n", games + " " + runs + "\n", ""));
    }

    /// What was remembered; empty if it is none.
    static Optional<StudySketch> of(String text) {
        try {
            List<List<Integer>> rows = text.lines()
                    .map(line -> Arrays.stream(line.strip().split(" +"))
                            .filter(number -> !number.isEmpty())
                            .map(Integer::valueOf)
                            .toList())
                    .toList();
            return rows.isEmpty() || rows.getFirst().size() != 2
                    ? Optional.empty()
                    : Optional.of(new StudySketch(
                            rows.getFirst().getFirst(), rows.getFirst().getLast(), rows.subList(1, rows.size())));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
