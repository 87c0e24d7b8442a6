package app.fluss.app.capture;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.bench.FactKey;
import app.fluss.core.finding.Finding;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.StopRule;
import app.fluss.core.latency.edge.Signal;
import app.fluss.devices.sensor.SensorHealth;
import app.fluss.devices.sensor.SensorSession;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Latency of the run: a light sensor or a sound input that is listened to until enough trials are there, or a file
/// from elsewhere.
final class SensorPanel extends VBox {
    private static final double DRIFT = 0.005;

    private final ChoiceBox<SensorSource> sources = Choice.of("sensor-source", SensorText.SENSOR, SensorSource::title);
    private final SoundFields sound = new SoundFields();
    private final Button listen = Buttons.quiet(SensorText.LISTEN, SensorText.LISTEN_TIP, this::turn);
    private final TextField samples = new TextField("50");
    private final TextField width = new TextField();
    private final Label words = Labels.wrapped("", "small");
    private final HBox figures = new HBox(22);
    private final LiveTraceView trace;
    private final ReadOnlyObjectWrapper<@Nullable Attached> attached = new ReadOnlyObjectWrapper<>();
    private @Nullable LiveSensor live;

    /// Latency that goes with the run.
    sealed interface Attached {
        /// What a sensor sent.
        ///
        /// @param source what was heard: a trace or sound
        /// @param simulated whether it says that it is a stand-in
        record Sensed(Signal input, Signal light, Measurement.Source source, boolean simulated) implements Attached {}

        /// A file from elsewhere.
        record Measured(Path file) implements Attached {}
    }

    SensorPanel(Theme theme) {
        super(8);
        setId("sensor-panel");
        trace = new LiveTraceView(theme);
        trace.setMinHeight(60);
        VBox.setVgrow(trace, Priority.ALWAYS);
        words.setId("sensor-words");
        listen.setId("sensor-listen");
        samples.setId("sensor-samples");
        samples.setPrefColumnCount(3);
        width.setPrefColumnCount(3);
        width.setPromptText(SensorText.ANY);
        samples.textProperty().subscribe(() -> changeRule());
        width.textProperty().subscribe(() -> changeRule());
        sources.getSelectionModel().selectedItemProperty().subscribe(this::offer);
        offerStandIns(1);
        sceneProperty().subscribe(scene -> {
            if (scene != null) {
                findDevices();
            }
        });
        getChildren()
                .addAll(
                        Boxes.row(
                                Labels.of(SensorText.LIGHT_FROM, "muted"),
                                sources,
                                listen,
                                Labels.of(SensorText.UNTIL, "muted"),
                                samples,
                                Labels.of(SensorText.STOP_RULE, "muted"),
                                width,
                                Labels.of(SensorText.MS, "muted"),
                                Boxes.spacer(),
                                Buttons.quiet(SensorText.FROM_FILE, SensorText.FROM_FILE_TIP, this::choose)),
                        sound,
                        words,
                        figures,
                        trace);
        wait(SensorText.SENSOR_HINT);
    }

    /// Offers the stand-ins.
    ///
    /// @param speed how much faster than real they send
    void offerStandIns(double speed) {
        sources.getItems().setAll(SensorSource.standIns(speed));
        sources.getSelectionModel().selectFirst();
    }

    /// Looks for devices each time the panel is shown, and not before: asking the system takes a while.
    private void findDevices() {
        Thread.ofVirtual().name("fluss-sensors").start(() -> {
            List<SensorSource> devices = SensorSource.devices();
            Platform.runLater(() -> offer(devices));
        });
    }

    /// Offers what was found before the stand-ins; a sensor that was just plugged in is meant, unless something else
    /// was chosen.
    private void offer(List<SensorSource> devices) {
        if (live != null) {
            return;
        }
        List<String> known =
                sources.getItems().stream().map(SensorSource::title).toList();
        List<SensorSource> found = devices.stream()
                .filter(device -> !known.contains(device.title()))
                .toList();
        boolean chosen = sources.getSelectionModel().getSelectedIndex() > 0;
        sources.getItems().addAll(0, found);
        if (!chosen) {
            found.stream()
                    .filter(SensorSource.Lines.class::isInstance)
                    .findFirst()
                    .ifPresent(sources::setValue);
        }
    }

    /// Latency that goes with the run, if there is any.
    ReadOnlyObjectProperty<@Nullable Attached> attachedProperty() {
        return attached.getReadOnlyProperty();
    }

    private void offer(@Nullable SensorSource source) {
        boolean isSound = source instanceof SensorSource.Sound;
        sound.setVisible(isSound);
        sound.setManaged(isSound);
        if (source instanceof SensorSource.Sound input) {
            sound.offer(input);
        }
    }

    private void wait(String why) {
        words.setText(why);
        figures.getChildren().clear();
        trace.show(Optional.empty());
    }

    private StopRule rule() {
        double n = FactKey.number(samples.getText());
        double ms = FactKey.number(width.getText().replace(',', '.'));
        return new StopRule(n >= 1 ? (int) Math.min(n, 1e6) : 0, ms > 0 ? ms : 0);
    }

    private void changeRule() {
        LiveSensor running = live;
        if (running != null) {
            running.use(rule());
        }
    }

    private void turn() {
        if (live == null) {
            listenTo(sources.getValue());
        } else {
            stop();
        }
    }

    private void listenTo(@Nullable SensorSource source) {
        if (source == null) {
            return;
        }
        attached.set(null);
        wait(SensorText.WAITING_FOR_SENSOR);
        listen.setText(SensorText.STOP);
        live = switch (source) {
            case SensorSource.Lines lines ->
                new LiveSensor(lines.listen(), Measurement.Source.TRACE, rule(), this::show, words::setText);
            case SensorSource.Sound input ->
                new LiveSensor(
                        input.listen(sound.rateHz(), sound.isClickOnRight()),
                        Measurement.Source.SOUND,
                        rule(),
                        this::show,
                        words::setText);
        };
        sources.setDisable(true);
        sound.setOpen(false);
    }

    private void stop() {
        LiveSensor running = live;
        if (running != null) {
            running.close();
            live = null;
            listen.setText(SensorText.LISTEN);
            sources.setDisable(false);
            sound.setOpen(true);
            sound.quiet();
        }
    }

    private void show(LiveSensor.Seen seen) {
        LiveSensor running = live;
        if (running == null) {
            return;
        }
        trace.show(seen.newest());
        seen.levels().ifPresent(sound::show);
        LatencyFigures so = seen.figures();
        figures.getChildren()
                .setAll(
                        figure(SensorText.GOOD_TRIALS, Integer.toString(so.n())),
                        figure(SensorText.MISSED, Integer.toString(so.missed())),
                        figure(SensorText.TO_LOOK_AT, Long.toString(seen.open())),
                        figure(SensorText.MEDIAN_MS, Numbers.text(so.median(), 1)),
                        figure(
                                SensorText.INTERVAL_MS,
                                so.medianInterval()
                                        .map(i -> Numbers.range(i.low(), i.high(), 1))
                                        .orElse(Numbers.MISSING)));
        running.trace()
                .filter(_ -> so.n() > 0)
                .ifPresent(all -> attached.set(new Attached.Sensed(
                        all.input(),
                        all.light(),
                        running.source(),
                        seen.state().health().simulated())));
        String said = Stream.concat(
                        Stream.of(words(seen.state())), seen.sound().stream().map(Finding::text))
                .collect(Collectors.joining(" "));
        words.setText(seen.done() ? SensorText.ENOUGH_SAMPLES.formatted(said) : said);
        if (seen.done()) {
            stop();
        }
    }

    private static VBox figure(String name, String value) {
        return new VBox(Labels.of(value, "figure"), Labels.of(name, "muted", "small"));
    }

    /// How well the sensor is heard.
    private static String words(SensorSession.State state) {
        SensorHealth health = state.health();
        List<String> said = new ArrayList<>();
        if (!state.connected()) {
            said.add(state.trouble());
        } else if (Double.isNaN(health.statedHz())) {
            said.add(SensorText.NO_GREETING);
        } else {
            said.add("%s samples/s%s."
                    .formatted(
                            Numbers.text(Double.isNaN(health.foundHz()) ? health.statedHz() : health.foundHz(), 0),
                            health.simulated() ? SensorText.SIMULATED : ""));
        }
        if (health.garbage() > 0) {
            said.add(SensorText.GARBLED_LINES_WERE_SKIPPED.formatted(health.garbage()));
        }
        if (health.filled() > 0) {
            said.add(SensorText.SAMPLES_WERE_MISSING.formatted(health.filled()));
        }
        if (health.breaks() > 0) {
            said.add(SensorText.DISCONNECTED.formatted(health.breaks()));
        }
        if (Math.abs(state.driftShare()) > DRIFT) {
            said.add(SensorText.CLOCK_DIFFERS.formatted(
                    Numbers.text(Math.abs(state.driftShare()) * 100, 1),
                    state.driftShare() > 0 ? SensorText.FASTER : SensorText.SLOWER));
        }
        if (health.full()) {
            said.add(SensorText.MEMORY_FULL);
        }
        return String.join(" ", said);
    }

    private void choose() {
        FileChoice.chosen(FileChoice.files(
                                SensorText.MEASURED_LATENCY,
                                FileChoice.kind(SensorText.LISTS_TRACES_SOUND, "csv", "wav"))
                        .showOpenDialog(getScene().getWindow()))
                .ifPresent(file -> {
                    stop();
                    wait(SensorText.GOES_WITH_RUN.formatted(file.getFileName()));
                    attached.set(new Attached.Measured(file));
                });
    }

    /// The next run begins without latency.
    void forget() {
        stop();
        if (attached.get() != null) {
            attached.set(null);
            wait("");
        }
    }

    void close() {
        stop();
    }
}
