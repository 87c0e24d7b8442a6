package app.fluss.app.bench;

import app.fluss.app.model.BenchEdits;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Section;
import app.fluss.files.study.Game;
import app.fluss.files.study.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// The scenes of a game: where each starts, what is done, how long it takes and how heavy it is.
final class ScenesEditor extends VBox {
    private final Workbench workbench;
    private final Theme theme;

    ScenesEditor(Workbench workbench, Theme theme, Game game) {
        super(6);
        this.workbench = workbench;
        this.theme = theme;
        GridPane grid = new GridPane();
        grid.getStyleClass().add("form");
        grid.setHgap(8);
        grid.setVgap(5);
        grid.addRow(
                0,
                Labels.of(BenchText.SCENE_PROMPT, "muted", "small"),
                Labels.of(BenchText.SECONDS_PROMPT, "muted", "small"),
                Labels.of(BenchText.HOW_HEAVY, "muted", "small"),
                Labels.of(BenchText.BEGINS, "muted", "small"),
                Labels.of(BenchText.WHAT_IS_DONE, "muted", "small"));
        int row = 1;
        for (Scene scene : workbench.contentsProperty().get().scenes()) {
            if (scene.gameId() == game.id()) {
                row(grid, row++, scene);
            }
        }
        getChildren()
                .addAll(
                        Boxes.row(
                                Labels.heading(BenchText.SCENES),
                                Boxes.spacer(),
                                Buttons.quiet(
                                        BenchText.ADD_SCENE_TO_GAME,
                                        BenchText.ADD_SCENE_TO_GAME_TIP,
                                        () -> addScene(game))),
                        grid);
    }

    private void addScene(Game game) {
        BenchEdits edits = workbench.edits().bench();
        SceneDialog.ask(theme, getScene().getWindow(), game.name()).ifPresent(answer -> answer.addTo(edits));
    }

    private void rename(Scene scene) {
        BenchEdits edits = workbench.edits().bench();
        Dialogs.text(theme, getScene().getWindow(), BenchText.RENAME_ITEM.formatted(scene.name()), scene.name())
                .filter(name -> !name.equals(scene.name()))
                .ifPresent(name -> edits.rename(scene, name));
    }

    private void row(GridPane grid, int row, Scene scene) {
        TextField seconds = field(BenchText.SECONDS_PROMPT, Integer.toString(scene.seconds()), 4);
        TextField begins = field(BenchText.WHERE_IT_BEGINS, scene.begins(), 14);
        TextField route = field(BenchText.WHAT_IS_DONE, scene.route(), 19);
        ChoiceBox<Section.Weight> weight = Choice.of("scene-weight", BenchText.HOW_HEAVY_COLUMN, ScenesEditor::name);
        weight.getItems().setAll(Section.Weight.values());
        weight.setValue(scene.weight());
        Runnable take = () -> SceneDialog.seconds(seconds.getText())
                .map(lasts -> scene.described(
                        lasts, begins.getText().strip(), route.getText().strip(), weight.getValue()))
                .filter(described -> !described.equals(scene))
                .ifPresent(workbench.edits().bench()::describe);
        for (TextField field : new TextField[] {seconds, begins, route}) {
            field.setOnAction(_ -> take.run());
            field.focusedProperty().subscribe((_, focused) -> {
                if (!focused) {
                    take.run();
                }
            });
        }
        weight.valueProperty().subscribe((_, _) -> take.run());
        seconds.setMinWidth(Region.USE_PREF_SIZE);
        weight.setMinWidth(Region.USE_PREF_SIZE);
        GridPane.setHgrow(begins, Priority.ALWAYS);
        GridPane.setHgrow(route, Priority.ALWAYS);
        Label name = Labels.of(scene.name());
        name.setMinWidth(Region.USE_PREF_SIZE);
        Button rename = Buttons.quiet(BenchText.RENAME, BenchText.RENAME_SCENE_TIP, () -> rename(scene));
        Button duplicate = Buttons.quiet(
                BenchText.DUPLICATE,
                BenchText.DUPLICATE_SCENE_TIP,
                () -> workbench
                        .edits()
                        .bench()
                        .duplicate(scene, workbench.contentsProperty().get().freeName(scene)));
        grid.addRow(row, name, seconds, weight, begins, route, rename, duplicate);
    }

    private static TextField field(String name, String text, int columns) {
        TextField field = new TextField(text);
        field.setAccessibleText(name);
        field.setPrefColumnCount(columns);
        return field;
    }

    private static String name(Section.Weight weight) {
        return switch (weight) {
            case LIGHT -> BenchText.LIGHT;
            case TYPICAL -> BenchText.TYPICAL;
            case WORST -> BenchText.WORST;
        };
    }
}
