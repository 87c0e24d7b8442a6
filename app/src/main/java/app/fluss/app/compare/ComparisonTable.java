package app.fluss.app.compare;

import app.fluss.app.model.Comparison;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.MeasureComparison;
import app.fluss.core.compare.MeasureComparison.Rests;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.latency.LatencyMeasure;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// A path against native, measure by measure: each with the runs that have it, how many and at which grade, and below
/// the table what must be known to read it. A measure that neither side has is left out.
final class ComparisonTable extends VBox {
    private static final int STRIP = 4;
    private static final int COLUMNS = 8;
    private static final String[] SIGNS = {"*", "†", "‡", "§", "¶"};

    private final Theme theme;
    private final GridPane grid = new GridPane();
    private final List<String> notes = new ArrayList<>();

    ComparisonTable(Theme theme, Comparison comparison) {
        super(8);
        this.theme = theme;
        getStyleClass().add("panel");
        grid.setId("comparison");
        grid.setHgap(11);
        grid.setVgap(3);
        heads(comparison);
        int row = 1;
        if (comparison.latency().shiftMs().isKnown()) {
            latencyRow(row++, comparison);
        }
        for (Measure measure : Measure.COMPARED) {
            MeasureComparison compared = comparison.runs().measure(measure);
            if (compared.a().isKnown() || compared.b().isKnown()) {
                row(row++, compared);
            }
        }
        Label basis = Labels.note(basis(comparison));
        basis.setId("basis");
        getChildren().addAll(grid, basis);
        for (int n = 0; n < notes.size(); n++) {
            Label note = Labels.note(SIGNS[n % SIGNS.length] + " " + notes.get(n));
            note.setId("note-" + (n + 1));
            getChildren().add(note);
        }
    }

    private void heads(Comparison comparison) {
        for (int c = 0; c < COLUMNS; c++) {
            ColumnConstraints column = new ColumnConstraints();
            boolean strip = c == STRIP;
            column.setHgrow(strip ? Priority.ALWAYS : Priority.NEVER);
            column.setHalignment(c == 0 || strip || c == COLUMNS - 1 ? HPos.LEFT : HPos.RIGHT);
            column.setMinWidth(strip ? 84 : USE_PREF_SIZE);
            grid.getColumnConstraints().add(column);
        }
        String[] heads = {"", "native", comparison.path().name(), "difference", "95 % interval", "ratio", "95 %", "runs"
        };
        for (int c = 0; c < heads.length; c++) {
            grid.add(Labels.of(heads[c], "muted"), c, 0);
        }
    }

    private static String basis(Comparison comparison) {
        boolean within = comparison.runs().measures().values().stream()
                .anyMatch(m -> m.method() == MeasureComparison.Method.WITHIN_RUN);
        boolean between = comparison.runs().measures().values().stream()
                .anyMatch(m -> m.method() == MeasureComparison.Method.WELCH_ON_RUNS);
        int a = comparison.runs().a().size();
        int b = comparison.runs().b().size();
        String runs = "%d native %s against %d on the path".formatted(a, a == 1 ? "run" : "runs", b);
        String bars = " Each bar has its own scale around 0; a full one leaves 0 out.";
        if (within) {
            return runs + "; intervals: moving-block bootstrap within one run." + bars;
        } else if (between) {
            return runs + "; intervals: Welch on run figures, ratios through logarithms." + bars;
        }
        return runs + "; no intervals: they need frame logs, or three runs a side.";
    }

    private void row(int row, MeasureComparison compared) {
        Measure measure = compared.measure();
        Label name = Labels.of(measure.title() + sign(compared));
        name.setMinWidth(USE_PREF_SIZE);
        name.setTooltip(new Tooltip(measure.description().definition()));
        HBox first = Boxes.row(name, Labels.of(measure.unit(), "muted"));
        first.setSpacing(5);
        grid.add(first, 0, row);
        cell(1, row, measure, compared.a());
        cell(2, row, measure, compared.b());
        Label difference = cell(3, row, measure, compared.difference());
        difference.setId("difference-" + measure.name());
        if (compared.isClear()) {
            difference.getStyleClass().add("strong");
        }
        grid.add(
                new IntervalStrip(
                        theme, measure.title(), compared.difference(), compared.interval(), measure.moreIsBetter()),
                STRIP,
                row);
        Label ratio = Labels.of(PathTiles.times(compared.ratio()));
        ratio.setId("ratio-" + measure.name());
        explain(ratio, compared.ratio());
        grid.add(ratio, 5, row);
        Label interval = Labels.of(
                compared.ratioInterval()
                        .map(i -> Numbers.text(i.low(), 2) + " – " + Numbers.text(i.high(), 2))
                        .orElse(Numbers.MISSING),
                "muted");
        interval.setMinWidth(USE_PREF_SIZE);
        interval.setTooltip(new Tooltip(
                compared.method() == MeasureComparison.Method.NONE
                        ? "There is no interval for this figure within one run; three runs a side give one."
                        : "Method: " + compared.method().label()));
        grid.add(interval, 6, row);
        Label rests = Labels.of(rests(compared.restsA(), compared.restsB()), "muted");
        rests.setId("runs-" + measure.name());
        rests.setMinWidth(USE_PREF_SIZE);
        rests.setTooltip(new Tooltip("Native: " + words(compared.restsA()) + "\nPath: " + words(compared.restsB())));
        grid.add(rests, 7, row);
    }

    /// The sign of the note below the table that belongs to a row, if one does.
    private String sign(MeasureComparison compared) {
        boolean silent = compared.a().isKnown() && compared.b().isKnown();
        String note = compared.difference() instanceof Figure.Missing(String why) && silent
                ? "No difference: " + why + "."
                : compared.note();
        if (note.isEmpty()) {
            return "";
        }
        if (!notes.contains(note)) {
            notes.add(note);
        }
        return " " + SIGNS[notes.indexOf(note) % SIGNS.length];
    }

    private static String rests(Rests a, Rests b) {
        if (a.grade().equals(b.grade())) {
            return "%d · %d%s".formatted(a.runs(), b.runs(), grade(a));
        }
        return "%d%s · %d%s".formatted(a.runs(), grade(a), b.runs(), grade(b));
    }

    private static String grade(Rests rests) {
        return rests.grade().map(grade -> " " + grade).orElse("");
    }

    private static String words(Rests rests) {
        String runs = rests.runs() == 1 ? "1 run has it" : rests.runs() + " runs have it";
        return runs + rests.grade().map(Grade::rests).map(on -> ", from " + on).orElse("");
    }

    private void latencyRow(int row, Comparison comparison) {
        LatencyDifference latency = comparison.latency();
        grid.add(Boxes.row(Labels.of("added latency"), Labels.of("ms", "muted")), 0, row);
        if (!comparison.latencyEstimated()) {
            grid.add(Labels.of("%d clicks".formatted(latency.samplesA()), "muted"), 1, row);
            grid.add(Labels.of("%d clicks".formatted(latency.samplesB()), "muted"), 2, row);
        }
        Label shift = cell(3, row, LatencyMeasure.MEDIAN, latency.shiftMs());
        shift.setId("difference-latency");
        shift.setTooltip(new Tooltip(
                comparison.latencyEstimated()
                        ? "Estimated: the means of both paths' stages, for latency was not measured on both sides."
                        : "Hodges-Lehmann shift of the samples, with its interval."));
        grid.add(new IntervalStrip(theme, "latency", latency.shiftMs(), latency.interval(), false), STRIP, row);
        String ends = latency.interval()
                .map(i -> Numbers.text(i.low(), 1) + " – " + Numbers.text(i.high(), 1))
                .orElse(comparison.latencyEstimated() ? "estimated" : Numbers.MISSING);
        grid.add(Labels.of(ends, "muted"), 5, row, 2, 1);
    }

    private Label cell(int column, int row, Described measure, Figure figure) {
        Label label = Labels.of(Numbers.text(measure, figure));
        label.setMinWidth(USE_PREF_SIZE);
        explain(label, figure);
        grid.add(label, column, row);
        return label;
    }

    private static void explain(Label label, Figure figure) {
        String reason = Numbers.reason(figure);
        if (!reason.isEmpty()) {
            label.setTooltip(new Tooltip(reason));
            label.setAccessibleText(reason);
        }
    }

    /// The comparison as tab-separated text.
    static String asText(Comparison comparison) {
        StringBuilder text =
                new StringBuilder("figure\tunit\tnative\tpath\tdifference\tlow\thigh\tratio\truns\tnote\n");
        LatencyDifference latency = comparison.latency();
        line(
                text,
                comparison.latencyEstimated() ? "added latency, estimated" : "added latency",
                "ms",
                Numbers.MISSING,
                Numbers.MISSING,
                Numbers.text(latency.shiftMs(), 4),
                end(latency.interval().map(Interval::low)),
                end(latency.interval().map(Interval::high)),
                Numbers.MISSING,
                "",
                "");
        for (Measure measure : Measure.COMPARED) {
            MeasureComparison compared = comparison.runs().measure(measure);
            line(
                    text,
                    measure.title(),
                    measure.unit(),
                    Numbers.text(compared.a(), 4),
                    Numbers.text(compared.b(), 4),
                    Numbers.text(compared.difference(), 4),
                    end(compared.interval().map(Interval::low)),
                    end(compared.interval().map(Interval::high)),
                    Numbers.text(compared.ratio(), 4),
                    rests(compared.restsA(), compared.restsB()),
                    compared.difference() instanceof Figure.Missing(String why) ? why : compared.note());
        }
        return text.toString();
    }

    private static void line(StringBuilder text, String... cells) {
        text.append(String.join("\t", cells)).append('\n');
    }

    private static String end(Optional<Double> value) {
        return value.map(v -> Numbers.text(v, 4)).orElse(Numbers.MISSING);
    }
}
