package app.fluss.app.simulate;

import app.fluss.app.importing.RunFields;
import app.fluss.app.model.EvidenceEdits;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Figure;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.sim.Expected;
import app.fluss.sim.scenario.Scenario;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/// Lets the analyst rehearse a measurement: pick a scenario, turn its main knobs, see at once what to expect,
/// and simulate it; the result lands as runs marked simulated.
public final class SimulateDialog {
    private static final ButtonType RUN = new ButtonType(SimulateText.SIMULATE, ButtonBar.ButtonData.OK_DONE);

    /// Typing goes on for a moment; what to expect is worked out when it rests.
    private static final Duration SETTLE = Duration.millis(120);

    private final Dialog<ButtonType> dialog;
    private final EvidenceEdits edits;
    private final Jobs jobs;
    private final Consumer<String> problems;
    private final RunFields fields;
    private final KnobFields knobs = new KnobFields(this::turned);
    private final ListView<Scenario> list = new ListView<>();
    private final Label about = new Label();
    private final HBox expected = new HBox(26);
    private final Label fault = new Label();
    private final PauseTransition settle = new PauseTransition(SETTLE);

    /// @param scenarios to choose from
    /// @param problems is told, in words, what went wrong
    public SimulateDialog(
            Theme theme,
            Window owner,
            Workbench workbench,
            Jobs jobs,
            List<Scenario> scenarios,
            Consumer<String> problems) {
        this.edits = workbench.edits().evidence();
        this.jobs = jobs;
        this.problems = problems;
        dialog = Dialogs.make(theme, owner, SimulateText.SIMULATE);
        @Nullable Run selected = workbench.selectedProperty().get();
        fields = new RunFields(workbench.contentsProperty().get(), Optional.ofNullable(selected), "simulated");
        about.setWrapText(true);
        about.setMinHeight(36);
        about.getStyleClass().add("muted");
        fault.getStyleClass().add("chip-warm");
        expected.setId("expected");
        expected.setMinHeight(44);
        list.setId("scenarios");
        Ems.fix(list, 290);
        list.setCellFactory(_ -> new ScenarioCell());
        list.getItems().setAll(scenarios);
        VBox expect = new VBox(6, heading(SimulateText.WHAT_TO_EXPECT), expected);
        expect.getStyleClass().add("panel");
        VBox right = new VBox(
                10,
                about,
                heading(SimulateText.KNOBS),
                knobs,
                expect,
                heading(SimulateText.ADD_TO_STUDY),
                fields,
                fault);
        HBox.setHgrow(right, Priority.ALWAYS);
        dialog.getDialogPane().setContent(new HBox(18, list, right));
        dialog.getDialogPane().setPrefSize(960, 560);
        dialog.getDialogPane().setId("simulate-dialog");
        dialog.getDialogPane().getButtonTypes().addAll(RUN, ButtonType.CANCEL);
        settle.setOnFinished(_ -> expect());
        list.getSelectionModel().selectedItemProperty().subscribe(this::choose);
        fields.problemProperty().subscribe(this::check);
        list.getSelectionModel().selectFirst();
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        return label;
    }

    private void choose(@Nullable Scenario scenario) {
        if (scenario != null) {
            about.setText(scenario.about());
            knobs.show(scenario);
            fields.propose(scenario.name(), scenario.isNative());
        }
    }

    private Optional<Scenario> turnedScenario() {
        return Optional.ofNullable(list.getSelectionModel().getSelectedItem())
                .map(scenario -> knobs.value().in(scenario));
    }

    private void turned() {
        check();
        settle.playFromStart();
    }

    private void check() {
        String wrong = knobFault().orElse(fields.problemProperty().get());
        fault.setText(wrong);
        dialog.getDialogPane().lookupButton(RUN).setDisable(!wrong.isEmpty());
    }

    private Optional<String> knobFault() {
        try {
            knobs.repeats();
            turnedScenario();
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(SimulateText.KNOBS_INVALID.formatted(
                    String.valueOf(e.getMessage()).replace('_', ' ')));
        }
    }

    private void expect() {
        if (knobFault().isEmpty()) {
            turnedScenario()
                    .ifPresent(scenario -> jobs.start(
                            SimulateText.CALCULATING_WHAT_TO_EXPECT,
                            _ -> Expected.of(scenario),
                            this::show,
                            e -> problems.accept(String.valueOf(e.getMessage()))));
        }
    }

    private void show(Expected result) {
        expected.getChildren()
                .setAll(
                        figure(SimulateText.CLAIMED, result.rates().claimed(), " /s"),
                        figure(SimulateText.RENDERED, result.rates().rendered(), " /s"),
                        figure(SimulateText.PRESENTED, result.rates().presented(), " /s"),
                        figure(SimulateText.DELIVERED, result.rates().delivered(), " /s"),
                        figure(SimulateText.CLICK_TO_HALF_LIGHT, result.latencyMs(), SimulateText.MS));
    }

    private static VBox figure(String name, Figure figure, String unit) {
        Label value = new Label(Numbers.text(figure, 1) + (figure.isKnown() ? unit : ""));
        value.getStyleClass().add("figure");
        value.setId("expected-" + name.replace(' ', '-'));
        Label under = new Label(name);
        under.getStyleClass().addAll("muted", "small");
        VBox box = new VBox(value, under);
        box.setMinWidth(Region.USE_PREF_SIZE);
        return box;
    }

    /// Asks without blocking, and simulates if the user says so.
    public void ask() {
        dialog.resultProperty().subscribe(result -> {
            if (result == RUN) {
                turnedScenario().ifPresent(this::simulate);
            }
        });
        Dialogs.open(dialog);
    }

    private void simulate(Scenario scenario) {
        RunDraft draft = fields.draft();
        int repeats = knobs.repeats();
        edits.simulate(draft, scenario, repeats, e -> problems.accept(String.valueOf(e.getMessage())));
    }

    private static final class ScenarioCell extends ListCell<Scenario> {
        @Override
        protected void updateItem(@Nullable Scenario scenario, boolean empty) {
            super.updateItem(scenario, empty);
            setText(empty || scenario == null ? null : scenario.name());
            // Long names are cut with an ellipsis rather than scrolled to.
            setMinWidth(0);
            setPrefWidth(0);
        }
    }
}
