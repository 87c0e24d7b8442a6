package app.fluss.app.drill;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.core.feel.drill.DrillRecord;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Round;
import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
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
        Label label = Labels.of("false", "muted", "small");
        label.setTooltip(new Tooltip("False alarms: rounds without the fault in which it was named"));
        return label;
    }

    /// Counts rounds, and names the fault worth training, if there is one.
    Optional<Fault> show(List<Round> rounds) {
        long right = rounds.stream().filter(Round::isRight).count();
        long pointed = rounds.stream().filter(Round::isEvidenceRight).count();
        Optional<Fault> worth = DrillRecord.worthTraining(rounds);
        if (rounds.isEmpty()) {
            getChildren()
                    .setAll(Labels.note("No round yet. Each answer is counted here: what was found, what was missed,"
                            + " and what was named where it was not."));
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
                Labels.of("fault", "muted", "small"),
                Labels.of("found", "muted", "small"),
                falseAlarms(),
                Labels.of("d′", "muted", "small"));
        int row = 1;
        for (DrillRecord record : DrillRecord.of(rounds)) {
            Label distance = Labels.of(Numbers.text(record.dPrime(), 1), "strong");
            String reason = Numbers.reason(record.dPrime());
            distance.setTooltip(new Tooltip(
                    reason.isEmpty() ? "How far it stands out for you; 0 is guessing, above 2 is good" : reason));
            grid.addRow(
                    row++,
                    Labels.of(record.fault().title()),
                    Labels.of("%d of %d".formatted(record.hits(), record.there())),
                    Labels.of("%d of %d".formatted(record.falseAlarms(), record.notThere())),
                    distance);
        }
        getChildren()
                .setAll(
                        Labels.of("%d of %d right, %d with the right place".formatted(right, rounds.size(), pointed)),
                        grid);
        worth.ifPresent(fault ->
                getChildren().add(Labels.wrapped("Worth training: %s.".formatted(fault.title()), "strong")));
        return worth;
    }
}
