package app.fluss.files.share;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Severity;
import app.fluss.files.verdict.GameCases;
import app.fluss.files.verdict.SceneCompared;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/// What Fluss noticed of a game's runs: faults and warnings, equal ones once with the runs that have
/// them.
final class NoticedValues {
    private static final int NAMED = 6;

    private NoticedValues() {}

    static List<Map<String, Object>> of(GameCases cases) {
        Map<Finding, Set<String>> where = new LinkedHashMap<>();
        for (GameCases.OfPath path : cases.paths()) {
            for (GameCases.OfScene scene : path.scenes()) {
                for (SceneCompared.Noticed one : scene.compared().noticed()) {
                    if (one.finding().severity() != Severity.NOTE) {
                        where.computeIfAbsent(one.finding(), _ -> new LinkedHashSet<>())
                                .add(one.run().map(run -> run.name()).orElse(path.name()));
                    }
                }
            }
        }
        return where.keySet().stream()
                .sorted(Finding.WORST_FIRST)
                .map(finding -> values(finding, Objects.requireNonNull(where.get(finding))))
                .toList();
    }

    private static Map<String, Object> values(Finding finding, Set<String> runs) {
        List<String> named =
                new ArrayList<>(runs.stream().map(Shown::name).limit(NAMED).toList());
        if (runs.size() > NAMED) {
            named.add("and %d more".formatted(runs.size() - NAMED));
        }
        return Page.values(
                "severity", finding.severity().label(),
                "fault", finding.severity() == Severity.FAULT,
                "seen", Shown.words(finding.seen()),
                "why", Shown.words(finding.why()),
                "remedy", Shown.words(finding.remedy()),
                "runs", String.join(", ", named));
    }
}
