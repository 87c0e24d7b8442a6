package app.fluss.files.table;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import java.util.Map;

/// Figures as tables in neutral form.
public final class FigureTables {
    private FigureTables() {}

    /// Every figure of a run.
    public static DataTable ofRun(Analysis analysis) {
        DataTable.Builder table = new DataTable.Builder("measure", "value", "unit", "reason");
        for (Measure measure : Measure.values()) {
            Figure figure = measure.of(analysis);
            table.row(
                    measure.id(),
                    Cell.of(figure),
                    measure.unit(),
                    figure instanceof Figure.Missing(String why) ? why : "");
        }
        return table.build();
    }

    /// Every compared figure of two sides.
    ///
    /// @param latency what the other side adds from input to light, ms
    /// @param estimated whether that is from stages
    public static DataTable ofComparison(Map<Measure, Difference> measures, Difference latency, boolean estimated) {
        DataTable.Builder table = new DataTable.Builder(
                "measure",
                "unit",
                "baseline",
                "other",
                "difference",
                "low",
                "high",
                "ratio",
                "ratio_low",
                "ratio_high",
                "method",
                "stands",
                "baseline_runs",
                "other_runs",
                "note");
        row(table, estimated ? "latency-estimated" : "latency", "ms", latency);
        measures.forEach((measure, one) -> row(table, measure.id(), measure.unit(), one));
        return table.build();
    }

    private static void row(DataTable.Builder table, String measure, String unit, Difference one) {
        table.row(
                measure,
                unit,
                Cell.of(one.a().mean()),
                Cell.of(one.b().mean()),
                Cell.of(one.difference()),
                Cell.of(one.interval(), Interval::low),
                Cell.of(one.interval(), Interval::high),
                Cell.of(one.ratio()),
                Cell.of(one.ratioInterval(), Interval::low),
                Cell.of(one.ratioInterval(), Interval::high),
                one.method().id(),
                Double.isNaN(one.holmP()) ? "" : one.stands() ? "yes" : "no",
                Integer.toString(one.a().runs()),
                Integer.toString(one.b().runs()),
                one.difference() instanceof Figure.Missing(String why)
                        ? why
                        : one.estimate().why());
    }
}
