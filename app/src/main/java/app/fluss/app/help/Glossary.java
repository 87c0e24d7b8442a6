package app.fluss.app.help;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.core.catalogue.Catalogue;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Grade;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What each figure is, from the program's own lists, with a field to find one.
final class Glossary extends VBox {
    private static final double NAMES_PCT = 34;

    private final GridPane grid = new GridPane(16, 7);
    private final List<Entry> entries = new ArrayList<>();

    private record Entry(String family, String name, String meaning) {
        boolean has(String words) {
            return (family + " " + name + " " + meaning)
                    .toLowerCase(Locale.ROOT)
                    .contains(words);
        }
    }

    Glossary() {
        super(10);
        for (Grade grade : Grade.values()) {
            entries.add(new Entry("Grades of evidence", "grade " + grade, "Rests on %s.".formatted(grade.rests())));
        }
        for (Catalogue.Family family : Catalogue.FAMILIES) {
            family.figures().forEach(figure -> {
                Description of = figure.description();
                String name =
                        of.unit().isEmpty() || of.isShare() ? of.title() : "%s, %s".formatted(of.title(), of.unit());
                entries.add(new Entry(family.title(), name, of.definition()));
            });
        }
        ColumnConstraints names = new ColumnConstraints();
        names.setPercentWidth(NAMES_PCT);
        ColumnConstraints meanings = new ColumnConstraints();
        meanings.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().setAll(names, meanings);
        TextField find = new TextField();
        find.setId("find-figure");
        find.setPromptText("Find a figure or a word");
        find.setAccessibleText("Find a figure or a word");
        find.textProperty().subscribe(this::fill);
        ScrollPane scroll = Boxes.scrolling(grid);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(find, scroll);
    }

    private void fill(String typed) {
        String words = typed.strip().toLowerCase(Locale.ROOT);
        grid.getChildren().clear();
        int row = 0;
        String family = "";
        for (Entry entry : entries) {
            if (!entry.has(words)) {
                continue;
            }
            if (!entry.family.equals(family)) {
                family = entry.family;
                grid.add(Labels.heading(family), 0, row++, 2, 1);
            }
            Label name = Labels.wrapped(entry.name, "strong");
            GridPane.setValignment(name, VPos.TOP);
            grid.addRow(row++, name, Labels.wrapped(entry.meaning));
        }
        if (row == 0) {
            grid.add(Labels.note("No figure matches."), 0, 0, 2, 1);
        }
    }
}
