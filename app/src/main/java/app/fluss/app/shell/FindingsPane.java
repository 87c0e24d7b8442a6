package app.fluss.app.shell;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Severity;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What Fluss noticed for what is on screen, worst first.
final class FindingsPane extends VBox {
    private final VBox list = new VBox(8);
    private final Label heading = new Label("Findings");

    FindingsPane() {
        super(8);
        setId("findings");
        getStyleClass().add("side");
        setPrefWidth(256);
        setMinWidth(220);
        heading.getStyleClass().add("heading");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(heading, scroll);
    }

    void show(List<Finding> findings) {
        heading.setText(findings.isEmpty() ? "No findings" : "Findings (%d)".formatted(findings.size()));
        list.getChildren().setAll(findings.stream().map(FindingsPane::card).toList());
    }

    private static VBox card(Finding finding) {
        Label severity =
                new Label(mark(finding.severity()) + "  " + finding.code().replace('-', ' '));
        severity.getStyleClass().add("heading");
        VBox card = new VBox(
                3,
                severity,
                text(finding.seen(), false),
                text(finding.why(), true),
                text("→ " + finding.remedy(), false));
        card.getStyleClass().addAll("finding", "finding-" + finding.severity().label());
        return card;
    }

    private static String mark(Severity severity) {
        return switch (severity) {
            case FAULT -> "▲";
            case WARNING -> "△";
            case NOTE -> "·";
        };
    }

    private static Label text(String text, boolean muted) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.getStyleClass().add("small");
        if (muted) {
            label.getStyleClass().add("muted");
        }
        return label;
    }
}
