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
        VBox panel = Boxes.panel(Labels.heading(SecondCardText.POWER_WALL_AGAINST_BATTERY));
        FigureTable table = new FigureTable(
                "power",
                "",
                SecondCardText.LIMIT_W,
                SecondCardText.POWER_W,
                SecondCardText.DELIVERED_S,
                SecondCardText.J_PER_IMAGE,
                SecondCardText.IMAGES_PER_J,
                SecondCardText.HOURS_LEFT);
        for (PowerUse use : uses) {
            table.row(
                    use.name(),
                    (use.comparable() ? "" : SecondCardText.OTHER_LIMIT)
                            + use.source().orElse(SecondCardText.SOURCE_NOT_STATED),
                    Cell.of(use.limitW(), 0, ""),
                    Cell.of(use.energy().watts(), 1, ""),
                    Cell.of(use.deliveredFps(), 1, ""),
                    Cell.of(use.energy().joulesPerImage(), 3, ""),
                    Cell.of(use.energy().imagesPerJoule(), 2, ""),
                    Cell.of(use.energy().hours(), 2, ""));
        }
        panel.getChildren().addAll(table, Labels.note(SecondCardText.POWER_EXPLAINED));
        getChildren().add(panel);
    }
}
