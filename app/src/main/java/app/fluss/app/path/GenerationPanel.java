package app.fluss.app.path;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Comparison;
import app.fluss.app.path.FigureTable.Cell;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.GenerationIntervals;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.generation.SectionFigures;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import java.util.Locale;
import javafx.scene.layout.VBox;

/// What generation costs and gives, as a whole and in each stretch; and what tells that images were made.
final class GenerationPanel extends VBox {
    private static final double PERCENT = 100;

    GenerationPanel(Comparison comparison, AnalysedRun run) {
        super(8);
        getStyleClass().add("panel");
        setId("generation-panel");
        FigureTable table = new FigureTable(
                "by-section",
                PathText.AGAINST_NATIVE,
                PathText.BASE_S,
                PathText.BASE_COST,
                PathText.FOUND_TIMES,
                PathText.DELIVERED_S,
                PathText.GAIN,
                PathText.EFFICIENCY,
                PathText.GENERATED,
                PathText.UNSEEN_S);
        row(table, PathText.WHOLE_SCENE, PathText.ALL_RUNS, comparison.runs());
        for (SectionFigures section : comparison.sections()) {
            row(table, section.name(), section.weight().name().toLowerCase(Locale.ROOT), section.comparison());
        }
        getChildren().addAll(Labels.heading(PathText.GENERATION_STRETCH_BY_STRETCH), table);
        if (comparison.sections().isEmpty()) {
            getChildren().add(Labels.note(PathText.NO_STRETCHES_HINT));
        }
        getChildren().add(ways(run.ways()));
    }

    private static void row(FigureTable table, String name, String about, RunComparison runs) {
        GenerationFigures figures = runs.generation();
        GenerationIntervals intervals = runs.intervals();
        Difference base = runs.measure(Measure.RENDERED);
        Difference delivered = runs.measure(Measure.DELIVERED);
        table.row(
                name,
                about,
                from(base),
                Cell.of(figures.baseCost(), intervals.baseCost(), PERCENT, 1, " %"),
                Cell.of(figures.foundMultiplier(), intervals.foundMultiplier(), 1, 2, "×"),
                from(delivered),
                Cell.of(figures.deliveredGain(), intervals.deliveredGain(), 1, 2, "×"),
                Cell.of(figures.efficiency(), intervals.efficiency(), PERCENT, 0, " %"),
                Cell.of(figures.generatedShare(), intervals.generatedShare(), PERCENT, 0, " %"),
                Cell.of(figures.surplusFps(), 1, ""));
    }

    private static Cell from(Difference compared) {
        return new Cell(
                Numbers.text(compared.b().mean(), 1),
                PathText.OF.formatted(Numbers.text(compared.a().mean(), 1)),
                PathText.BOTH_RATES_TIP.formatted(Numbers.reason(compared.b().mean())));
    }

    /// The three ways, and whether they say the same.
    private static VBox ways(WaysToKnow ways) {
        FigureTable table = new FigureTable("ways", PathText.WAYS, PathText.GENERATED, PathText.DISTINCT_S, "");
        table.row(
                PathText.BY_KIND,
                PathText.BY_KIND_ABOUT,
                Cell.of(ways.byKind(), Numbers.percent(ways.byKind(), 1)),
                Cell.of(ways.distinctByLog(), 1, ""),
                says(ways.byKind(), true));
        table.row(
                PathText.BY_GAME_TIME,
                PathText.BY_GAME_TIME_ABOUT,
                Cell.of(ways.byGameTime(), Numbers.percent(ways.byGameTime(), 1)),
                new Cell("", "", ""),
                says(ways.byGameTime(), ways.kindsAgree()));
        table.row(
                PathText.BY_PICTURES,
                PathText.BY_PICTURES_ABOUT,
                new Cell("", "", ""),
                Cell.of(ways.distinctByPictures(), 1, ""),
                says(ways.distinctByPictures(), ways.picturesAgree()));
        VBox box = new VBox(table);
        Tips.on(box, PathText.REPEATS_TIP.formatted(Numbers.percent(ways.repeatedByGameTime(), 1)));
        return box;
    }

    private static Cell says(Figure figure, boolean agrees) {
        return switch (figure) {
            case Figure.Missing(String reason) -> new Cell("", reason, "");
            case Figure.Known _ -> new Cell(agrees ? PathText.AGREES : PathText.DISAGREES, "", "");
        };
    }
}
