package app.fluss.app.decide;

import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.verdict.Schools;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import javafx.util.Subscription;

/// The schools of the study: those that ship can be copied and given other bounds, one's own can be made and
/// removed.
final class SchoolsDialog {
    private final Workbench workbench;
    private final Dialog<ButtonType> dialog;
    private final ChoiceBox<School> schools = Choice.of("schools", DecideText.SCHOOL, School::title);
    private final TextField title = new TextField();
    private final TextField whatFor = new TextField();
    private final VBox claims = new VBox(4);
    private final Label order = Labels.note("");
    private final Label problem = Labels.wrapped("", "chip-warm");
    private final List<AskedFields> fields = new ArrayList<>();
    private final Button remove;

    SchoolsDialog(Workbench workbench, Theme theme, Window owner) {
        this.workbench = workbench;
        dialog = Dialogs.make(theme, owner, DecideText.SCHOOLS_TITLE);
        title.setId("school-title");
        whatFor.setId("school-for");
        whatFor.setPrefColumnCount(26);
        problem.setId("school-problem");
        ChoiceBox<Rule> rules = Choice.of("school-rule", DecideText.RULE, Rule::title);
        rules.getItems().setAll(Rule.values());
        rules.setValue(Rule.ADDED_LATENCY);
        Button add = Buttons.quiet(DecideText.ADD_CLAIM, DecideText.ADD_CLAIM_TIP, () -> add(rules.getValue()));
        add.setId("school-add");
        Button fresh = Buttons.quiet(DecideText.NEW_SCHOOL, DecideText.NEW_SCHOOL_TIP, this::fresh);
        fresh.setId("school-new");
        remove = Buttons.quiet(DecideText.REMOVE, DecideText.REMOVE_TIP, this::remove);
        remove.setId("school-remove");
        Button keep = Buttons.primary(DecideText.KEEP, DecideText.KEEP_TIP, this::keep);
        keep.setId("school-keep");
        HBox head = Boxes.row(schools, fresh, remove);
        VBox body = new VBox(
                10,
                Labels.note(DecideText.SCHOOL_EXPLAINED),
                head,
                Boxes.row(Labels.of(DecideText.NAME, "muted"), title, Labels.of(DecideText.FOR, "muted"), whatFor),
                claims,
                new FlowPane(8, 4, rules, add),
                order,
                problem,
                Boxes.row(keep));
        body.getStyleClass().add("form");
        Ems.pref(body, 820);
        dialog.getDialogPane().setContent(Boxes.scrolling(body));
        dialog.getDialogPane().setPrefHeight(560);
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        dialog.getDialogPane().setId("schools-dialog");
        schools.valueProperty().subscribe((_, now) -> {
            if (now != null) {
                show(now);
            }
        });
        Subscription following = workbench.contentsProperty().subscribe(_ -> offer());
        dialog.setOnHidden(_ -> following.unsubscribe());
    }

    void show() {
        Dialogs.focus(dialog, schools);
        Dialogs.open(dialog);
    }

    private Schools known() {
        return workbench.contentsProperty().get().schools().schools();
    }

    private void offer() {
        List<School> all = known().all();
        if (!all.equals(schools.getItems())) {
            String id = title.getText().isBlank() ? all.getFirst().id() : School.idOf(title.getText());
            schools.getItems().setAll(all);
            schools.setValue(
                    all.stream().filter(one -> one.id().equals(id)).findFirst().orElse(all.getFirst()));
        }
    }

    private void show(School school) {
        title.setText(school.title());
        whatFor.setText(school.whatFor());
        fields.clear();
        school.asks().forEach(asked -> fields.add(new AskedFields(asked, this::drop)));
        claims.getChildren().setAll(fields);
        order.setText(
                school.order().isEmpty()
                        ? DecideText.TOLD_APART_BY_VERDICT
                        : DecideText.TOLD_APART_BY.formatted(String.join(
                                DecideText.THEN,
                                school.order().stream().map(Rule::title).toList())));
        problem.setText("");
        remove.setDisable(!known().own().contains(school));
    }

    private void fresh() {
        schools.setValue(null);
        title.setText("");
        whatFor.setText("");
        fields.clear();
        claims.getChildren().clear();
        order.setText("");
        problem.setText("");
        remove.setDisable(true);
        title.requestFocus();
    }

    private void add(Rule rule) {
        if (fields.stream().anyMatch(one -> one.rule() == rule)) {
            problem.setText(DecideText.IT_REQUIRES_ALREADY.formatted(rule.title()));
            return;
        }
        problem.setText("");
        AskedFields asked = new AskedFields(rule, this::drop);
        fields.add(asked);
        claims.getChildren().setAll(fields);
        asked.takeFocus();
    }

    private void drop(AskedFields asked) {
        fields.remove(asked);
        claims.getChildren().setAll(fields);
    }

    private void keep() {
        try {
            List<Asked> asks = fields.stream().map(AskedFields::asked).toList();
            List<Rule> before =
                    schools.getValue() == null ? List.of() : schools.getValue().order();
            List<Rule> ranks = before.isEmpty() ? asks.stream().map(Asked::rule).toList() : before;
            workbench
                    .edits()
                    .schools()
                    .keep(new School(
                            School.idOf(title.getText()),
                            title.getText().strip(),
                            whatFor.getText().strip(),
                            asks,
                            ranks));
            problem.setText("");
        } catch (IllegalArgumentException e) {
            problem.setText(String.valueOf(e.getMessage()));
        }
    }

    private void remove() {
        School school = schools.getValue();
        if (school != null) {
            title.setText("");
            workbench.edits().schools().remove(school);
        }
    }
}
