package app.fluss.app.shell;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Severity;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What Fluss noticed for what is on screen, worst first.
final class FindingsPane extends VBox {
    private final Consumer<Finding> open;
    private final VBox list = new VBox(8);
    private final Label heading = new Label("Findings");

    /// @param open is told which finding the user wants to see the evidence of
    FindingsPane(Consumer<Finding> open) {
        super(8);
        this.open = open;
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
        list.getChildren().setAll(findings.stream().map(this::card).toList());
    }

    private VBox card(Finding finding) {
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
        card.setFocusTraversable(true);
        card.setAccessibleRole(AccessibleRole.BUTTON);
        card.setAccessibleText(finding.code().replace('-', ' ') + ". " + finding.text());
        Tooltip.install(card, new Tooltip("Show what this rests on"));
        card.setOnMouseClicked(_ -> open.accept(finding));
        card.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                open.accept(finding);
                event.consume();
            }
        });
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
