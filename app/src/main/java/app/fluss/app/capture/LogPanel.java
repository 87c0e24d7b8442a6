package app.fluss.app.capture;

import app.fluss.app.examine.BandView;
import app.fluss.app.model.TimeWindow;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Durations;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.finding.Findings;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.study.SheetRow;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.prefs.Preferences;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// A folder that is watched: the log that grows there is shown while the game runs, and attached when it stops.
final class LogPanel extends VBox {
    private static final String FOLDER = "watched-folder";

    private final MappingMemory memory;
    private final Preferences preferences;
    private final LongSupplier sceneMs;
    private double aheadMs = Double.NaN;
    private final Label folderName = Labels.of(CaptureText.NO_FOLDER_IS_WATCHED, "muted");
    private final Label words = Labels.wrapped("", "small");
    private final HBox choices = Boxes.row();
    private final HBox rates = new HBox(22);
    private final ObjectProperty<TimeWindow> window = new SimpleObjectProperty<>(new TimeWindow(0, 1));
    private final BandView band;
    private final ReadOnlyObjectWrapper<@Nullable Attached> attached = new ReadOnlyObjectWrapper<>();
    private @Nullable LiveLog live;
    private AnalysisSettings settings = AnalysisSettings.NONE;
    private @Nullable SheetRow row;

    /// A log that has stopped growing.
    ///
    /// @param file as it came
    /// @param log what was read from it
    record Attached(Path file, ImportedLog log) {}

    /// @param sceneMs time since the scene began, ms; 0 before it has
    LogPanel(Theme theme, MappingMemory memory, Preferences preferences, LongSupplier sceneMs) {
        super(8);
        this.memory = memory;
        this.preferences = preferences;
        this.sceneMs = sceneMs;
        setId("log-panel");
        band = new BandView(theme, window, (_, _) -> {});
        band.setId("live-band");
        band.setMinHeight(96);
        VBox.setVgrow(band, Priority.ALWAYS);
        words.setId("log-words");
        choices.setVisible(false);
        choices.setManaged(false);
        getChildren()
                .addAll(
                        Boxes.row(
                                Buttons.quiet(CaptureText.WATCH_FOLDER, CaptureText.WATCH_FOLDER_TIP, this::choose),
                                folderName),
                        words,
                        choices,
                        rates,
                        band);
        String before = preferences.get(FOLDER, "");
        if (!before.isEmpty() && Files.isDirectory(Path.of(before))) {
            watch(Path.of(before));
        } else {
            words.setText(CaptureText.NO_FOLDER_HINT);
        }
    }

    private void choose() {
        FileChoice.chosen(FileChoice.folders(CaptureText.FOLDER_TO_WATCH)
                        .showDialog(getScene().getWindow()))
                .ifPresent(this::watch);
    }

    /// Watches a folder from now on.
    void watch(Path folder) {
        close();
        preferences.put(FOLDER, folder.toAbsolutePath().toString());
        folderName.setText(folder.toString());
        attached.set(null);
        LiveLog now = new LiveLog(folder, memory, this::show);
        now.use(settings);
        live = now;
        show(new LiveLog.State.Waiting(""));
    }

    /// Begins anew for another run: what was attached is let go.
    void forget() {
        aheadMs = Double.NaN;
        String folder = preferences.get(FOLDER, "");
        if (live != null && !folder.isEmpty()) {
            watch(Path.of(folder));
        }
    }

    /// What rates are worked out with.
    ///
    /// @param now of the run
    /// @param line that it is measured for
    void use(AnalysisSettings now, SheetRow line) {
        settings = now;
        row = line;
        LiveLog running = live;
        if (running != null) {
            running.use(now);
        }
    }

    /// How far the log's clock is ahead of the scene's, ms; NaN if it was not seen to grow while the scene ran.
    double aheadMs() {
        return aheadMs;
    }

    /// The log that is attached, if one is.
    ReadOnlyObjectProperty<@Nullable Attached> attachedProperty() {
        return attached.getReadOnlyProperty();
    }

    void close() {
        LiveLog running = live;
        if (running != null) {
            running.close();
        }
    }

    private void show(LiveLog.State state) {
        choices.setVisible(state instanceof LiveLog.State.Several);
        choices.setManaged(choices.isVisible());
        switch (state) {
            case LiveLog.State.Waiting(String why) -> {
                words.setText(why.isEmpty() ? CaptureText.WAITING_FOR_LOG : why);
                if (why.isEmpty()) {
                    attached.set(null);
                    rates.getChildren().clear();
                    band.show(null);
                }
            }
            case LiveLog.State.Several(List<Path> files) -> offer(files);
            case LiveLog.State.Growing growing -> {
                long scene = sceneMs.getAsLong();
                if (scene > 0) {
                    // A log is written late and looked at later, never early: the largest lead is the nearest.
                    double ahead = growing.band().elapsedMs() - scene;
                    aheadMs = Double.isNaN(aheadMs) ? ahead : Math.max(aheadMs, ahead);
                }
                attached.set(null);
                words.setText(CaptureText.IS_GROWING_IMAGES.formatted(
                        growing.file().getFileName(), growing.images(), growing.words()));
                rates.getChildren()
                        .setAll(
                                figure(CaptureText.RENDERED, growing.recent().rendered()),
                                figure(CaptureText.PRESENTED, growing.recent().presented()),
                                figure(CaptureText.DELIVERED, growing.recent().delivered()),
                                Labels.of(CaptureText.LAST_TEN_SECONDS, "muted", "small"));
                window.set(new TimeWindow(0, Math.max(1, growing.band().elapsedMs())));
                band.show(new BandView.Shown(growing.band(), growing.stutters(), List.of(), List.of(), ""));
            }
            case LiveLog.State.Settled(Path file, ImportedLog log, double elapsedMs) -> {
                words.setText(CaptureText.IS_ATTACHED_IMAGES.formatted(
                        file.getFileName(),
                        log.log().size(),
                        brokenOff(elapsedMs),
                        Findings.of(log.notes()).stream()
                                .map(finding -> finding.seen())
                                .reduce("", (a, b) -> a + " " + b)));
                attached.set(new Attached(file, log));
            }
        }
    }

    /// A crash in the middle leaves a log that looks like any other.
    private String brokenOff(double elapsedMs) {
        SheetRow line = row;
        return line == null || !line.isBrokenOff(elapsedMs)
                ? ""
                : CaptureText.LOG_TOO_SHORT.formatted(
                        Durations.exact(Math.round(elapsedMs / 1000)), Durations.exact(line.lastsS()));
    }

    private void offer(List<Path> files) {
        words.setText(CaptureText.WHICH_LOG);
        choices.getChildren().clear();
        for (Path file : files) {
            choices.getChildren()
                    .add(Buttons.quiet(
                            String.valueOf(file.getFileName()),
                            CaptureText.FOLLOW_THIS_ONE_TIP,
                            () -> Optional.ofNullable(live).ifPresent(running -> running.choose(file))));
        }
    }

    private VBox figure(String name, Figure figure) {
        return new VBox(
                Labels.of(Numbers.text(figure, 1) + (figure.isKnown() ? " /s" : ""), "figure"),
                Labels.of(name, "muted", "small"));
    }
}
