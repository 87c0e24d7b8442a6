package app.fluss.app;

import app.fluss.app.bench.BenchScreen;
import app.fluss.app.examine.ExamineScreen;
import app.fluss.app.model.CaptureEdits;
import app.fluss.app.model.Contents;
import app.fluss.app.theme.Appearance;
import app.fluss.app.theme.Tips;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.plan.PlannedStep;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.TypedReading;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.SheetRow;
import app.fluss.sim.Simulation;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Queue;
import java.util.function.Predicate;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Window;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/// Takes pictures of the window with the demo study, for the documentation. Ends the program when it has
/// them.
final class Pictures {
    private static final Duration SETTLE = Duration.millis(900);
    private static final Duration GLANCE = Duration.millis(150);

    private final FlussApp.Window window;
    private final Duration settle;
    private final boolean kept;
    private final Queue<Runnable> steps = new ArrayDeque<>();

    private Pictures(FlussApp.Window window, Duration settle, boolean kept) {
        this.window = window;
        this.settle = settle;
        this.kept = kept;
    }

    /// One picture of what is on screen first.
    static void takeOne(FlussApp.Window window, Path file) {
        Pictures pictures = new Pictures(window, SETTLE, true);
        pictures.steps.add(() -> pictures.save(file));
        pictures.next();
    }

    /// Every main view at the design size, most of them light.
    static void takeAll(FlussApp.Window window, Path folder) {
        new Pictures(window, SETTLE, true).showAll(folder);
    }

    /// Shows every main view for a moment, and what opens over them, so that what they need is loaded once.
    static void tour(FlussApp.Window window) {
        Pictures pictures = new Pictures(window, GLANCE, false);
        pictures.openSome();
        pictures.showAll(Path.of(""));
    }

    private void openSome() {
        steps.add(this::showTip);
        steps.add(Pictures::hideLast);
        for (KeyCode key : List.of(KeyCode.COMMA, KeyCode.K, KeyCode.E, KeyCode.R)) {
            // In a turn of its own: a dialog that is waited for comes back when it is hidden.
            steps.add(() -> Platform.runLater(() -> Event.fireEvent(
                    window.shell(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, true, false, false))));
            steps.add(Pictures::hideLast);
        }
    }

    private void showTip() {
        Node stage = window.shell().lookup(".stage-box");
        if (stage != null) {
            Tips.show(stage);
        }
    }

    private static void hideLast() {
        if (Window.getWindows().size() > 1) {
            Window.getWindows().getLast().hide();
        }
    }

    private void showAll(Path folder) {
        steps.add(() -> window.theme().appearanceProperty().set(Appearance.LIGHT));
        shoot("Tidewarden", "examine", folder.resolve("examine-light.png"));
        shoot("Tidewarden", "compare", folder.resolve("compare-light.png"));
        view(ExamineScreen.View.LATENCY, "Tidewarden", folder.resolve("latency-light.png"));
        steps.add(() -> window.shell().examine().show(ExamineScreen.View.FRAMES));
        steps.add(this::measure);
        steps.add(() -> go("Tidewarden", "capture"));
        steps.add(() -> window.shell().capture().focusPad());
        steps.add(() -> save(folder.resolve("capture-light.png")));
        steps.add(() -> window.theme().appearanceProperty().set(Appearance.DARK));
        shoot("Kelp Circuit", "examine", folder.resolve("examine-kelp-circuit-dark.png"));
        view(ExamineScreen.View.PICTURES, "Kelp Circuit", folder.resolve("pictures-dark.png"));
        run(ExamineScreen.View.COUNTER, run -> run.has(EvidenceKinds.RECORDING), folder.resolve("counter-dark.png"));
        steps.add(() -> window.theme().appearanceProperty().set(Appearance.LIGHT));
        path("television, game mode", folder.resolve("path-television-light.png"));
        path("home stream, radio", folder.resolve("path-stream-light.png"));
        steps.add(() -> window.theme().appearanceProperty().set(Appearance.DARK));
        path("VR, render scale 142 %", folder.resolve("path-headset-dark.png"));
        steps.add(() -> window.theme().appearanceProperty().set(Appearance.LIGHT));
        steps.add(() -> window.shell().examine().show(ExamineScreen.View.FRAMES));
        path("second GPU 3×, size 50 %", folder.resolve("path-second-gpu-light.png"));
        steps.add(() -> choose("compare"));
        steps.add(() -> click("#compare-settings"));
        steps.add(() -> save(folder.resolve("settings-light.png")));
        steps.add(() -> click("#compare-paths"));
        shoot("Tidewarden", "decide", folder.resolve("decide-light.png"));
        steps.add(() -> find("#decide-game", "Weir House"));
        steps.add(() -> press(".game-name"));
        steps.add(() -> save(folder.resolve("verdict-light.png")));
        shoot("Tidewarden", "plan", folder.resolve("plan-light.png"));
        shoot("Tidewarden", "tune", folder.resolve("tune-light.png"));
        bench(BenchScreen.View.PARTS, folder.resolve("bench-parts-light.png"));
        shoot("Tidewarden", "feel", folder.resolve("feel-light.png"));
        steps.add(() -> window.shell().drop(List.of(foreignLog())));
        steps.add(() -> saveDialog(folder.resolve("import-light.png")));
        next();
    }

    private void shoot(String game, String screen, Path file) {
        steps.add(() -> go(game, screen));
        steps.add(() -> save(file));
    }

    private void view(ExamineScreen.View view, String game, Path file) {
        steps.add(() -> window.shell().examine().show(view));
        shoot(game, "examine", file);
    }

    /// What is worked out for the first run of a path.
    private void path(String name, Path file) {
        run(ExamineScreen.View.PATH, run -> run.path().name().equals(name), file);
    }

    private void run(ExamineScreen.View view, Predicate<Run> which, Path file) {
        steps.add(() -> window.shell().examine().show(view));
        steps.add(() -> go("", "examine"));
        steps.add(() -> window.workbench().contentsProperty().get().runs().stream()
                .filter(which)
                .findFirst()
                .ifPresent(run -> window.workbench().selectedProperty().set(run)));
        steps.add(() -> save(file));
    }

    private void choose(String screen) {
        click("#work-" + screen);
    }

    private void click(String id) {
        if (window.shell().lookup(id) instanceof ToggleButton button) {
            button.setSelected(true);
        }
    }

    private void find(String id, String words) {
        if (window.shell().lookup(id) instanceof TextField field) {
            field.setText(words);
        }
    }

    private void press(String selector) {
        if (window.shell().lookup(selector) instanceof Button button) {
            button.fire();
        }
    }

    private void bench(BenchScreen.View view, Path file) {
        steps.add(() -> window.shell().bench().show(view));
        shoot("Tidewarden", "bench", file);
    }

    /// Begins the first open run, as if it had been running for a while.
    private void measure() {
        Contents contents = window.workbench().contentsProperty().get();
        if (contents.attempt().isPresent()) {
            return;
        }
        SheetRow row = contents.planned().open().stream()
                .filter(line -> line.role() == PlannedStep.Role.RUN)
                .findFirst()
                .orElseThrow();
        CaptureEdits edits = window.workbench().edits().capture();
        edits.start(row, System.currentTimeMillis() - 21_000);
        double[][] readings = {{134, 134}, {128, 133}, {137, 137}, {96, 104}};
        for (int i = 0; i < readings.length; i++) {
            edits.type(
                    row, new PadEntry.Counted(3200 + 4100L * i, new TypedReading.Read(readings[i][0], readings[i][1])));
        }
        edits.type(row, new PadEntry.Marked(16_900, PadMark.WORST));
    }

    /// A log with names, separator and decimal sign of its own.
    private static Path foreignLog() {
        FrameLog log = Simulation.run(ReadyScenario.named("engine-generation").lasting(10))
                .log();
        StringBuilder text = new StringBuilder("Stamp;On screen;Frame GPU;What\n");
        for (int i = 0; i < log.size(); i++) {
            double gpu = log.channel(Channel.GPU).orElseThrow().at(i);
            text.append("%.5f;%.5f;%s;%s\n"
                    .formatted(
                            5000 + log.present().at(i) / 1000,
                            5000 + log.channel(Channel.DISPLAYED).orElseThrow().at(i) / 1000,
                            Double.isNaN(gpu) ? "" : "%.2f".formatted(gpu),
                            log.kind(i) == FrameKind.RENDERED ? "Rendered" : "Interpolated")
                    .replace('.', ','));
        }
        try {
            Path file = Files.createTempDirectory("fluss-pictures").resolve("marsh evening.csv");
            file.toFile().deleteOnExit();
            return Files.writeString(file, text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void go(String game, String screen) {
        var contents = window.workbench().contentsProperty().get();
        contents.runs().stream()
                .filter(run ->
                        contents.place(run).startsWith(game) && !run.path().isNative())
                .findFirst()
                .ifPresent(run -> window.workbench().selectedProperty().set(run));
        choose(screen);
    }

    private void next() {
        PauseTransition pause = new PauseTransition(settle);
        pause.setOnFinished(_ -> {
            if (window.jobs().busyProperty().get()) {
                next();
                return;
            }
            Runnable step = steps.poll();
            if (step == null) {
                Platform.exit();
                return;
            }
            step.run();
            next();
        });
        pause.play();
    }

    private void saveDialog(Path file) {
        Window dialog = Window.getWindows().getLast();
        save(dialog.getScene(), file);
        dialog.hide();
    }

    private void save(Path file) {
        save(window.stage().getScene(), file);
    }

    private void save(Scene scene, Path file) {
        if (!kept) {
            return;
        }
        try {
            Path parent = file.toAbsolutePath().getParent();
            if (parent != null) {
                Files.createDirectories(parent);
            }
            WritableImage image = scene.snapshot(null);
            int width = (int) image.getWidth();
            int height = (int) image.getHeight();
            BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
            PixelReader pixels = image.getPixelReader();
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    picture.setRGB(x, y, pixels.getArgb(x, y));
                }
            }
            // Given a file, the writer would remove it first, be it a device.
            try (OutputStream out = Files.newOutputStream(file)) {
                ImageIO.write(picture, "png", out);
            }
        } catch (IOException e) {
            System.err.println("fluss: the picture could not be written: " + e.getMessage());
        }
    }
}
