package app.fluss.core.compare;

import static app.fluss.core.measure.Better.LESS;
import static app.fluss.core.measure.Better.MORE;
import static app.fluss.core.measure.Better.NEITHER;
import static app.fluss.core.measure.Description.SHARE;

import app.fluss.core.measure.Better;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.Optional;
import java.util.function.Function;

/// Every figure of what generation costs and gives, of a path against the native one.
@SuppressWarnings("ImmutableEnumChecker") // functions without state, which the checker cannot see
public enum GenerationMeasure implements Described {
    /// Base cost.
    BASE_COST(
            "base_cost",
            "base cost",
            SHARE,
            1,
            LESS,
            "1 − rendered rate with generation over native rendered rate.",
            GenerationFigures::baseCost),
    /// Found multiplier.
    FOUND_MULTIPLIER(
            "found_multiplier",
            "found multiplier",
            "×",
            2,
            NEITHER,
            "Presented over rendered rate with generation on.",
            GenerationFigures::foundMultiplier),
    /// Delivered gain.
    DELIVERED_GAIN(
            "delivered_gain",
            "delivered gain",
            "×",
            2,
            MORE,
            "Delivered rate with generation over native delivered rate.",
            GenerationFigures::deliveredGain),
    /// Efficiency.
    EFFICIENCY(
            "efficiency",
            "efficiency",
            SHARE,
            0,
            MORE,
            "Presented rate over native rendered rate, over the multiplier as set.",
            GenerationFigures::efficiency),
    /// Generated share.
    GENERATED_SHARE(
            "generated_share",
            "generated share",
            SHARE,
            0,
            NEITHER,
            "1 − rendered over presented rate with generation on.",
            GenerationFigures::generatedShare),
    /// Surplus.
    SURPLUS(
            "surplus_fps",
            "surplus",
            "/s",
            1,
            LESS,
            "Presented less delivered rate: images that nobody sees.",
            GenerationFigures::surplusFps),
    /// Nominal multiplier.
    NOMINAL(
            "nominal_multiplier",
            "nominal multiplier",
            "×",
            2,
            NEITHER,
            "The multiplier as set, or the whole number at the one found.",
            GenerationFigures::nominal);

    private final Description description;
    private final Function<GenerationFigures, Figure> figure;

    GenerationMeasure(
            String json,
            String title,
            String unit,
            int decimals,
            Better better,
            String definition,
            Function<GenerationFigures, Figure> figure) {
        this.description = new Description(json, title, unit, decimals, better, Grade.B, definition);
        this.figure = figure;
    }

    @Override
    public Description description() {
        return description;
    }

    /// How sure it is: empty for a figure that has no interval of its own, else the 95 % interval if there is one.
    public Optional<Optional<Interval>> interval(GenerationIntervals intervals) {
        return switch (this) {
            case BASE_COST -> Optional.of(intervals.baseCost());
            case FOUND_MULTIPLIER -> Optional.of(intervals.foundMultiplier());
            case DELIVERED_GAIN -> Optional.of(intervals.deliveredGain());
            case EFFICIENCY -> Optional.of(intervals.efficiency());
            case GENERATED_SHARE -> Optional.of(intervals.generatedShare());
            case SURPLUS, NOMINAL -> Optional.empty();
        };
    }

    /// The figure.
    public Figure of(GenerationFigures result) {
        return figure.apply(result);
    }
}
