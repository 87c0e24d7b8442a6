package app.fluss.core.generation;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Terms;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Section;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// What generation costs and gives in one stretch of a scene: an average over light and worst stretches hides
/// the worst.
///
/// @param name of the stretch
/// @param weight how heavy it is
/// @param comparison rates of that stretch, against the native runs in the same stretch
public record SectionFigures(String name, Section.Weight weight, RunComparison comparison) {
    /// A run's figures in one of its marked stretches.
    ///
    /// @param section the stretch
    /// @param analysis its figures
    public record Stretch(Section section, Analysis analysis) {}

    /// Every stretch that runs on both sides have under the same name, in the order of the first run.
    ///
    /// @param a stretches of all native runs
    /// @param b stretches of all runs on the path
    /// @param multiplier as set; NaN if not stated
    public static List<SectionFigures> of(List<Stretch> a, List<Stretch> b, double multiplier) {
        Map<String, List<Stretch>> off = byName(a);
        Map<String, List<Stretch>> on = byName(b);
        List<SectionFigures> all = new ArrayList<>();
        on.forEach((name, stretches) -> {
            List<Stretch> against = off.getOrDefault(name, List.of());
            if (!against.isEmpty()) {
                all.add(new SectionFigures(
                        name,
                        stretches.getFirst().section.weight(),
                        RunComparison.of(
                                analyses(against),
                                analyses(stretches),
                                Terms.PLAIN.withMultiplier(multiplier).ofRates())));
            }
        });
        return List.copyOf(all);
    }

    private static List<Analysis> analyses(List<Stretch> stretches) {
        return stretches.stream().map(Stretch::analysis).toList();
    }

    private static Map<String, List<Stretch>> byName(List<Stretch> stretches) {
        Map<String, List<Stretch>> named = new LinkedHashMap<>();
        for (Stretch stretch : stretches) {
            named.computeIfAbsent(stretch.section.name(), _ -> new ArrayList<>())
                    .add(stretch);
        }
        return named;
    }
}
