package app.fluss.app.compare;

import app.fluss.app.model.Comparison;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Numbers;
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
import javafx.scene.control.Tooltip;
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
                comparison.isOfPaths() ? "delivered gain" : "delivered ratio",
                times(generation.deliveredGain()),
                generation.deliveredGain(),
                "Delivered rate of %s over that of %s, from unrounded values."
                        .formatted(comparison.name(), comparison.baseline()));
        tile(
                comparison.latencyEstimated() ? "added latency, est." : "added latency",
                Numbers.text(comparison.latency().difference(), 1) + " ms",
                comparison.latency().difference(),
                "What it adds from input to light.");
        if (!comparison.isOfPaths()) {
            Figure low =
                    comparison.runs().measure(Measure.DELIVERED_LOW_PERCENTILE).ratio();
            tile(
                    "1 % low, ratio",
                    times(low),
                    low,
                    Measure.DELIVERED_LOW_PERCENTILE.description().definition());
            Figure spread = comparison.runs().measure(Measure.SPREAD).ratio();
            tile(
                    "spread, ratio",
                    times(spread),
                    spread,
                    Measure.SPREAD.description().definition());
            return;
        }
        tile(
                "base cost",
                Numbers.percent(generation.baseCost(), 1),
                generation.baseCost(),
                "How far the rendered rate fell from native: 1 − b1/b0.");
        tile(
                "surplus",
                Numbers.text(generation.surplusFps(), 1) + " /s",
                generation.surplusFps(),
                "Presented less delivered: images that nobody sees.");
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
                    HeadsetClaims.refusal(school, seen).isEmpty() ? "suits" : "✕",
                    seen.share(),
                    HeadsetClaims.refusal(school, seen)
                            .orElse("%s of the refreshes had no new image; %s of the time was below half rate."
                                    .formatted(
                                            Numbers.percent(seen.share(), 1),
                                            Numbers.percent(seen.belowHalfTime(), 1))));
        }
    }

    private void hitches(Map<Cause, Integer> totals) {
        int all = totals.values().stream().mapToInt(count -> count).sum();
        String causes = totals.entrySet().stream()
                .filter(entry -> entry.getValue() > 0)
                .map(entry -> entry.getKey().title() + " " + entry.getValue())
                .collect(Collectors.joining(", "));
        tile(
                "hitches at the client",
                Integer.toString(all),
                Figure.of(all),
                all == 0 ? "No image stayed for long." : "What they come from: " + causes + ".");
    }

    private void made(GenerationFigures generation) {
        tile(
                "found multiplier",
                times(generation.foundMultiplier()),
                generation.foundMultiplier(),
                "Images presented per rendered image: p1/b1.");
        tile(
                "efficiency",
                Numbers.percent(generation.efficiency(), 1),
                generation.efficiency(),
                "(p1/b0)/m: 100 % where the base does not fall and every image is made. Generated share "
                        + Numbers.percent(generation.generatedShare(), 1)
                        + ".");
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
        Tooltip.install(tile, new Tooltip(definition + (reason.isEmpty() ? "" : "\n" + reason)));
        getChildren().add(tile);
    }
}
