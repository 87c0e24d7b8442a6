package app.fluss.app.drill;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.core.feel.drill.ChartPart;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Round;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// What a run of the drill really had, after the answer.
final class TruthPanel extends VBox {
    TruthPanel() {
        super(4);
        setId("drill-truth");
    }

    void show(DrillRun drawn, Round round) {
        Fault fault = round.fault();
        Label verdict = Labels.wrapped(verdict(round), "verdict-sentence");
        verdict.setId("drill-verdict");
        FlowPane figures = new FlowPane(18, 2);
        for (Measure measure : fault.figures()) {
            Figure figure = measure.of(drawn.run().analysis());
            figures.getChildren().add(Labels.of(words(measure, figure), "strong"));
        }
        getChildren()
                .setAll(
                        verdict,
                        Labels.wrapped(fault.sign()),
                        figures,
                        Labels.wrapped(seen(round) + where(drawn) + about(drawn), "muted"));
    }

    private static String words(Measure measure, Figure figure) {
        boolean hasUnit = figure.isKnown() && !measure.description().isShare();
        return "%s %s %s"
                .formatted(
                        measure.description().title(),
                        Numbers.text(measure, figure),
                        hasUnit ? measure.description().unit() : "")
                .strip();
    }

    private static String verdict(Round round) {
        if (round.isRight()) {
            return DrillText.RIGHT.formatted(round.fault().title());
        }
        return round.fault() == Fault.NONE
                ? DrillText.FALSE_ALARM
                : DrillText.MISSED.formatted(round.fault().title());
    }

    private static String seen(Round round) {
        String places =
                round.fault().shownBy().stream().sorted().map(ChartPart::title).collect(Collectors.joining(", "));
        return round.fault() == Fault.NONE ? "" : DrillText.SEEN_IN_PARTS.formatted(places);
    }

    private static String where(DrillRun drawn) {
        boolean whole =
                drawn.run().toMs() - drawn.run().fromMs() >= drawn.levels().elapsedMs() * 0.98;
        return whole
                ? ""
                : DrillText.LASTS.formatted(
                        Numbers.text(drawn.run().fromMs() / 1000, 1),
                        Numbers.text(drawn.run().toMs() / 1000, 1));
    }

    private static String about(DrillRun drawn) {
        return DrillText.SCENARIO.formatted(drawn.run().scenario().about());
    }

    /// Nothing is said before the answer.
    void clear() {
        getChildren().setAll(List.of());
    }
}
