package app.fluss.app.capture;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.core.reading.Impression;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.study.Attempt;
import app.fluss.files.study.SheetRow;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.prefs.Preferences;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.util.Subscription;

/// What the run rests on: a log, readings, a tool's summary, an impression; any of them, and several
/// together.
final class EvidencePanel extends VBox {
    private final Theme theme;
    private final Map<Kind, ToggleButton> buttons = new EnumMap<>(Kind.class);
    private final Map<Kind, Region> panes = new EnumMap<>(Kind.class);
    private final StackPane middle = new StackPane();
    private final Label grade = Labels.of("", "chip");
    private final Label gives = Labels.wrapped("", "muted", "small");
    private final LogPanel log;
    private final SensorPanel sensor;
    private final PadView pad;
    private final VBox padHome;
    private final SummaryFields summary;
    private final ImpressionFields impression;
    private Optional<Attempt> shown = Optional.empty();

    private enum Kind {
        LOG("Log"),
        LATENCY("Latency"),
        READINGS("Readings"),
        SUMMARY("Summary"),
        IMPRESSION("Impression");

        private final String title;

        Kind(String title) {
            this.title = title;
        }
    }

    /// Keeps something with the attempt.
    interface Keeper {
        void keep(CaptureScreen.OnLine work);
    }

    EvidencePanel(Theme theme, MappingMemory memory, Preferences preferences, PadView.Keeper padKeeper, Keeper keeper) {
        super(8);
        this.theme = theme;
        setId("evidence");
        getStyleClass().add("panel");
        log = new LogPanel(theme, memory, preferences, padKeeper::nowMs);
        sensor = new SensorPanel(theme);
        pad = new PadView(padKeeper);
        summary = new SummaryFields(typed -> keeper.keep((line, keep) -> keep.summarise(line, typed)));
        impression = new ImpressionFields(felt -> keeper.keep((line, keep) -> keep.feel(line, felt)));
        padHome = new VBox(6, pad);
        VBox.setVgrow(pad, Priority.ALWAYS);
        panes.put(Kind.LOG, log);
        panes.put(Kind.LATENCY, sensor);
        panes.put(Kind.READINGS, padHome);
        panes.put(Kind.SUMMARY, summary);
        panes.put(Kind.IMPRESSION, impression);
        WrappingRow head = new WrappingRow(8, Labels.heading(CaptureText.EVIDENCE));
        ToggleGroup group = new ToggleGroup();
        for (Kind kind : Kind.values()) {
            ToggleButton button = new ToggleButton(kind.title);
            button.getStyleClass().add("quiet");
            button.setMinWidth(USE_PREF_SIZE);
            button.setId("evidence-" + kind.title.toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.selectedProperty().subscribe(selected -> {
                if (selected) {
                    middle.getChildren().setAll(Objects.requireNonNull(panes.get(kind)));
                }
            });
            // Readings are typed at once.
            button.setOnAction(_ -> Platform.runLater(() -> {
                if (kind == Kind.READINGS && button.isSelected()) {
                    pad.requestFocus();
                }
            }));
            buttons.put(kind, button);
            head.getChildren().add(button);
        }
        group.selectedToggleProperty().subscribe((before, now) -> {
            if (now == null && before != null) {
                group.selectToggle(before);
            }
        });
        head.getChildren()
                .addAll(
                        Boxes.spacer(),
                        grade,
                        Buttons.quiet(CaptureText.PAD_IN_WINDOW, CaptureText.PAD_IN_WINDOW_TIP, this::popOut));
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(head, middle, gives);
        Objects.requireNonNull(buttons.get(Kind.LOG)).setSelected(true);
        log.attachedProperty().subscribe(this::showGrade);
        sensor.attachedProperty().subscribe(latency -> {
            showGrade();
            if (latency != null && shown.isEmpty()) {
                keeper.keep((line, keep) -> keep.begin(line)); // the attempt begins with it
            }
        });
        show(Optional.empty());
    }

    private void popOut() {
        if (!padHome.getChildren().contains(pad)) {
            return;
        }
        Stage stage = new Stage();
        padHome.getChildren().setAll(Labels.note(CaptureText.PAD_ELSEWHERE));
        VBox root = new VBox(pad);
        VBox.setVgrow(pad, Priority.ALWAYS);
        root.getStyleClass().add("pad-window");
        Scene scene = new Scene(root, 720, 420);
        Subscription dressed = theme.dress(scene);
        stage.setScene(scene);
        stage.setTitle(CaptureText.READINGS_PAD_FLUSS);
        stage.initOwner(getScene().getWindow());
        stage.setOnHidden(_ -> {
            padHome.getChildren().setAll(pad);
            dressed.unsubscribe();
        });
        stage.show();
        pad.requestFocus();
    }

    /// How far the clock of the log is ahead of the scene's, ms; NaN if that was not seen.
    double logAheadMs() {
        return log.aheadMs();
    }

    /// Puts the focus on the evidence that is gathered: the pad if it is shown, else the button of what is.
    void focusShown() {
        for (ToggleButton button : buttons.values()) {
            if (button.isSelected()) {
                button.requestFocus();
            }
        }
        if (Objects.requireNonNull(buttons.get(Kind.READINGS)).isSelected()) {
            pad.requestFocus();
        }
    }

    void focusPad() {
        Objects.requireNonNull(buttons.get(Kind.READINGS)).setSelected(true);
        pad.requestFocus();
    }

    void show(Optional<Attempt> attempt) {
        shown = attempt;
        pad.show(
                attempt.map(Attempt::id).orElse(0L),
                attempt.map(Attempt::entries).orElse(List.of()));
        summary.show(attempt.map(Attempt::summary).orElse(Attempt.TypedSummary.NONE));
        impression.show(attempt.map(Attempt::impression).orElse(Impression.NONE));
        showGrade();
    }

    private void showGrade() {
        boolean log = attached().isPresent();
        boolean latency = latency().isPresent();
        Grade now =
                shown.map(attempt -> attempt.grade(log, latency)).orElse(!log ? Grade.E : latency ? Grade.A : Grade.B);
        boolean any = shown.map(attempt -> attempt.hasEvidence(log, latency)).orElse(log || latency);
        boolean latencyAlone = latency && now == Grade.E;
        grade.setText(
                !any
                        ? CaptureText.NOTHING_YET
                        : latencyAlone
                                ? CaptureText.MEASURED_LATENCY_ALONE
                                : CaptureText.GRADE_RESTS_ON.formatted(now, now.rests()));
        gives.setText(CaptureText.GIVES.formatted(
                latency ? CaptureText.LATENCY : "",
                names(now, true),
                names(now, false).isEmpty() ? "." : CaptureText.NOT.formatted(names(now, false))));
        gives.setVisible(any);
        gives.setManaged(any);
    }

    private static String names(Grade grade, boolean had) {
        String names = Measure.COMPARED.stream()
                .filter(measure -> measure.canBeHadAt(grade) == had)
                .map(Measure::title)
                .collect(Collectors.joining(", "));
        return had && names.isEmpty() ? CaptureText.NO_FIGURE : names;
    }

    Optional<LogPanel.Attached> attached() {
        return Optional.ofNullable(log.attachedProperty().get());
    }

    /// Latency that goes with the run.
    Optional<SensorPanel.Attached> latency() {
        return Optional.ofNullable(sensor.attachedProperty().get());
    }

    /// Offers stand-ins for sensors that send so much faster than real.
    void offerStandIns(double speed) {
        sensor.offerStandIns(speed);
    }

    void forget() {
        sensor.forget();
        log.forget();
    }

    void use(AnalysisSettings settings, SheetRow line) {
        log.use(settings, line);
    }

    void watch(Path folder) {
        log.watch(folder);
    }

    void close() {
        sensor.close();
        log.close();
    }
}
