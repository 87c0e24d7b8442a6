package app.fluss.app.compare;

import app.fluss.app.model.Comparison;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.verdict.School;
import app.fluss.core.vr.HeadsetClaims;
import app.fluss.core.vr.Reprojection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;

/// What a path gives and what it costs, a figure a tile.
final class PathTiles extends TilePane {
    private final boolean knownOnly;

    /// @param alone whether they stand in a row of their own, where none is missed that is not known, or in two columns
    ///     beside the map of what paths give and take
    PathTiles(Comparison comparison, boolean alone) {
        super(8, 8);
        GenerationFigures generation = comparison.runs().generation();
        setId("generation");
        knownOnly = alone;
        setPrefColumns(alone ? 6 : 2);
        tile(
                comparison.isOfPaths() ? CompareText.DELIVERED_GAIN : CompareText.DELIVERED_RATIO,
                times(generation.deliveredGain()),
                generation.deliveredGain(),
                CompareText.RATIO_DEFINITION.formatted(comparison.name(), comparison.baseline()));
        tile(
                comparison.latencyEstimated() ? CompareText.ADDED_LATENCY_EST : CompareText.ADDED_LATENCY,
                Numbers.text(comparison.latency().difference(), 1) + " ms",
                comparison.latency().difference(),
                CompareText.ADDED_LATENCY_DEFINITION);
        if (!comparison.isOfPaths()) {
            Figure low =
                    comparison.runs().measure(Measure.DELIVERED_LOW_PERCENTILE).ratio();
            tile(
                    CompareText.LOW_RATIO,
                    times(low),
                    low,
                    Measure.DELIVERED_LOW_PERCENTILE.description().definition());
            Figure spread = comparison.runs().measure(Measure.SPREAD).ratio();
            tile(
                    CompareText.SPREAD_RATIO,
                    times(spread),
                    spread,
                    Measure.SPREAD.description().definition());
            return;
        }
        tile(
                CompareText.BASE_COST,
                Numbers.percent(generation.baseCost(), 1),
                generation.baseCost(),
                CompareText.BASE_COST_DEFINITION);
        tile(
                CompareText.SURPLUS,
                Numbers.text(generation.surplusFps(), 1) + " /s",
                generation.surplusFps(),
                CompareText.SURPLUS_DEFINITION);
        if (generation.isGenerating()) {
            made(generation);
        }
        comparison.headset().ifPresent(this::shown);
        comparison.hitches().ifPresent(this::hitches);
    }

    private void shown(Reprojection seen) {
        for (School school : List.of(School.FULL_RATE_ONLY, School.STEADY_HALF_RATE)) {
            tile(
                    school.title(),
                    HeadsetClaims.refusal(school, seen).isEmpty() ? CompareText.SUITS : "✕",
                    seen.share(),
                    HeadsetClaims.refusal(school, seen)
                            .orElse(CompareText.REFRESHES_MISSED.formatted(
                                    Numbers.percent(seen.share(), 1), Numbers.percent(seen.belowHalfTime(), 1))));
        }
    }

    private void hitches(Map<Cause, Integer> totals) {
        int all = totals.values().stream().mapToInt(count -> count).sum();
        String causes = totals.entrySet().stream()
                .filter(entry -> entry.getValue() > 0)
                .map(entry -> entry.getKey().title() + " " + entry.getValue())
                .collect(Collectors.joining(", "));
        tile(
                CompareText.HITCHES_AT_CLIENT,
                Integer.toString(all),
                Figure.of(all),
                all == 0 ? CompareText.NO_HITCH : CompareText.WHAT_THEY_COME_FROM.formatted(causes));
    }

    private void made(GenerationFigures generation) {
        tile(
                CompareText.FOUND_MULTIPLIER,
                times(generation.foundMultiplier()),
                generation.foundMultiplier(),
                CompareText.MULTIPLIER_DEFINITION);
        tile(
                CompareText.EFFICIENCY,
                Numbers.percent(generation.efficiency(), 1),
                generation.efficiency(),
                CompareText.EFFICIENCY_DEFINITION.formatted(Numbers.percent(generation.generatedShare(), 1)));
    }

    /// A ratio, for people.
    static String times(Figure figure) {
        return Numbers.text(figure, 2) + (figure.isKnown() ? "×" : "");
    }

    private void tile(String name, String value, Figure figure, String definition) {
        if (knownOnly && !figure.isKnown()) {
            return;
        }
        Label caption = new Label(name);
        caption.getStyleClass().add("muted");
        Label number = new Label(figure.isKnown() ? value : Numbers.MISSING);
        number.getStyleClass().add("great");
        number.setId("tile-" + name.replace(' ', '-'));
        VBox tile = new VBox(0, number, caption);
        tile.getStyleClass().addAll("panel", "tile");
        Ems.pref(tile, 132);
        String reason = Numbers.reason(figure);
        Tips.on(tile, definition + (reason.isEmpty() ? "" : "\n" + reason));
        getChildren().add(tile);
    }
}
