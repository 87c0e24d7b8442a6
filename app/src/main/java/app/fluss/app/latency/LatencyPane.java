package app.fluss.app.latency;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.ChartView;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.CopiedTable;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Shareable;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Excerpt;
import app.fluss.core.latency.edge.PressKind;
import app.fluss.core.latency.edge.Trial;
import app.fluss.files.chart.StageStack;
import app.fluss.files.known.AnalysedLatency;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.StoredLatency.HandMark;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The latency of a run: stage by stage with what was measured, the samples over the run, each on its
/// trace.
public final class LatencyPane extends VBox {
    private final Workbench workbench;
    private final ChartView<StageStack> stack;
    private final SamplesView samples;
    private final TraceView trace;
    private final LatencyFigureGrid figures = new LatencyFigureGrid();
    private final VBox figurePanel;
    private final HBox lower;
    private final VBox unmeasured;
    private final Label source = Labels.of("", "muted");
    private final Label trialName = Labels.heading(LatencyText.TRACE);
    private final Label headHand = Labels.wrapped("", "muted");
    private final Label reason = Labels.of("", "muted");
    private final ToggleButton setMark = new ToggleButton(LatencyText.SET_MARK);
    private final Button putBack;
    private final ChoiceBox<PressKind> press = Choice.of("latency-press", LatencyText.PRESS, PressKind::title);
    private final ChoiceBox<Double> threshold =
            Choice.of("latency-threshold", LatencyText.LIGHT_AT, share -> Numbers.text(share * 100, 0) + " %");
    private final Button swap = Buttons.quiet(LatencyText.SWAP, LatencyText.SWAP_TIP, this::swapChannels);
    private final Button accept;
    private final Button reject;
    private @Nullable AnalysedRun run;
    private Optional<JudgedTrial> chosen = Optional.empty();
    private int traces; // asked for so far: only the last one is shown
    private String evidence = "";
    private boolean filling;

    /// @param addLatency lets the user choose a file of measurements for the run
    public LatencyPane(Workbench workbench, Theme theme, Runnable addLatency) {
        super(10);
        this.workbench = workbench;
        setId("latency");
        stack = new ChartView<>(theme, LatencyText.STAGE_STACK);
        stack.setId("stage-stack");
        samples = new SamplesView(theme, this::choose);
        trace = new TraceView(theme, this::mark);
        accept = Buttons.quiet(LatencyText.ACCEPT, LatencyText.ACCEPT_TIP, () -> judge(true));
        reject = Buttons.quiet(LatencyText.REJECT, LatencyText.REJECT_TIP, () -> judge(false));
        putBack = Buttons.quiet(LatencyText.PUT_BACK, LatencyText.PUT_BACK_TIP, () -> mark(Optional.empty()));
        Tips.on(press, LatencyText.PRESS_TIP);
        press.setPrefWidth(122);
        press.valueProperty().subscribe(this::takePress);
        setMark.getStyleClass().add("quiet");
        Tips.on(setMark, LatencyText.SET_MARK_TIP);
        setMark.selectedProperty().subscribe(trace::setPicking);
        setMark.setId("set-mark");
        putBack.setId("put-back");
        reason.setWrapText(true);
        reason.setId("trial-reason");
        accept.setId("accept-trial");
        reject.setId("reject-trial");
        threshold.getItems().setAll(0.1, 0.4, 0.5, 0.6, 0.9);
        threshold.setPrefWidth(76);
        Tips.on(threshold, LatencyText.LIGHT_AT_TIP);
        threshold.valueProperty().subscribe(this::lookAgain);
        HBox stackHead =
                Boxes.row(Labels.heading(LatencyText.FROM_INPUT_TO_LIGHT), Labels.of(LatencyText.STACK_UNIT, "muted"));
        VBox stackPanel = Boxes.panel(stackHead, headHand, stack, below(theme, LatencyText.FROM_INPUT_TO_LIGHT, stack));
        VBox.setVgrow(stack, Priority.ALWAYS);
        HBox.setHgrow(stackPanel, Priority.ALWAYS);
        stackPanel.setMinWidth(0);
        swap.setId("swap-trace");
        figurePanel = Boxes.panel(
                Boxes.row(
                        Labels.heading(LatencyText.MEASURED),
                        Boxes.spacer(),
                        swap,
                        Buttons.quiet(LatencyText.REMOVE, LatencyText.REMOVE_TIP, this::remove)),
                Boxes.row(source, Boxes.spacer(), press),
                figures);
        figurePanel.setMinWidth(USE_PREF_SIZE);
        HBox upper = new HBox(10, stackPanel, figurePanel);
        VBox.setVgrow(upper, Priority.ALWAYS);
        upper.setPrefHeight(320);
        HBox samplesHead = Boxes.row(
                Labels.heading(LatencyText.SAMPLES_HEADING),
                Labels.of(LatencyText.SAMPLES_LEGEND, "muted"),
                Boxes.spacer(),
                Labels.of(LatencyText.LIGHT_AT_LABEL, "muted"),
                threshold);
        VBox samplesPanel = Boxes.panel(samplesHead, samples, below(theme, LatencyText.SAMPLES_HEADING, samples));
        VBox.setVgrow(samples, Priority.ALWAYS);
        HBox traceHead = Boxes.row(
                trialName,
                Boxes.spacer(),
                Buttons.quiet("◂", LatencyText.TRIAL_BEFORE_TIP, () -> samples.step(-1)),
                Buttons.quiet("▸", LatencyText.NEXT_TRIAL_TIP, () -> samples.step(1)),
                accept,
                reject);
        HBox.setHgrow(reason, Priority.ALWAYS);
        reason.setMaxWidth(Double.MAX_VALUE);
        setMark.setMinWidth(USE_PREF_SIZE);
        putBack.setMinWidth(USE_PREF_SIZE);
        VBox tracePanel = Boxes.panel(
                traceHead, Boxes.row(reason, putBack, setMark), trace, below(theme, LatencyText.TRACE_OF_TRIAL, trace));
        VBox.setVgrow(trace, Priority.ALWAYS);
        for (VBox panel : new VBox[] {samplesPanel, tracePanel}) {
            HBox.setHgrow(panel, Priority.ALWAYS);
            panel.setPrefWidth(100);
            panel.setMinWidth(0);
        }
        lower = new HBox(10, samplesPanel, tracePanel);
        lower.setMinHeight(190);
        lower.setPrefHeight(240);
        VBox.setVgrow(lower, Priority.ALWAYS);
        unmeasured = Boxes.panel(
                Labels.heading(LatencyText.NOT_MEASURED),
                Labels.note(LatencyText.NOT_MEASURED_HINT),
                Buttons.primary(LatencyText.ADD_MEASURED_LATENCY, LatencyText.ADD_MEASURED_LATENCY_TIP, addLatency));
        getChildren().setAll(upper, lower);
        setFocusTraversable(true);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private void key(KeyEvent event) {
        if (event.isShortcutDown() || event.isAltDown() || run == null) {
            return;
        }
        switch (event.getCode()) {
            case LEFT -> samples.step(-1);
            case RIGHT -> samples.step(1);
            case A -> judge(true);
            case X -> judge(false);
            case M -> setMark.setSelected(!setMark.isSelected());
            default -> {
                return;
            }
        }
        event.consume();
    }

    /// Shows a run.
    public void show(@Nullable AnalysedRun shown) {
        run = shown;
        AnalysedLatency latency = shown == null ? null : shown.latency();
        stack.show(latency == null ? null : new StageStack(latency));
        Optional<AnalysedLatency.Measured> measured =
                Optional.ofNullable(latency).flatMap(AnalysedLatency::measured);
        figurePanel.setVisible(measured.isPresent());
        figurePanel.setManaged(measured.isPresent());
        getChildren().set(1, measured.isPresent() ? lower : unmeasured);
        headHand.setText(latency == null ? "" : answers(latency));
        headHand.setVisible(!headHand.getText().isEmpty());
        headHand.setManaged(headHand.isVisible());
        if (measured.isEmpty()) {
            chosen = Optional.empty();
            return;
        }
        StoredLatency stored = measured.get().stored();
        Measurement of = stored.measurement();
        source.setText(of.source().title()
                + (Double.isNaN(of.rateHz()) ? "" : ", %s /s".formatted(Numbers.text(of.rateHz(), 0)))
                + (of.input().pressed().isPresent() ? LatencyText.THEN_PRESS : ""));
        figures.show(measured.get());
        swap.setVisible(of.source() != Measurement.Source.SAMPLES);
        filling = true;
        press.setVisible(of.input().pressed().isPresent());
        press.setManaged(of.input().pressed().isPresent());
        press.getItems()
                .setAll(of.input().pressed().map(PressKind::alternatives).orElse(List.of()));
        press.setValue(of.input().pressed().orElse(null));
        threshold.setDisable(of.source() == Measurement.Source.SAMPLES);
        threshold.setValue(
                of.source() == Measurement.Source.SAMPLES ? null : of.settings().threshold());
        filling = false;
        boolean isNew = !stored.sha256().equals(evidence) || chosen.isEmpty();
        evidence = stored.sha256();
        int number = isNew ? firstOpen(stored) : chosen.orElseThrow().number();
        choose(stored.trials().get(Math.clamp(number, 1, stored.trials().size()) - 1));
    }

    /// Where a path has more than one answer: part, half or all of a change, hands or head.
    private static String answers(AnalysedLatency latency) {
        if (latency.headMs().isKnown()) {
            return LatencyText.HANDS_AND_HEAD.formatted(Numbers.text(latency.headMs(), 1));
        }
        return latency.shares().isEmpty()
                ? ""
                : LatencyText.PREVIEW_SHARES.formatted(
                        latency.shares().stream().map(ms -> Numbers.text(ms, 1)).toArray());
    }

    private static int firstOpen(StoredLatency stored) {
        return stored.trials().stream()
                .filter(JudgedTrial::isOpen)
                .findFirst()
                .map(JudgedTrial::number)
                .orElse(1);
    }

    private Optional<AnalysedLatency.Measured> measured() {
        return Optional.ofNullable(run).flatMap(shown -> shown.latency().measured());
    }

    private void choose(JudgedTrial trial) {
        chosen = Optional.of(trial);
        measured().ifPresent(seen -> {
            StoredLatency stored = seen.stored();
            samples.show(stored, seen.figures(), chosen);
            trialName.setText(LatencyText.TRIAL.formatted(trial.number(), state(trial)));
            boolean timed = !Double.isNaN(trial.latencyMs());
            accept.setDisable(!timed || trial.accepted().orElse(false));
            reject.setDisable(trial.isMissed() || trial.isRejected());
            putBack.setVisible(trial.mark().isPresent());
            putBack.setManaged(trial.mark().isPresent());
            setMark.setSelected(false);
            setMark.setDisable(stored.measurement().source() == Measurement.Source.SAMPLES);
            reason.setText(reason(trial));
            int asked = ++traces;
            workbench.excerpt(stored, trial, light -> {
                if (asked == traces) {
                    showTrace(trial, light, stored.measurement());
                }
            });
        });
    }

    private void showTrace(JudgedTrial trial, Optional<Excerpt> light, Measurement of) {
        String none =
                of.source() == Measurement.Source.SAMPLES ? LatencyText.LIST_HAS_NO_TRACE : LatencyText.NO_TRACE_KEPT;
        List<Double> presses = of.trials().stream().map(Trial::inputMs).toList();
        trace.show(light, trial, presses, of.settings().threshold(), none);
    }

    /// Why somebody should look at a trial, or what its time is; empty where there is nothing to say.
    private static String reason(JudgedTrial trial) {
        String text = trial.trial().doubt().text();
        return text.isEmpty() ? "" : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1) + ".";
    }

    private static String state(JudgedTrial trial) {
        if (trial.isRejected()) {
            return LatencyText.REJECTED;
        }
        if (trial.mark().isPresent()) {
            return LatencyText.SET_BY_HAND;
        }
        return switch (trial.trial().state()) {
            case ACCEPTED -> LatencyText.CLEAN;
            case AMBIGUOUS -> trial.accepted().isPresent() ? LatencyText.ACCEPTED : LatencyText.AMBIGUOUS;
            case MISSED -> LatencyText.MISSED;
        };
    }

    private void judge(boolean accepted) {
        // A trial without a time can be taken out, but there is nothing in it that could count.
        chosen.filter(trial -> !trial.isMissed() && !(accepted && Double.isNaN(trial.latencyMs())))
                .ifPresent(trial -> workbench.edits().evidence().judge(trial, accepted));
    }

    private void mark(HandMark hand) {
        mark(Optional.of(hand));
    }

    private void mark(Optional<HandMark> hand) {
        chosen.ifPresent(trial -> workbench.edits().evidence().mark(trial, hand));
    }

    /// Takes a part of the input for the press.
    private void takePress(@Nullable PressKind kind) {
        AnalysedRun shown = run;
        if (filling || kind == null || shown == null) {
            return;
        }
        measured().ifPresent(seen -> {
            EdgeSettings now = seen.stored().measurement().settings();
            workbench
                    .edits()
                    .evidence()
                    .lookAgain(
                            shown.run(),
                            now.withPress(Optional.of(kind)),
                            seen.stored().swapped());
        });
    }

    private void lookAgain(@Nullable Double share) {
        AnalysedRun shown = run;
        if (filling || share == null || shown == null) {
            return;
        }
        measured().ifPresent(seen -> {
            EdgeSettings now = seen.stored().measurement().settings();
            if (now.threshold() != share) {
                EdgeSettings other = now.withThreshold(share);
                workbench
                        .edits()
                        .evidence()
                        .lookAgain(shown.run(), other, seen.stored().swapped());
            }
        });
    }

    private void remove() {
        AnalysedRun shown = run;
        if (shown != null) {
            workbench.edits().evidence().remove(shown.run(), EvidenceKinds.LATENCY);
        }
    }

    /// Takes the channels in each other's place.
    private void swapChannels() {
        AnalysedRun shown = run;
        if (shown != null) {
            measured()
                    .ifPresent(seen -> workbench
                            .edits()
                            .evidence()
                            .lookAgain(
                                    shown.run(),
                                    seen.stored().measurement().settings(),
                                    !seen.stored().swapped()));
        }
    }

    /// *Copy* and *Save as…* below a chart, where its head has no room, as close as it goes.
    private static ShareBar below(Theme theme, String name, Shareable chart) {
        ShareBar bar = new ShareBar(theme, name, chart);
        VBox.setMargin(bar, new Insets(-9, 0, -9, 0));
        return bar;
    }

    /// Copies the figures as tab-separated text.
    public void copyFigures() {
        measured().ifPresent(seen -> {
            CopiedTable.put(LatencyFigureGrid.asText(seen));
        });
    }
}
