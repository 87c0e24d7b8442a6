package app.fluss.app.path;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Comparison;
import app.fluss.app.path.FigureTable.Cell;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.GenerationIntervals;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.generation.SectionFigures;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import java.util.Locale;
import javafx.scene.control.Tooltip;
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
                "against native",
                "base /s",
                "base cost",
                "found ×",
                "delivered /s",
                "gain",
                "efficiency",
                "generated",
                "unseen /s");
        row(table, "whole scene", "all runs", comparison.runs());
        for (SectionFigures section : comparison.sections()) {
            row(table, section.name(), section.weight().name().toLowerCase(Locale.ROOT), section.comparison());
        }
        getChildren().addAll(Labels.heading("Generation, stretch by stretch"), table);
        if (comparison.sections().isEmpty()) {
            getChildren()
                    .add(Labels.note(
                            "Mark the same stretches in a native run and in this one, under the same names, to see"
                                    + " which of them generation suits."));
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
                "of " + Numbers.text(compared.a().mean(), 1),
                "With the path on, and natively. " + Numbers.reason(compared.b().mean()));
    }

    /// The three ways, and whether they say the same.
    private static VBox ways(WaysToKnow ways) {
        FigureTable table =
                new FigureTable("ways", "Three ways to know what was generated", "generated", "distinct /s", "");
        table.row(
                "by kind",
                "what the log calls each image",
                Cell.of(ways.byKind(), Numbers.percent(ways.byKind(), 1)),
                Cell.of(ways.distinctByLog(), 1, ""),
                says(ways.byKind(), true));
        table.row(
                "by game time",
                "on the line between others",
                Cell.of(ways.byGameTime(), Numbers.percent(ways.byGameTime(), 1)),
                new Cell("", "", ""),
                says(ways.byGameTime(), ways.kindsAgree()));
        table.row(
                "by pictures",
                "told apart in a clip",
                new Cell("", "", ""),
                Cell.of(ways.distinctByPictures(), 1, ""),
                says(ways.distinctByPictures(), ways.picturesAgree()));
        VBox box = new VBox(table);
        Tooltip.install(
                box,
                new Tooltip("Repeats by game time: " + Numbers.percent(ways.repeatedByGameTime(), 1)
                        + " of all images depict the same moment as the one before."));
        return box;
    }

    private static Cell says(Figure figure, boolean agrees) {
        return switch (figure) {
            case Figure.Missing(String reason) -> new Cell("", reason, "");
            case Figure.Known _ -> new Cell(agrees ? "● agrees" : "▲ disagrees", "", "");
        };
    }
}
