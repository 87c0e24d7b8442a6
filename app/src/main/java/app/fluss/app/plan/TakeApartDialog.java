package app.fluss.app.plan;

import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.attribute.Factor;
import app.fluss.core.attribute.FactorialDesign;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Plans the runs that take a package of settings apart: which combinations of two to five factors, in which
/// order.
final class TakeApartDialog {
    private static final ButtonType PLAN = new ButtonType(PlanText.PLAN_THESE_RUNS, ButtonBar.ButtonData.OK_DONE);
    private static final int MOST_TYPED = 4;

    private final Workbench workbench;
    private final Dialog<ButtonType> dialog;
    private final ChoiceBox<DeliveryPath> paths = Choice.of("apart-path", PlanText.PATH_LABEL, DeliveryPath::name);
    private final ChoiceBox<Scene> scenes = Choice.of("apart-scene", PlanText.SCENE, Scene::name);
    private final VBox stages = new VBox(4);
    private final List<TextField> typed = new ArrayList<>();
    private final CheckBox half = new CheckBox(PlanText.HALF_FRACTION);
    private final CheckBox tied = new CheckBox(PlanText.GENERATION_TIED);
    private final TextField repeats = new TextField("2");
    private final Label says = Labels.wrapped("");
    private final VBox runs = new VBox(2);
    private final List<CheckBox> chosen = new ArrayList<>();
    private FactorialDesign design =
            FactorialDesign.full(List.of(Factor.switched("1"), Factor.switched("2")), _ -> true);

    TakeApartDialog(Workbench workbench, Theme theme, Window owner, List<Scene> offered, List<DeliveryPath> known) {
        this.workbench = workbench;
        dialog = Dialogs.make(theme, owner, PlanText.TAKE_PACKAGE_APART);
        scenes.getItems().setAll(offered);
        paths.getItems().setAll(known);
        half.setId("apart-half");
        half.setWrapText(true);
        tied.setWrapText(true);
        tied.setId("apart-tied");
        repeats.setId("apart-repeats");
        repeats.setPrefColumnCount(2);
        says.setId("apart-says");
        VBox further = new VBox(4);
        for (int i = 0; i < MOST_TYPED; i++) {
            TextField field = new TextField();
            field.setId("apart-factor-" + (i + 1));
            field.setPromptText(PlanText.OTHER_FACTOR_PROMPT);
            field.textProperty().subscribe((_, _) -> work());
            typed.add(field);
            further.getChildren().add(field);
        }
        half.selectedProperty().subscribe((_, _) -> work());
        tied.selectedProperty().subscribe((_, _) -> work());
        repeats.textProperty().subscribe((_, _) -> work());
        paths.valueProperty().subscribe((_, now) -> offer(now));
        VBox body = new VBox(
                8,
                Labels.note(PlanText.TAKE_APART_EXPLAINED),
                new WrappingRow(8, Labels.heading(PlanText.SCENE), scenes, Labels.heading(PlanText.PACKAGE), paths),
                Labels.heading(PlanText.FACTORS),
                stages,
                further,
                half,
                tied,
                Boxes.row(repeats, Labels.of(PlanText.RUNS_OF_EACH, "muted")),
                says,
                runs);
        body.getStyleClass().add("form");
        dialog.getDialogPane().setContent(Boxes.scrolling(body));
        dialog.getDialogPane().setPrefSize(680, 620);
        dialog.getDialogPane().setId("apart-dialog");
        dialog.getDialogPane().getButtonTypes().addAll(PLAN, ButtonType.CANCEL);
        Run looked = workbench.selectedProperty().get();
        scenes.setValue(offered.stream()
                .filter(scene -> looked != null && scene.id() == looked.sceneId())
                .findFirst()
                .orElse(offered.getFirst()));
        paths.setValue(known.stream()
                .filter(path -> looked != null && path.id() == looked.path().id())
                .findFirst()
                .orElse(known.getFirst()));
    }

    private void offer(DeliveryPath path) {
        chosen.clear();
        for (Stage stage : path.chain().stages()) {
            CheckBox box = new CheckBox(new Chain(List.of(stage)).proposedName());
            box.setSelected(true);
            box.setWrapText(true);
            box.selectedProperty().subscribe((_, _) -> work());
            chosen.add(box);
        }
        stages.getChildren().setAll(chosen);
        work();
    }

    private List<Stage> stagesApart() {
        List<Stage> all = paths.getValue().chain().stages();
        return IntStream.range(0, all.size())
                .filter(i -> chosen.get(i).isSelected())
                .mapToObj(all::get)
                .toList();
    }

    private List<String> further() {
        return typed.stream()
                .map(field -> field.getText().strip())
                .filter(text -> !text.isEmpty())
                .toList();
    }

    private List<Factor> factors() {
        List<Factor> factors = new ArrayList<>();
        stagesApart()
                .forEach(stage -> factors.add(new Factor(
                        new Chain(List.of(stage)).proposedName(),
                        PlanText.OFF,
                        PlanText.ON,
                        stage.kind().restartsGame())));
        further().forEach(name -> factors.add(Factor.switched(name)));
        return factors;
    }

    /// Whether a combination can be set.
    private boolean isPossible(int combination) {
        List<Stage> apart = stagesApart();
        if (!tied.isSelected() || further().isEmpty()) {
            return true;
        }
        boolean has = (combination >> apart.size() & 1) == 1;
        return has
                || IntStream.range(0, apart.size())
                        .noneMatch(bit -> (combination >> bit & 1) == 1
                                && apart.get(bit).kind().isGenerator());
    }

    private void work() {
        List<Factor> factors = factors();
        runs.getChildren().clear();
        boolean ready;
        try {
            design = half.isSelected()
                    ? FactorialDesign.half(factors, this::isPossible)
                    : FactorialDesign.full(factors, this::isPossible);
            says.setText(words());
            IntStream.range(0, design.runs().size())
                    .mapToObj(i -> "%s%s"
                            .formatted(
                                    i == 0
                                                    || !design.blocks()
                                                            .get(i)
                                                            .equals(design.blocks()
                                                                    .get(i - 1))
                                            ? "⟳ "
                                            : "    ",
                                    name(design.runs().get(i))))
                    .forEach(line -> runs.getChildren().add(Labels.of(line, "small")));
            double count = NumberField.value(repeats.getText());
            ready = count >= 1 && count <= 9 && count == Math.rint(count);
            if (!ready) {
                says.setText(PlanText.RUNS_INVALID);
            }
        } catch (IllegalArgumentException e) {
            says.setText(PlanText.THIS_CANNOT_BE_PLANNED.formatted(e.getMessage()));
            ready = false;
        }
        dialog.getDialogPane().lookupButton(PLAN).setDisable(!ready);
    }

    private String words() {
        long blocks = design.blocks().stream().distinct().count();
        Map<String, List<String>> untold = design.untold();
        String mixed = untold.entrySet().stream()
                .filter(one -> !one.getValue().isEmpty())
                .map(one -> PlanText.FROM.formatted(one.getKey(), String.join(", ", one.getValue())))
                .collect(Collectors.joining("; "));
        return PlanText.COMBINATIONS.formatted(
                design.runs().size(),
                blocks > 1 ? PlanText.IN_BLOCKS.formatted(blocks) : "",
                mixed.isEmpty() ? PlanText.ALL_TOLD_APART : PlanText.NOT_TOLD_APART.formatted(mixed));
    }

    /// The path of a combination: its stages, and in its name what else is on.
    private String name(int combination) {
        List<Stage> apart = stagesApart();
        List<String> on = new ArrayList<>();
        List<String> names = further();
        for (int i = 0; i < names.size(); i++) {
            on.add("%s %s"
                    .formatted(
                            names.get(i), (combination >> (apart.size() + i) & 1) == 1 ? PlanText.ON : PlanText.OFF));
        }
        String chain = chain(combination).proposedName();
        return on.isEmpty() ? chain : chain + ", " + String.join(", ", on);
    }

    private Chain chain(int combination) {
        List<Stage> apart = stagesApart();
        return new Chain(paths.getValue().chain().stages().stream()
                .filter(stage -> !apart.contains(stage) || (combination >> apart.indexOf(stage) & 1) == 1)
                .toList());
    }

    /// Asks, and plans what was agreed on.
    void ask() {
        work();
        dialog.showAndWait().filter(PLAN::equals).ifPresent(_ -> {
            Map<String, Chain> wanted = new LinkedHashMap<>();
            design.runs().forEach(run -> wanted.put(name(run), chain(run)));
            workbench.edits().plan().wantPaths(scenes.getValue().id(), wanted, (int)
                    NumberField.value(repeats.getText()));
        });
    }

    /// Paths that can be taken apart: with a stage.
    static List<DeliveryPath> packages(List<DeliveryPath> all) {
        return all.stream()
                .filter(path -> path.chain().stages().stream().anyMatch(stage -> stage.kind() != StageKind.FRAME_CAP))
                .toList();
    }
}
