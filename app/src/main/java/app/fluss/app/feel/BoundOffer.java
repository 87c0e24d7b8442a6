package app.fluss.app.feel;

import app.fluss.app.model.Felt;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Offers what a person notices as a bound of a school. It is never set without being asked for.
final class BoundOffer {
    private final Workbench workbench;
    private final Theme theme;
    private final Consumer<String> tell;

    /// @param tell is told what was done
    BoundOffer(Workbench workbench, Theme theme, Consumer<String> tell) {
        this.workbench = workbench;
        this.theme = theme;
        this.tell = tell;
    }

    void ask(Felt.Group group, Window owner) {
        Rule rule = group.task().rule().orElseThrow();
        List<School> schools = workbench.contentsProperty().get().schools().schools().all().stream()
                .filter(school -> school.asked(rule).isPresent())
                .toList();
        if (!workbench.canEdit() || schools.isEmpty()) {
            tell.accept(
                    schools.isEmpty()
                            ? "No school has a bound for %s. Add one in Decide, Schools…".formatted(rule.title())
                            : "This study is read-only, so no bound can be set.");
            return;
        }
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, "Judge paths by what a person notices");
        dialog.getDialogPane().setId("feel-bound");
        ChoiceBox<School> school = Choice.of("feel-school", "School", School::title);
        school.getItems().setAll(schools);
        var words = Labels.wrapped("", "strong");
        words.setId("feel-bound-words");
        school.valueProperty()
                .subscribe(chosen -> words.setText(
                        chosen == null ? "" : change(chosen.asked(rule).orElseThrow(), group)));
        school.setValue(schools.getFirst());
        VBox body = new VBox(
                10,
                Labels.note(
                        "The bound is the median of this person's sessions, and carries their name as its source. Every game that the school judges in this study follows. It can be undone (Ctrl+Z) and changed in Decide, Schools…"),
                Labels.beside("School", school, ""),
                words);
        Ems.pref(body, 520);
        dialog.getDialogPane().setContent(body);
        ButtonType use = new ButtonType("Use as the bound", ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().getButtonTypes().setAll(use, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(use).setId("feel-bound-use");
        dialog.showAndWait().filter(use::equals).ifPresent(_ -> {
            School chosen = school.getValue();
            workbench
                    .edits()
                    .schools()
                    .keep(chosen.with(bound(chosen.asked(rule).orElseThrow(), group)));
            tell.accept("%s now judges by %s."
                    .formatted(chosen.title(), group.taker().person()));
        });
    }

    private static Asked bound(Asked asked, Felt.Group group) {
        return asked.with(
                group.sessions().median().orNaN(),
                "noticed by %s%s on %s with %s, median of %d sessions"
                        .formatted(
                                group.taker().person(),
                                group.isSimulated() ? " (simulated)" : "",
                                group.taker().display(),
                                group.taker().device(),
                                group.sessions().given()));
    }

    private static String change(Asked asked, Felt.Group group) {
        return "%s: %s %s (%s) becomes %s %s."
                .formatted(
                        asked.rule().title(),
                        Numbers.text(asked.rule(), asked.bound()),
                        asked.rule().unit(),
                        asked.source(),
                        Numbers.text(asked.rule(), group.sessions().median().orNaN()),
                        asked.rule().unit());
    }
}
