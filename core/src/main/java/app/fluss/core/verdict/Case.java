package app.fluss.core.verdict;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Drift;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Section;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// What is known of a path in one scene. It holds no frames, so that a whole study can be held at once.
///
/// @param scene its name
/// @param weight how heavy it is
/// @param chain the path
/// @param figures every figure that a rule can be held against; a rule that is not in it does not concern the path
/// @param reserves what is wrong with a run, in words, so that "use" cannot be said
/// @param doubts what else the figures may come from, in words
public record Case(
        String scene,
        Section.Weight weight,
        Chain chain,
        Map<Rule, Held> figures,
        List<String> reserves,
        List<String> doubts) {
    /// Keeps copies.
    public Case {
        figures = Map.copyOf(figures);
        reserves = List.copyOf(reserves);
        doubts = List.copyOf(doubts);
    }

    /// Of runs of a path against native ones.
    ///
    /// @param comparison its runs against the native ones
    /// @param latency what it adds from input to light, ms; missing without a figure
    /// @param refreshHz what its display shows at most, /s; NaN if it is not stated
    /// @param further figures that no comparison of frames has, of a headset, of a battery, of a stream; they
    ///     stand in place of what the comparison says
    public static Case of(
            String scene,
            Section.Weight weight,
            Chain chain,
            RunComparison comparison,
            Held latency,
            double refreshHz,
            Map<Rule, Held> further,
            List<String> reserves) {
        Compared compared = new Compared(chain, comparison, latency, refreshHz);
        Map<Rule, Held> figures = new EnumMap<>(Rule.class);
        for (Rule rule : Rule.values()) {
            Optional<Held> held = Optional.ofNullable(further.get(rule)).or(() -> compared.held(rule));
            held.ifPresent(one -> figures.put(rule, one));
        }
        return new Case(scene, weight, chain, figures, reserves, doubts(comparison));
    }

    /// The figure that a rule is held against; empty where the rule does not concern the path.
    public Optional<Held> held(Rule rule) {
        return Optional.ofNullable(figures.get(rule));
    }

    /// The same with further doubts.
    ///
    /// @param more in words
    public Case doubting(List<String> more) {
        List<String> all = new ArrayList<>(doubts);
        all.addAll(more);
        return new Case(scene, weight, chain, figures, reserves, all);
    }

    /// Facts that differ besides the path, and a baseline that moved by itself.
    private static List<String> doubts(RunComparison comparison) {
        List<String> doubts = new ArrayList<>();
        String facts = comparison.confounds().orElse(List.of()).stream()
                .filter(confound -> confound.kind() == Confound.Kind.BETWEEN)
                .map(Confound::title)
                .collect(Collectors.joining(", "));
        if (!facts.isEmpty()) {
            doubts.add("other facts differ too: " + facts);
        }
        Drift drift = comparison.drift();
        if (drift.explains(comparison.measure(drift.measure()))) {
            doubts.add("the baseline's drift can account for the gain");
        }
        return doubts;
    }

    /// What a comparison says by each rule.
    private record Compared(Chain chain, RunComparison comparison, Held latency, double refreshHz) {
        Optional<Held> held(Rule rule) {
            return switch (rule) {
                case BASE_RATE -> ofGenerator(base());
                case NATIVE_RATE -> ofGenerator(level(rate(), false));
                // A stream, a cap, a display's smoothing are not there to raise the rate of what is handed on.
                case DELIVERED_GAIN -> ofGenerator(Held.ratio(comparison.measure(rate())));
                case ADDED_LATENCY -> Optional.of(latency);
                case ADDED_REFRESHES ->
                    Optional.of(
                            refreshHz > 0
                                    ? latency.map(ms -> ms * refreshHz / 1000)
                                    : Held.missing("the display's refresh rate is not stated"));
                case DELIVERED_RATE -> Optional.of(level(rate(), true));
                case DELIVERED_OF_REFRESH ->
                    Optional.of(
                            refreshHz > 0
                                    ? level(rate(), true).map(fps -> fps / refreshHz)
                                    : Held.missing("the display's refresh rate is not stated"));
                case SURPLUS ->
                    Optional.of(Held.within(
                            comparison.generation().surplusFps(),
                            comparison.a().size(),
                            comparison.b().size()));
                case LOW_OF_NATIVE -> Optional.of(Held.ratio(comparison.measure(low())));
                case ADDED_UNEVENNESS -> Optional.of(Held.difference(comparison.measure(Measure.MOTION)));
                case WITHOUT_NEW_IMAGE, BELOW_HALF_RATE, RENDER_SCALE ->
                    Optional.of(Held.missing("no run of this path was seen in a headset"));
                case HOURS, JOULES_OF_NATIVE -> Optional.of(Held.missing("no run of this path has its power logged"));
                case IMAGES_IN_TIME, LOST_IMAGES -> Optional.of(Held.missing("the link was not probed"));
                case HITCHES -> Optional.of(Held.missing("no run of this path has the log of the client"));
                case HEAVY_MARKS -> Optional.of(Held.missing("artefacts were not rated in any run of this path"));
                case SUPPLY_AND_SLOT, MODE_LAG -> Optional.empty();
            };
        }

        private Optional<Held> ofGenerator(Held held) {
            boolean generates = chain.stages().stream().map(Stage::kind).anyMatch(kind -> kind.isGenerator());
            return generates ? Optional.of(held) : Optional.empty();
        }

        /// Rendered, else what a counter claims over the multiplier that is set.
        private Held base() {
            Difference rendered = comparison.measure(Measure.RENDERED);
            double set = comparison.generation().nominal().orNaN();
            boolean read = !rendered.b().mean().isKnown() && set >= 1;
            return read ? level(Measure.CLAIMED, true).map(fps -> fps / set) : level(Measure.RENDERED, true);
        }

        private Held level(Measure measure, boolean path) {
            Difference compared = comparison.measure(measure);
            return Held.level(path ? compared.b() : compared.a(), path);
        }

        /// The rate of the path: delivered, else what a counter claimed.
        private Measure rate() {
            return comparison.measure(Measure.DELIVERED).difference().isKnown() ? Measure.DELIVERED : comparison.rate();
        }

        private Measure low() {
            return comparison
                            .measure(Measure.DELIVERED_LOW_PERCENTILE)
                            .difference()
                            .isKnown()
                    ? Measure.DELIVERED_LOW_PERCENTILE
                    : Measure.CLAIMED_LOW;
        }
    }
}
