package app.fluss.core.finding;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Says which figures are not available, one finding for each reason.
final class MissingFigures {
    private MissingFigures() {}

    /// @param figures names, in words, to figures
    static List<Finding> of(Map<String, Figure> figures) {
        Map<String, List<String>> byReason = new LinkedHashMap<>();
        figures.forEach((name, figure) -> {
            if (figure instanceof Figure.Missing(String reason)) {
                byReason.computeIfAbsent(reason, _ -> new ArrayList<>()).add(name);
            }
        });
        List<Finding> found = new ArrayList<>();
        byReason.forEach((reason, names) -> found.add(Finding.of(
                FindingCode.FIGURE_MISSING,
                "Not available: %s.".formatted(String.join(", ", names)),
                "The reason: %s.".formatted(reason),
                FindingCode.FIGURE_MISSING.remedy())));
        return found;
    }
}
