package app.fluss.app.compare;

import app.fluss.app.model.Comparison;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Difference.Side;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Method;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.latency.LatencyMeasure;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// One side against the baseline, measure by measure: each with the runs that have it, how many and at which
/// grade, and below the table what must be known to read it. A measure that neither side has is left out.
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
        if (comparison.latency().difference().isKnown()) {
            latencyRow(row++, comparison);
        }
        for (Measure measure : Measure.COMPARED) {
            Difference compared = comparison.runs().measure(measure);
            if (compared.a().mean().isKnown() || compared.b().mean().isKnown()) {
                row(row++, measure, compared);
            }
        }
        Label basis = Labels.note(basis(comparison));
        basis.setId("basis");
        ScrollPane sideways = new ScrollPane(grid);
        sideways.getStyleClass().add("form");
        sideways.setFitToWidth(true);
        sideways.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        sideways.setMinWidth(0);
        sideways.setMinHeight(USE_PREF_SIZE);
        setMinWidth(0);
        getChildren().addAll(sideways, basis);
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
            column.setMinWidth(USE_PREF_SIZE);
            grid.getColumnConstraints().add(column);
        }
        String[] heads = {
            "",
            comparison.baseline(),
            comparison.name(),
            CompareText.DIFFERENCE,
            CompareText.INTERVAL,
            CompareText.RATIO,
            "95 %",
            CompareText.RUNS
        };
        for (int c = 0; c < heads.length; c++) {
            Label head = Labels.of(heads[c], "muted");
            head.setMinWidth(c == STRIP ? USE_PREF_SIZE : 0);
            grid.add(head, c, 0);
        }
    }

    private static String basis(Comparison comparison) {
        RunComparison runs = comparison.runs();
        Set<Method> methods = EnumSet.noneOf(Method.class);
        runs.measures().values().forEach(one -> methods.add(one.method()));
        methods.add(comparison.latency().method());
        List<String> parts = new ArrayList<>();
        parts.add(CompareText.OF_AGAINST_OF.formatted(
                runs.a().size(),
                runs.a().size() == 1 ? CompareText.RUN : CompareText.RUNS,
                comparison.baseline(),
                runs.b().size(),
                comparison.name()));
        if (methods.contains(Method.WELCH)) {
            parts.add(CompareText.WELCH_MARK);
        }
        if (methods.contains(Method.BORROWED)) {
            parts.add(CompareText.BORROWED_MARK);
        }
        if (methods.contains(Method.WITHIN_RUNS)) {
            parts.add(CompareText.WITHIN_MARK);
        }
        String judged = runs.judged() == 0
                ? CompareText.NO_BETWEEN_INTERVAL
                : CompareText.JUDGED_TOGETHER.formatted(runs.judged(), Numbers.text(runs.byChance(), 1));
        return String.join("; ", parts) + ". " + judged;
    }

    private void row(int row, Measure measure, Difference compared) {
        Label name = Labels.of(measure.title() + sign(compared));
        name.setMinWidth(USE_PREF_SIZE);
        Tips.on(name, measure.description().definition());
        if (compared.primary()) {
            name.getStyleClass().add("strong");
            Tips.on(
                    name,
                    CompareText.PRIMARY_TIP.formatted(measure.description().definition()));
        }
        HBox first = Boxes.row(name, Labels.of(measure.unit(), "muted"));
        first.setSpacing(5);
        grid.add(first, 0, row);
        level(1, row, measure, compared.a());
        level(2, row, measure, compared.b());
        Label difference = cell(3, row, measure, compared.difference());
        difference.setId("difference-" + measure.name());
        if (compared.stands()) {
            difference.getStyleClass().add("strong");
        }
        grid.add(new IntervalStrip(theme, measure.title(), compared, measure.moreIsBetter()), STRIP, row);
        Label ratio = Labels.of(PathTiles.times(compared.ratio()));
        ratio.setId("ratio-" + measure.name());
        explain(ratio, compared.ratio());
        grid.add(ratio, 5, row);
        Label interval = Labels.of(
                compared.ratioInterval()
                        .map(i -> ends(i, 2, "", compared.method()))
                        .orElse(Numbers.MISSING),
                "muted");
        interval.setId("interval-" + measure.name());
        interval.setMinWidth(USE_PREF_SIZE);
        Tips.on(interval, how(compared));
        grid.add(interval, 6, row);
        Label rests = Labels.of(rests(compared.a(), compared.b()), "muted");
        rests.setId("runs-" + measure.name());
        rests.setMinWidth(USE_PREF_SIZE);
        Tips.on(rests, CompareText.BASELINE_OTHER_SIDE_TIP.formatted(words(compared.a()), words(compared.b())));
        grid.add(rests, 7, row);
    }

    /// The ends of an interval; where it does not speak of what runs differ by, that is said.
    private static String ends(Interval interval, int decimals, String unit, Method method) {
        String ends = Numbers.range(interval.low(), interval.high(), decimals) + unit;
        return switch (method) {
            case WELCH, TOGGLE, NONE -> ends;
            case BORROWED -> CompareText.BORROWED.formatted(ends);
            case WITHIN_RUNS -> CompareText.WITHIN_RUNS.formatted(ends);
        };
    }

    /// How the interval came about, or why there is none.
    private static String how(Difference compared) {
        if (!compared.estimate().why().isEmpty()) {
            return CompareText.NO_INTERVAL.formatted(compared.estimate().why());
        }
        String borrowed = compared.method() == Method.BORROWED
                ? CompareText.RUNS_BORROWED.formatted(compared.estimate().borrowedFrom())
                : "";
        String shift = compared.estimate()
                .shift()
                .map(one -> CompareText.HODGES_LEHMANN.formatted(
                        Numbers.text(one.median(), 2),
                        one.interval()
                                .map(ends -> " (" + Numbers.range(ends.low(), ends.high(), 2) + ")")
                                .orElse("")))
                .orElse("");
        return CompareText.PERCENT_ADJUSTED_P.formatted(
                compared.method().title(), borrowed, Numbers.text(compared.holmP(), 4), shift);
    }

    /// A side, with what is known of it by itself.
    private void level(int column, int row, Measure measure, Side side) {
        Label label = cell(column, row, measure, side.mean());
        String from = side.level()
                .interval()
                .map(ends -> CompareText.BETWEEN_RUNS.formatted(Numbers.range(ends.low(), ends.high(), 2)))
                .orElse("");
        String steady = side.steadiness()
                .map(ends -> CompareText.WITHIN_RUN.formatted(Numbers.range(ends.low(), ends.high(), 2)))
                .orElse("");
        String words = (from + "\n" + steady).strip();
        if (side.mean().isKnown() && !words.isEmpty()) {
            Tips.on(label, words);
        }
    }

    /// The sign of the note below the table that belongs to a row, if one does.
    private String sign(Difference compared) {
        boolean silent = compared.a().mean().isKnown() && compared.b().mean().isKnown();
        String note = compared.difference() instanceof Figure.Missing(String why) && silent
                ? CompareText.NO_DIFFERENCE.formatted(why)
                : compared.note();
        if (note.isEmpty()) {
            return "";
        }
        if (!notes.contains(note)) {
            notes.add(note);
        }
        return " " + SIGNS[notes.indexOf(note) % SIGNS.length];
    }

    private static String rests(Side a, Side b) {
        if (a.grade().equals(b.grade())) {
            return "%d · %d%s".formatted(a.runs(), b.runs(), grade(a));
        }
        return "%d%s · %d%s".formatted(a.runs(), grade(a), b.runs(), grade(b));
    }

    private static String grade(Side rests) {
        return rests.grade().map(grade -> " " + grade).orElse("");
    }

    private static String words(Side rests) {
        String runs = rests.runs() == 1 ? CompareText.RUN_HAS_IT : CompareText.RUNS_HAVE_IT.formatted(rests.runs());
        return runs
                + rests.grade()
                        .map(Grade::rests)
                        .map(on -> CompareText.FROM.formatted(on))
                        .orElse("");
    }

    private void latencyRow(int row, Comparison comparison) {
        Difference latency = comparison.latency();
        Label name = Labels.of(CompareText.ADDED_LATENCY);
        if (latency.primary()) {
            name.getStyleClass().add("strong");
        }
        grid.add(Boxes.row(name, Labels.of(CompareText.MS, "muted")), 0, row);
        if (!comparison.latencyEstimated()) {
            cell(1, row, LatencyMeasure.MEDIAN, latency.a().mean());
            cell(2, row, LatencyMeasure.MEDIAN, latency.b().mean());
            grid.add(Labels.of(rests(latency.a(), latency.b()), "muted"), 7, row);
        }
        Label shift = cell(3, row, LatencyMeasure.MEDIAN, latency.difference());
        shift.setId("difference-latency");
        if (latency.stands()) {
            shift.getStyleClass().add("strong");
        }
        Tips.on(shift, comparison.latencyEstimated() ? CompareText.LATENCY_ESTIMATED_TIP : how(latency));
        grid.add(new IntervalStrip(theme, CompareText.LATENCY, latency, false), STRIP, row);
        String ends = latency.interval()
                .map(i -> ends(i, 1, CompareText.AFTER_MS, latency.method()))
                .orElse(comparison.latencyEstimated() ? CompareText.ESTIMATED : Numbers.MISSING);
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
            Tips.on(label, reason);
            label.setAccessibleText(reason);
        }
    }

    /// The comparison as tab-separated text.
    static String asText(Comparison comparison) {
        StringBuilder text = new StringBuilder(
                "figure\tunit\t%s\t%s\tdifference\tlow\thigh\tratio\tlow\thigh\tinterval\tstands\truns\tnote\n"
                        .formatted(comparison.baseline(), comparison.name()));
        Difference latency = comparison.latency();
        line(
                text,
                comparison.latencyEstimated() ? CompareText.ADDED_LATENCY_ESTIMATED : CompareText.ADDED_LATENCY,
                "ms",
                Numbers.text(latency.a().mean(), 4),
                Numbers.text(latency.b().mean(), 4),
                Numbers.text(latency.difference(), 4),
                end(latency.interval().map(Interval::low)),
                end(latency.interval().map(Interval::high)),
                Numbers.MISSING,
                Numbers.MISSING,
                Numbers.MISSING,
                latency.method().id(),
                stands(latency),
                rests(latency.a(), latency.b()),
                latency.estimate().why());
        for (Measure measure : Measure.COMPARED) {
            Difference compared = comparison.runs().measure(measure);
            line(
                    text,
                    measure.title(),
                    measure.unit(),
                    Numbers.text(compared.a().mean(), 4),
                    Numbers.text(compared.b().mean(), 4),
                    Numbers.text(compared.difference(), 4),
                    end(compared.interval().map(Interval::low)),
                    end(compared.interval().map(Interval::high)),
                    Numbers.text(compared.ratio(), 4),
                    end(compared.ratioInterval().map(Interval::low)),
                    end(compared.ratioInterval().map(Interval::high)),
                    compared.method().id(),
                    stands(compared),
                    rests(compared.a(), compared.b()),
                    (compared.estimate().why() + " " + compared.note()).strip());
        }
        return text.toString();
    }

    private static String stands(Difference compared) {
        return compared.stands() ? CompareText.STANDS : "";
    }

    private static void line(StringBuilder text, String... cells) {
        text.append(String.join("\t", cells)).append('\n');
    }

    private static String end(Optional<Double> value) {
        return value.map(v -> Numbers.text(v, 4)).orElse(Numbers.MISSING);
    }
}
