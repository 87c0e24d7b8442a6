package app.fluss.app.path;

import app.fluss.app.model.PowerUse;
import app.fluss.app.path.FigureTable.Cell;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import java.util.List;
import javafx.scene.layout.VBox;

/// What runs of a scene took from the socket or the battery.
final class PowerPanel extends VBox {
    PowerPanel(List<PowerUse> uses) {
        super(10);
        setId("power-panel");
        VBox panel = Boxes.panel(Labels.heading("Power, wall against battery"));
        FigureTable table = new FigureTable(
                "power", "", "limit W", "power W", "delivered /s", "J per image", "images per J", "hours left");
        for (PowerUse use : uses) {
            table.row(
                    use.name(),
                    (use.comparable() ? "" : "✕ other limit: not comparable with this run, ")
                            + use.source().orElse("source not stated"),
                    Cell.of(use.limitW(), 0, ""),
                    Cell.of(use.energy().watts(), 1, ""),
                    Cell.of(use.deliveredFps(), 1, ""),
                    Cell.of(use.energy().joulesPerImage(), 3, ""),
                    Cell.of(use.energy().imagesPerJoule(), 2, ""),
                    Cell.of(use.energy().hours(), 2, ""));
        }
        panel.getChildren()
                .addAll(
                        table,
                        Labels.note(
                                "Rates on mains and on battery are compared at the same power limit only (common practice). Hours are what"
                                        + " the battery holds by this power, at a full charge."));
        getChildren().add(panel);
    }
}
