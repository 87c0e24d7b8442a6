package app.fluss.core.verdict;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Section;
import java.util.Map;
import java.util.Optional;

/// What is known of a path in one scene.
///
/// @param scene its name
/// @param weight how heavy it is
/// @param comparison its runs against the native ones
/// @param latency what it adds from input to light; missing without a figure
/// @param makesImages whether it generates
/// @param refreshHz what its display shows at most, /s; NaN if it is not stated
/// @param further figures that no comparison of frames has: of a headset, of a battery
public record Case(
        String scene,
        Section.Weight weight,
        RunComparison comparison,
        Difference latency,
        boolean makesImages,
        double refreshHz,
        Map<Rule, Held> further) {
    /// Keeps a copy.
    public Case {
        further = Map.copyOf(further);
    }

    /// The figure that a rule is held against; empty where the rule does not concern the path.
    Optional<Held> held(Rule rule) {
        Held given = further.get(rule);
        if (given != null) {
            return Optional.of(given);
        }
        return switch (rule) {
            case BASE_RATE -> makesImages ? Optional.of(base()) : Optional.empty();
            case NATIVE_RATE -> makesImages ? Optional.of(level(rate(), false)) : Optional.empty();
            case ADDED_LATENCY -> Optional.of(Held.difference(latency));
            case DELIVERED_GAIN -> Optional.of(Held.ratio(comparison.measure(rate())));
            case DELIVERED_RATE -> Optional.of(level(rate(), true));
            case DELIVERED_OF_REFRESH ->
                Optional.of(
                        refreshHz > 0
                                ? Held.level(comparison.measure(rate()).b(), true, fps -> fps / refreshHz)
                                : Held.missing("the display's refresh rate is not stated"));
            case LOW_OF_NATIVE -> Optional.of(Held.ratio(comparison.measure(low())));
            case ADDED_UNEVENNESS -> Optional.of(Held.difference(comparison.measure(Measure.MOTION)));
            case WITHOUT_NEW_IMAGE, BELOW_HALF_RATE ->
                Optional.of(Held.missing("no run of this path was seen in a headset"));
            case HOURS, JOULES_OF_NATIVE -> Optional.of(Held.missing("no run of this path has its power logged"));
        };
    }

    /// Rendered, else what a counter claims over the multiplier that is set.
    private Held base() {
        Difference rendered = comparison.measure(Measure.RENDERED);
        double set = comparison.generation().nominal().orNaN();
        boolean read = !rendered.b().mean().isKnown() && set >= 1;
        return read
                ? Held.level(comparison.measure(Measure.CLAIMED).b(), true, fps -> fps / set)
                : Held.level(rendered.b(), true, value -> value);
    }

    private Held level(Measure measure, boolean path) {
        Difference compared = comparison.measure(measure);
        return Held.level(path ? compared.b() : compared.a(), path, value -> value);
    }

    /// The rate of the path: delivered, else what a counter claimed.
    private Measure rate() {
        return comparison.measure(Measure.DELIVERED).difference().isKnown() ? Measure.DELIVERED : comparison.rate();
    }

    private Measure low() {
        return comparison.measure(Measure.DELIVERED_LOW_PERCENTILE).difference().isKnown()
                ? Measure.DELIVERED_LOW_PERCENTILE
                : Measure.CLAIMED_LOW;
    }
}
