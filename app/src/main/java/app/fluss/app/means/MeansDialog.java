package app.fluss.app.means;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.means.Means;
import app.fluss.core.means.Question;
import app.fluss.core.means.Way;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.prefs.Preferences;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// What can I measure with what I have? Tick what there is, and see for each question the best grade that can be
/// reached, how, and how long it takes. What is ticked is remembered.
public final class MeansDialog {
    private static final String REMEMBERED = "means";

    private final Set<Means> there = EnumSet.noneOf(Means.class);
    private final GridPane answers = new GridPane(16, 9);
    private final Preferences preferences;

    private MeansDialog(Preferences preferences) {
        this.preferences = preferences;
        answers.setId("means-answers");
    }

    /// Shows it.
    public static void show(Theme theme, Window owner, Preferences preferences) {
        MeansDialog means = new MeansDialog(preferences);
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, MeansText.TITLE);
        VBox ticks = means.ticks();
        ticks.setMinWidth(HBox.USE_PREF_SIZE);
        VBox right = Boxes.panel(
                Labels.heading(MeansText.ANSWERS_HEADING), means.answers, Labels.note(MeansText.MINUTES_EXPLAINED));
        HBox.setHgrow(right, Priority.ALWAYS);
        right.setMinWidth(0);
        dialog.getDialogPane().setContent(new HBox(12, ticks, right));
        dialog.getDialogPane().setPrefSize(1000, 590);
        dialog.getDialogPane().setId("means-dialog");
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        means.answer();
        Dialogs.open(dialog);
    }

    private VBox ticks() {
        VBox ticks = Boxes.panel(Labels.heading(MeansText.WHAT_THERE_IS));
        String remembered = preferences.get(REMEMBERED, "");
        Set<String> names = Set.copyOf(Arrays.asList(remembered.split(" ")));
        for (Means means : Means.values()) {
            CheckBox box = new CheckBox(means.title());
            box.setId("means-" + means.name().toLowerCase(Locale.ROOT));
            box.setSelected(names.contains(means.name()));
            if (box.isSelected()) {
                there.add(means);
            }
            box.selectedProperty().subscribe((_, has) -> {
                if (has) {
                    there.add(means);
                } else {
                    there.remove(means);
                }
                preferences.put(REMEMBERED, there.stream().map(Means::name).collect(Collectors.joining(" ")));
                answer();
            });
            ticks.getChildren().add(box);
        }
        return ticks;
    }

    private void answer() {
        answers.getChildren().clear();
        int row = 0;
        for (Question question : Question.values()) {
            Optional<Way> best = Way.best(question, there);
            Label asked = Labels.of(question.title(), "strong");
            asked.setMinWidth(Label.USE_PREF_SIZE);
            Label grade = Labels.of(
                    best.map(way -> MeansText.GRADE_MIN.formatted(way.grade(), way.minutes()))
                            .orElse(MeansText.NOT_YET),
                    best.isPresent() ? "strong" : "muted");
            grade.setMinWidth(Label.USE_PREF_SIZE);
            grade.setId("means-grade-" + question.name().toLowerCase(Locale.ROOT));
            Label how = Labels.wrapped(best.map(Way::how).orElseGet(() -> missing(question)));
            if (best.isEmpty()) {
                how.getStyleClass().add("muted");
            }
            GridPane.setValignment(how, VPos.TOP);
            GridPane.setHgrow(how, Priority.ALWAYS);
            VBox head = new VBox(asked, grade);
            head.setMinWidth(VBox.USE_PREF_SIZE);
            answers.addRow(row++, head, how);
        }
    }

    private static String missing(Question question) {
        return Way.quickest(question, Optional.empty())
                .map(way -> MeansText.NEEDS.formatted(
                        way.needs().stream().map(Means::title).collect(Collectors.joining(MeansText.AND))))
                .orElse("");
    }
}
