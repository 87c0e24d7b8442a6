package app.fluss.app.tune;

import app.fluss.app.model.Workbench;
import app.fluss.core.verdict.School;
import java.util.List;
import java.util.function.Predicate;
import javafx.scene.control.ChoiceBox;

/// Fills a choice with the schools of the open study, and keeps it so.
final class SchoolChoice {
    private SchoolChoice() {}

    /// @param offered which of them
    /// @param first that is chosen until somebody chooses another
    static void follow(Workbench workbench, ChoiceBox<School> choice, Predicate<School> offered, School first) {
        workbench.contentsProperty().subscribe(contents -> {
            List<School> schools =
                    contents.schools().schools().all().stream().filter(offered).toList();
            if (!schools.equals(choice.getItems())) {
                String id = choice.getValue() == null
                        ? first.id()
                        : choice.getValue().id();
                choice.getItems().setAll(schools);
                choice.setValue(schools.stream()
                        .filter(one -> one.id().equals(id))
                        .findFirst()
                        .orElse(first));
            }
        });
    }
}
