package app.fluss.app.decide;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.OverRigs;
import app.fluss.core.measure.Figure;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import app.fluss.files.verdict.PooledOverRigs;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/// The delivered gain of a path on each rig that it was measured on, and pooled where there are enough.
final class RigsPanel extends VBox {
    RigsPanel(PooledOverRigs pooled) {
        super(6);
        getStyleClass().add("panel");
        setId("over-rigs");
        OverRigs gain = pooled.gain();
        GridPane grid = new GridPane(22, 4);
        int row = 0;
        for (OverRigs.OfRig rig : gain.rigs()) {
            grid.addRow(row++, Labels.of(rig.rig()), Labels.of(words(rig.ratio(), rig.interval()), "strong"));
        }
        String between = Double.isNaN(gain.iSquared())
                ? ""
                : DecideText.VARIANCE_BETWEEN_RIGS.formatted(Numbers.text(gain.iSquared() * 100, 0));
        String all = gain.ratio() instanceof Figure.Missing(String why)
                ? DecideText.NOT_POOLED.formatted(why)
                : DecideText.OVER_ALL.formatted(words(gain.ratio(), gain.interval()), between);
        getChildren()
                .setAll(
                        Boxes.row(
                                Labels.heading(DecideText.DELIVERED_GAIN_BY_RIG),
                                Boxes.spacer(),
                                ShareBar.ofTable(DecideText.GAIN_BY_RIG, () -> table(gain.rigs()))),
                        grid,
                        Labels.wrapped(all));
    }

    private static String words(Figure ratio, Optional<Interval> interval) {
        return Numbers.text(ratio, 2)
                + (ratio.isKnown() ? "×" : "")
                + interval.map(ends -> "  " + Numbers.range(ends.low(), ends.high(), 2))
                        .orElse("");
    }

    private static Optional<DataTable> table(List<OverRigs.OfRig> rigs) {
        DataTable.Builder table = new DataTable.Builder("rig", "gain", "from", "to");
        for (OverRigs.OfRig rig : rigs) {
            table.row(
                    rig.rig(),
                    Cell.of(rig.ratio()),
                    Cell.of(rig.interval(), Interval::low),
                    Cell.of(rig.interval(), Interval::high));
        }
        return Optional.of(table.build());
    }
}
