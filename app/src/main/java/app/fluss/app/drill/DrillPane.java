package app.fluss.app.drill;

import app.fluss.app.examine.RunCharts;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WhileShown;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.feel.drill.ChartPart;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Round;
import app.fluss.core.feel.drill.Size;
import app.fluss.core.measure.Section;
import app.fluss.files.study.DrillRound;
import app.fluss.files.study.FeelSession;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The drill: a simulated run with one known fault, or none; the analyst names it, then sees the truth.
public final class DrillPane extends VBox {
    private final Workbench workbench;
    private final Jobs jobs;
    private final Consumer<String> tell;
    private final RunCharts charts;
    private final TruthPanel truth = new TruthPanel();
    private final RecordPanel record = new RecordPanel();
    private final TextField person = new TextField();
    private final ChoiceBox<Size> size = Choice.of("drill-size", DrillText.SIZE_OF_FAULT, Size::title);
    private final ChoiceBox<Fault> fault = Choice.of("drill-fault", DrillText.WHAT_IS_WRONG, Fault::title);
    private final ChoiceBox<ChartPart> part = Choice.of("drill-part", DrillText.WHERE_IT_IS_SEEN, ChartPart::title);
    private final CheckBox train = new CheckBox(DrillText.TRAIN_WEAKEST);
    private final Button next;
    private final Button answer;
    private final Button forget;
    private final VBox side;
    private final VBox middle;
    private Random random = new Random(new SecureRandom().nextLong());
    private Optional<DrillRun> shown = Optional.empty();
    private Optional<Fault> worst = Optional.empty();

    /// @param tell is told, in words, what there is to say
    public DrillPane(Workbench workbench, Theme theme, Jobs jobs, Consumer<String> tell) {
        super(10);
        this.workbench = workbench;
        this.jobs = jobs;
        this.tell = tell;
        setId("drill");
        charts = new RunCharts(theme);
        VBox.setVgrow(charts, Priority.ALWAYS);
        person.setId("drill-person");
        person.setPromptText(DrillText.NAME_ONLY);
        person.setAccessibleText(DrillText.PERSON);
        size.getItems().setAll(Size.values());
        size.setValue(Size.LARGE);
        fault.getItems().setAll(Fault.values());
        part.getItems().setAll(ChartPart.values());
        train.setId("drill-train");
        next = Buttons.primary(DrillText.SHOW_RUN, DrillText.SHOW_RUN_TIP, this::next);
        next.setId("drill-next");
        answer = Buttons.primary(DrillText.ANSWER, DrillText.ANSWER_TIP, this::answer);
        answer.setId("drill-answer");
        WrappingRow question = new WrappingRow(
                8,
                Labels.beside(DrillText.WHAT_IS_WRONG_QUESTION, fault, ""),
                Labels.beside(DrillText.SEEN_IN, part, ""),
                answer);
        VBox asked = Boxes.panel(question, truth);
        middle = new VBox(10, asked, charts);
        VBox.setVgrow(middle, Priority.ALWAYS);
        forget = Buttons.quiet(
                DrillText.CLEAR_RECORD,
                DrillText.CLEAR_RECORD_TIP,
                () -> workbench.edits().people().forget(person.getText().strip()));
        side = new VBox(
                10,
                Boxes.panel(
                        Labels.heading(DrillText.ROUND),
                        Labels.beside(DrillText.PERSON, person, ""),
                        Labels.beside(DrillText.FAULT, size, ""),
                        train,
                        Boxes.row(next, Labels.of(DrillText.SIMULATED, "chip", "chip-warm"))),
                Boxes.panel(Boxes.row(Labels.heading(DrillText.RECORD), Boxes.spacer(), forget), record));
        ScrollPane left = Boxes.scrolling(side);
        Ems.pref(left, 330);
        Ems.min(left, 300);
        ScrollPane right = Boxes.scrolling(middle);
        right.setFitToHeight(true);
        HBox.setHgrow(right, Priority.ALWAYS);
        var both = new Columns(theme, 420, left, right);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().setAll(both);
        showRound();
        person.textProperty().subscribe(_ -> count());
        WhileShown.subscribe(
                this,
                () -> workbench.contentsProperty().subscribe(_ -> {
                    offerName();
                    count();
                }));
    }

    private void offerName() {
        List<DrillRound> rounds = workbench.contentsProperty().get().people().rounds();
        if (person.getText().isBlank() && !rounds.isEmpty()) {
            person.setText(rounds.getLast().person());
        }
    }

    private void count() {
        String name = person.getText().strip();
        worst = record.show(workbench.contentsProperty().get().people().rounds().stream()
                .filter(round -> round.person().equals(name))
                .map(DrillRound::round)
                .toList());
        train.setDisable(worst.isEmpty());
        forget.setVisible(workbench.contentsProperty().get().people().rounds().stream()
                .anyMatch(round -> round.person().equals(name)));
    }

    private void next() {
        String name = person.getText().strip();
        if (name.isEmpty() || name.length() > FeelSession.Taker.LONGEST) {
            tell.accept(DrillText.ENTER_NAME.formatted(FeelSession.Taker.LONGEST));
            person.requestFocus();
            return;
        }
        Size wanted = size.getValue();
        Optional<Fault> trained = train.isSelected() ? worst : Optional.empty();
        Random chance = random;
        jobs.start(
                DrillText.SIMULATING_RUN,
                _ -> DrillRun.draw(wanted, trained, chance),
                drawn -> {
                    shown = Optional.of(drawn);
                    fault.setValue(null);
                    part.setValue(null);
                    truth.clear();
                    charts.show(DrillText.DRILL, drawn.run().analysis(), drawn.levels(), Optional.empty());
                    showRound();
                    fault.requestFocus();
                },
                e -> tell.accept(String.valueOf(e.getMessage())));
    }

    private void answer() {
        DrillRun drawn = shown.orElseThrow();
        Fault named = fault.getValue();
        ChartPart pointedAt = part.getValue();
        if (named == null || (pointedAt == null && named != Fault.NONE)) {
            tell.accept(DrillText.CHOOSE_ANSWER);
            return;
        }
        Fault counted = drawn.drawn().accepts(named) ? drawn.drawn().fault() : named;
        Round round = new Round(
                drawn.drawn().fault(), counted, pointedAt == null ? ChartPart.RATES : pointedAt, drawn.size());
        truth.show(drawn, round);
        charts.show(
                DrillText.DRILL,
                drawn.run().analysis(),
                drawn.levels(),
                Optional.of(drawn.run())
                        .filter(_ -> drawn.drawn().fault() != Fault.NONE)
                        .map(run -> new Section("fault", Section.Weight.TYPICAL, run.fromMs(), run.toMs())));
        answer.setDisable(true);
        next.requestFocus();
        workbench
                .edits()
                .people()
                .keep(new DrillRound(
                        0, person.getText().strip(), drawn.drawn().name(), drawn.seed(), round, Instant.now()));
    }

    private void showRound() {
        middle.setVisible(shown.isPresent());
        answer.setDisable(shown.isEmpty());
    }

    /// Draws from a chance that is known.
    void use(Random chance) {
        random = chance;
    }

    /// The run that is shown.
    Optional<DrillRun> shown() {
        return shown;
    }
}
