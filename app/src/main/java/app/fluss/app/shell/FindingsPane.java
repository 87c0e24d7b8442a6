package app.fluss.app.shell;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Severity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TitledPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What Fluss noticed for what is on screen, worst first: faults and warnings as cards, notes as lines that
/// unfold. Several of one kind stand together.
final class FindingsPane extends VBox {
    private final Consumer<Finding> open;
    private final VBox list = new VBox(8);
    private final Label heading = new Label(ShellText.FINDINGS);

    /// @param open is told which finding the user wants to see the evidence of
    FindingsPane(Consumer<Finding> open) {
        super(8);
        this.open = open;
        setId("findings");
        getStyleClass().add("side");
        heading.getStyleClass().add("heading");
        ScrollPane scroll = Boxes.scrolling(list);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(heading, scroll);
    }

    /// How many there are, in words.
    ReadOnlyStringProperty titleProperty() {
        return heading.textProperty();
    }

    void show(List<Finding> findings) {
        heading.setText(
                findings.isEmpty() ? ShellText.NO_FINDINGS : ShellText.FINDINGS_COUNT.formatted(findings.size()));
        Map<String, List<Finding>> kinds = new LinkedHashMap<>();
        findings.forEach(finding ->
                kinds.computeIfAbsent(finding.code(), _ -> new ArrayList<>()).add(finding));
        list.getChildren()
                .setAll(kinds.values().stream()
                        .map(alike -> alike.getFirst().severity() == Severity.NOTE ? line(alike) : card(alike))
                        .toList());
    }

    private static String name(List<Finding> alike) {
        String code = alike.getFirst().code().replace('-', ' ');
        return alike.size() == 1 ? code : "%s · %d".formatted(code, alike.size());
    }

    /// What was seen in each, then why it matters and what to do, where all say the same only once.
    private static List<Label> words(List<Finding> alike) {
        List<Label> words = new ArrayList<>();
        boolean one = alike.stream().map(Finding::remedy).distinct().count() == 1;
        for (Finding finding : alike) {
            words.add(text(finding.seen(), false));
            if (!one) {
                words.add(text("→ " + finding.remedy(), false));
            }
        }
        alike.stream().map(Finding::why).distinct().forEach(why -> words.add(text(why, true)));
        if (one) {
            words.add(text("→ " + alike.getFirst().remedy(), false));
        }
        return words;
    }

    private VBox card(List<Finding> alike) {
        Finding first = alike.getFirst();
        Label title = Labels.wrapped(mark(first.severity()) + "  " + name(alike), "heading");
        VBox card = new VBox(3, title);
        card.getChildren().addAll(words(alike));
        card.getStyleClass().addAll("finding", "finding-" + first.severity().label());
        opens(card, alike);
        return card;
    }

    private TitledPane line(List<Finding> alike) {
        VBox content = new VBox(3);
        content.getChildren().addAll(words(alike));
        content.getStyleClass().add("finding");
        opens(content, alike);
        TitledPane line = new TitledPane(name(alike), content);
        line.setExpanded(false);
        line.setAnimated(false);
        line.getStyleClass().add("note-line");
        Tips.on(line, alike.getFirst().seen());
        return line;
    }

    private void opens(VBox card, List<Finding> alike) {
        Finding first = alike.getFirst();
        card.setFocusTraversable(true);
        card.setAccessibleRole(AccessibleRole.BUTTON);
        card.setAccessibleText(name(alike) + ". " + first.text());
        Label show = Labels.of(ShellText.SHOW_EVIDENCE, "link");
        card.getChildren().add(show);
        card.setOnMouseClicked(_ -> open.accept(first));
        card.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                open.accept(first);
                event.consume();
            }
        });
    }

    private static String mark(Severity severity) {
        return switch (severity) {
            case FAULT -> "▲";
            case WARNING -> "△";
            case NOTE -> "·";
        };
    }

    private static Label text(String text, boolean muted) {
        Label label = Labels.wrapped(text, "small");
        if (muted) {
            label.getStyleClass().add("muted");
        }
        return label;
    }
}
