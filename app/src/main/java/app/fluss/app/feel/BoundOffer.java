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
                            ? FeelText.NO_SCHOOL_HAS_BOUND.formatted(rule.title())
                            : FeelText.STUDY_READ_ONLY);
            return;
        }
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, FeelText.JUDGE_BY_PERSON);
        dialog.getDialogPane().setId("feel-bound");
        ChoiceBox<School> school = Choice.of("feel-school", FeelText.SCHOOL, School::title);
        school.getItems().setAll(schools);
        var words = Labels.wrapped("", "strong");
        words.setId("feel-bound-words");
        school.valueProperty()
                .subscribe(chosen -> words.setText(
                        chosen == null ? "" : change(chosen.asked(rule).orElseThrow(), group)));
        school.setValue(schools.getFirst());
        VBox body =
                new VBox(10, Labels.note(FeelText.BOUND_EXPLAINED), Labels.beside(FeelText.SCHOOL, school, ""), words);
        Ems.pref(body, 520);
        dialog.getDialogPane().setContent(body);
        ButtonType use = new ButtonType(FeelText.USE_AS_BOUND, ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().getButtonTypes().setAll(use, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(use).setId("feel-bound-use");
        dialog.showAndWait().filter(use::equals).ifPresent(_ -> {
            School chosen = school.getValue();
            workbench
                    .edits()
                    .schools()
                    .keep(chosen.with(bound(chosen.asked(rule).orElseThrow(), group)));
            tell.accept(FeelText.NOW_JUDGES_BY.formatted(
                    chosen.title(), group.taker().person()));
        });
    }

    private static Asked bound(Asked asked, Felt.Group group) {
        return asked.with(
                group.sessions().median().orNaN(),
                FeelText.BOUND_SOURCE.formatted(
                        group.taker().person(),
                        group.isSimulated() ? FeelText.SIMULATED : "",
                        group.taker().display(),
                        group.taker().device(),
                        group.sessions().given()));
    }

    private static String change(Asked asked, Felt.Group group) {
        return FeelText.BECOMES.formatted(
                asked.rule().title(),
                Numbers.text(asked.rule(), asked.bound()),
                asked.rule().unit(),
                asked.source(),
                Numbers.text(asked.rule(), group.sessions().median().orNaN()),
                asked.rule().unit());
    }
}
