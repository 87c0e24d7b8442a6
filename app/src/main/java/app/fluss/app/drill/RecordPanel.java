package app.fluss.app.drill;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
import app.fluss.core.feel.drill.DrillRecord;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Round;
import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// Which faults somebody finds, over all their rounds.
final class RecordPanel extends VBox {
    RecordPanel() {
        super(6);
        setId("drill-record");
    }

    private static Label falseAlarms() {
        Label label = Labels.of(DrillText.FALSE, "muted", "small");
        Tips.on(label, DrillText.FALSE_ALARMS_TIP);
        return label;
    }

    /// Counts rounds, and names the fault worth training, if there is one.
    Optional<Fault> show(List<Round> rounds) {
        long right = rounds.stream().filter(Round::isRight).count();
        long pointed = rounds.stream().filter(Round::isEvidenceRight).count();
        Optional<Fault> worth = DrillRecord.worthTraining(rounds);
        if (rounds.isEmpty()) {
            getChildren().setAll(Labels.note(DrillText.NO_ROUND_YET));
            return worth;
        }
        GridPane grid = new GridPane(14, 2);
        ColumnConstraints names = new ColumnConstraints();
        names.setHgrow(Priority.ALWAYS);
        names.setMinWidth(0);
        ColumnConstraints figures = new ColumnConstraints();
        figures.setMinWidth(USE_PREF_SIZE);
        figures.setHalignment(HPos.RIGHT);
        grid.getColumnConstraints().setAll(names, figures, figures, figures);
        grid.addRow(
                0,
                Labels.of(DrillText.FAULT_COLUMN, "muted", "small"),
                Labels.of(DrillText.FOUND, "muted", "small"),
                falseAlarms(),
                Labels.of("d′", "muted", "small"));
        int row = 1;
        for (DrillRecord record : DrillRecord.of(rounds)) {
            Label distance = Labels.of(Numbers.text(record.dPrime(), 1), "strong");
            String reason = Numbers.reason(record.dPrime());
            Tips.on(distance, reason.isEmpty() ? DrillText.SENSITIVITY_TIP : reason);
            grid.addRow(
                    row++,
                    Labels.of(record.fault().title()),
                    Labels.of(DrillText.OF.formatted(record.hits(), record.there())),
                    Labels.of(DrillText.OF.formatted(record.falseAlarms(), record.notThere())),
                    distance);
        }
        getChildren().setAll(Labels.of(DrillText.ROUNDS_RIGHT.formatted(right, rounds.size(), pointed)), grid);
        worth.ifPresent(fault ->
                getChildren().add(Labels.wrapped(DrillText.WORTH_TRAINING.formatted(fault.title()), "strong")));
        return worth;
    }
}
