package app.fluss.app.toggle;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
import app.fluss.core.compare.Difference;
import app.fluss.core.measure.Measure;
import app.fluss.core.toggle.ToggleComparison;
import app.fluss.core.toggle.ToggleFit;
import app.fluss.core.toggle.ToggleStretch;
import java.util.List;
import java.util.Map;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// A path against itself switched off, within one run.
public final class TogglePanel extends VBox {
    /// Those that fit beside a band; the copied table has all.
    private static final List<Measure> SHOWN = List.of(
            Measure.CLAIMED,
            Measure.RENDERED,
            Measure.PRESENTED,
            Measure.DELIVERED,
            Measure.LOW_PERCENTILE,
            Measure.SPREAD,
            Measure.STUTTERS);

    /// @param toggled what is shown of it
    /// @param judged the same, all figures judged together
    public TogglePanel(ToggleComparison toggled, Map<Measure, Difference> judged) {
        super(6);
        setId("toggle");
        getStyleClass().add("panel");
        int on = (int) toggled.stretches().stream().filter(ToggleStretch::on).count();
        int off = toggled.stretches().size() - on;
        Label basis = Labels.note(ToggleText.BASIS.formatted(
                off,
                on,
                Math.min(off, on) < ToggleFit.FEWEST ? ToggleText.INTERVAL_NEEDS.formatted(ToggleFit.FEWEST) : ""));
        basis.setId("toggle-basis");
        getChildren().addAll(Labels.heading(ToggleText.PATH_OFF_AND_ON), grid(toggled, judged), basis);
    }

    private static GridPane grid(ToggleComparison toggled, Map<Measure, Difference> judged) {
        GridPane grid = new GridPane(11, 3);
        String[] heads = {
            "",
            ToggleText.OFF,
            ToggleText.ON,
            ToggleText.DIFFERENCE,
            ToggleText.RATIO,
            ToggleText.OF_RATIO,
            ToggleText.DRIFT_PER_MINUTE
        };
        for (int c = 0; c < heads.length; c++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHalignment(c == 0 ? HPos.LEFT : HPos.RIGHT);
            column.setHgrow(c == 0 ? Priority.ALWAYS : Priority.NEVER);
            column.setMinWidth(c == 0 ? 90 : USE_PREF_SIZE);
            grid.getColumnConstraints().add(column);
            grid.add(Labels.of(heads[c], "muted"), c, 0);
        }
        int row = 1;
        for (Measure measure : SHOWN) {
            ToggleFit fit = toggled.fits().get(measure);
            if (fit == null) {
                continue;
            }
            Label name = Labels.of(measure.title() + (measure.unit().isEmpty() ? "" : ", " + measure.unit()), "muted");
            Tips.on(name, measure.description().definition());
            Label ratio = Labels.of(Numbers.text(fit.ratio(), 2) + (fit.ratio().isKnown() ? "×" : ""));
            ratio.setId("toggle-ratio-" + measure.name());
            Difference difference = judged.get(measure);
            ratio.getStyleClass().add(difference != null && difference.stands() ? "strong" : "muted");
            String reason = Numbers.reason(fit.ratio());
            if (!reason.isEmpty()) {
                Tips.on(ratio, reason);
            }
            grid.addRow(
                    row++,
                    name,
                    Labels.of(Numbers.text(measure, fit.off())),
                    Labels.of(Numbers.text(measure, fit.on())),
                    Labels.of(Numbers.text(measure, fit.difference())),
                    ratio,
                    Labels.of(
                            fit.ratioInterval()
                                    .map(ends -> Numbers.range(ends.low(), ends.high(), 2))
                                    .orElse(Numbers.MISSING),
                            "muted"),
                    Labels.of(Numbers.percent(fit.driftPerMinute(), 1), "muted"));
        }
        return grid;
    }

    /// The comparison as tab-separated text.
    public static String asText(ToggleComparison toggled) {
        StringBuilder text =
                new StringBuilder("figure\tunit\toff\ton\tratio\tlow\thigh\tdrift per minute\tstretches off\ton\n");
        for (Map.Entry<Measure, ToggleFit> one : toggled.fits().entrySet()) {
            ToggleFit fit = one.getValue();
            text.append(String.join(
                            "\t",
                            one.getKey().title(),
                            one.getKey().unit(),
                            Numbers.text(fit.off(), 4),
                            Numbers.text(fit.on(), 4),
                            Numbers.text(fit.ratio(), 4),
                            fit.ratioInterval()
                                    .map(ends -> Numbers.text(ends.low(), 4))
                                    .orElse(Numbers.MISSING),
                            fit.ratioInterval()
                                    .map(ends -> Numbers.text(ends.high(), 4))
                                    .orElse(Numbers.MISSING),
                            Numbers.text(fit.driftPerMinute(), 4),
                            Integer.toString(fit.stretchesOff()),
                            Integer.toString(fit.stretchesOn())))
                    .append('\n');
        }
        return text.toString();
    }
}
