package app.fluss.app;

import app.fluss.app.demo.DemoStudy;
import app.fluss.app.importing.ImportFlow;
import app.fluss.app.model.JobFailure;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.settings.Settings;
import app.fluss.app.shell.Outside;
import app.fluss.app.shell.RecentStudies;
import app.fluss.app.shell.Shell;
import app.fluss.app.theme.Icon;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.files.bench.Requirements;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.overlay.OverlayMemory;
import app.fluss.files.study.Study;
import app.fluss.files.work.CommonPool;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.prefs.BackingStoreException;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.stage.Stage;

/// The window: `demo`, `open [STUDY]`, or `screenshots [--to DIR]`; and for the launcher `tour`, which shows
/// every screen and closes. With `--from STUDY` the demo is a copy of one that [MakeDemo] made before. With
/// `--picture FILE` a picture of the window is taken, and it closes.
public final class FlussApp extends Application {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    /// Starts the window.
    public static void main(String... args) {
        // The toolkit starts on one processor; meanwhile another reads what every window needs.
        CommonPool.begin(Requirements::all);
        launch(args);
    }

    @Override
    public void start(Stage stage) throws IOException {
        List<String> args = getParameters().getRaw();
        String job = args.isEmpty() ? "open" : args.getFirst();
        Window window = new Window(stage, configFolder(), preferences(job));
        // Half of a screen without a word would pass for all there is.
        Thread.currentThread()
                .setUncaughtExceptionHandler((_, error) ->
                        window.tell(String.valueOf(JobFailure.of(error).getMessage())));
        switch (job) {
            case "demo" -> {
                window.show();
                window.openDemo(option(args, "--from"));
            }
            case "screenshots" -> {
                window.show();
                window.openDemo(option(args, "--from"));
                Pictures.takeAll(window, option(args, "--to").orElse(Path.of("docs/screenshots")));
            }
            case "tour" -> {
                window.show();
                window.openDemo(option(args, "--from"));
                Pictures.tour(window);
            }
            default -> {
                Optional<Path> named = study(args);
                window.show();
                window.open(named.isPresent() ? named.get() : dataFolder().resolve("bench.fluss"));
            }
        }
        option(args, "--picture").ifPresent(file -> Pictures.takeOne(window, file));
    }

    /// Pictures of the documentation do not depend on what the user set, and set nothing; neither does the tour.
    private static Preferences preferences(String job) {
        if (!job.equals("screenshots") && !job.equals("tour")) {
            return Preferences.userNodeForPackage(FlussApp.class);
        }
        Preferences own = Preferences.userNodeForPackage(FlussApp.class).node("screenshots");
        try {
            own.clear();
        } catch (BackingStoreException e) {
            System.err.println("fluss: settings of earlier pictures could not be cleared: " + e.getMessage());
        }
        return own;
    }

    private static Optional<Path> study(List<String> args) {
        return args.size() > 1 && !args.get(1).startsWith("--") ? Optional.of(Path.of(args.get(1))) : Optional.empty();
    }

    private static Optional<Path> option(List<String> args, String name) {
        int at = args.indexOf(name);
        return at >= 0 && at + 1 < args.size() ? Optional.of(Path.of(args.get(at + 1))) : Optional.empty();
    }

    private static Path configFolder() {
        return folder("XDG_CONFIG_HOME", ".config");
    }

    private static Path dataFolder() throws IOException {
        return Files.createDirectories(folder("XDG_DATA_HOME", ".local/share"));
    }

    private static Path folder(String variable, String otherwise) {
        String stated = System.getenv(variable);
        Path base = stated == null || stated.isBlank()
                ? Path.of(System.getProperty("user.home"), otherwise)
                : Path.of(stated);
        return base.resolve("fluss");
    }

    /// One window and what belongs to it.
    static final class Window {
        private final Stage stage;
        private final Theme theme = new Theme();
        private final Jobs jobs = new Jobs();
        private final RecentStudies recent;
        private final Workbench workbench;
        private final Shell shell;

        Window(Stage stage, Path config, Preferences preferences) {
            // The marks of a language take longer to look up than a screen to show, the first time.
            CommonPool.begin(() -> Numbers.text(0.5, 1));
            this.stage = stage;
            this.recent = new RecentStudies(preferences);
            this.workbench = new Workbench(jobs, this::tell);
            MappingMemory memory = new MappingMemory(config.resolve("mappings"));
            ImportFlow imports = new ImportFlow(
                    workbench,
                    jobs,
                    theme,
                    memory,
                    new OverlayMemory(config.resolve("overlays")),
                    () -> stage,
                    this::tell);
            Settings settings = new Settings(preferences, theme);
            this.shell = new Shell(
                    workbench,
                    theme,
                    jobs,
                    imports,
                    memory,
                    preferences,
                    settings,
                    new Outside(config, this::open, this::makeDemo));
            Scene scene = new Scene(shell, WIDTH, HEIGHT);
            theme.dress(scene);
            CommonPool.begin(Tips::first); // not before: the first control of all chooses a look where there is none
            stage.setScene(scene);
            stage.setMinWidth(960);
            stage.setMinHeight(620);
            stage.setTitle("Fluss");
            stage.getIcons().add(Icon.image());
            stage.setOnHidden(_ -> {
                shell.close();
                jobs.close();
                workbench.close();
            });
        }

        private void tell(String words) {
            shell.tell(words);
        }

        void show() {
            stage.show();
        }

        void open(Path file) {
            workbench.open(String.valueOf(file.getFileName()), () -> Study.open(file), _ -> {
                recent.add(file);
                stage.setTitle(file.getFileName() + " – Fluss");
            });
        }

        /// Makes the demo in the background and opens it.
        private void makeDemo() {
            jobs.start(
                    "Making the demo",
                    _ -> {
                        Path file = demoFile();
                        DemoStudy.make(file);
                        return file;
                    },
                    this::open,
                    e -> tell("The demo could not be made: %s".formatted(e.getMessage())));
        }

        /// Opens a demo study in a folder that lasts as long as the program.
        ///
        /// @param made the study to copy; made now if there is none
        void openDemo(Optional<Path> made) {
            workbench.open(
                    "the demo",
                    () -> {
                        Path file = demoFile();
                        if (made.isPresent()) {
                            Files.copy(made.get(), file);
                        } else {
                            DemoStudy.make(file);
                        }
                        return Study.open(file);
                    },
                    _ -> stage.setTitle("Demo, simulated – Fluss"));
        }

        private static Path demoFile() throws IOException {
            Path folder = Files.createTempDirectory("fluss-demo");
            Runtime.getRuntime().addShutdownHook(Thread.ofPlatform().unstarted(() -> delete(folder)));
            return folder.resolve("demo.fluss");
        }

        private static void delete(Path folder) {
            try (var files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    Files.deleteIfExists(file);
                }
                Files.deleteIfExists(folder);
            } catch (IOException e) {
                System.err.println("fluss: the demo was left in " + folder);
            }
        }

        Stage stage() {
            return stage;
        }

        Theme theme() {
            return theme;
        }

        Workbench workbench() {
            return workbench;
        }

        Jobs jobs() {
            return jobs;
        }

        Shell shell() {
            return shell;
        }
    }
}
