package app.fluss.app.shell;

import app.fluss.app.demo.DemoRecording;
import app.fluss.app.help.HelpDialog;
import app.fluss.app.help.HelpPage;
import app.fluss.app.importing.ClipUse;
import app.fluss.app.importing.ImportFlow;
import app.fluss.app.means.MeansDialog;
import app.fluss.app.model.Contents;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Open;
import app.fluss.app.model.Workbench;
import app.fluss.app.quick.QuickFlow;
import app.fluss.app.settings.Settings;
import app.fluss.app.settings.SettingsDialog;
import app.fluss.app.share.ReportDialog;
import app.fluss.app.share.StudySharing;
import app.fluss.app.simulate.SimulateDialog;
import app.fluss.app.theme.Theme;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Run;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.prefs.Preferences;
import javafx.stage.Window;

/// Does what can be done from anywhere in the window: goes somewhere, or opens the dialog that asks for more.
final class ShellWays implements Ways {
    private final Workbench workbench;
    private final Theme theme;
    private final Jobs jobs;
    private final ImportFlow imports;
    private final QuickFlow quick;
    private final Settings settings;
    private final Preferences preferences;
    private final Outside outside;
    private final Inside inside;
    private final Supplier<Work> shown;

    /// What the window itself does.
    interface Inside {
        Window window();

        void tell(String words);

        void drop(List<Path> files);

        void show(Work work);

        void show(Run run);

        void showStudy();

        List<Command> commands();
    }

    /// @param shown the step of the order of work that is shown
    ShellWays(
            Workbench workbench,
            Theme theme,
            Jobs jobs,
            ImportFlow imports,
            QuickFlow quick,
            Settings settings,
            Preferences preferences,
            Outside outside,
            Inside inside,
            Supplier<Work> shown) {
        this.workbench = workbench;
        this.theme = theme;
        this.jobs = jobs;
        this.imports = imports;
        this.quick = quick;
        this.settings = settings;
        this.preferences = preferences;
        this.outside = outside;
        this.inside = inside;
        this.shown = shown;
    }

    @Override
    public void go(Work work) {
        inside.show(work);
    }

    @Override
    public void examine(Run run) {
        inside.show(run);
    }

    @Override
    public void overview() {
        inside.showStudy();
    }

    @Override
    public void open() {
        imports.choose(inside::drop);
    }

    @Override
    public void openStudy(Path study) {
        outside.openStudy().accept(study);
    }

    @Override
    public void openDemo() {
        outside.openDemo().run();
    }

    @Override
    public void enterReadings() {
        quick.enter(List.of());
    }

    @Override
    public void simulate() {
        if (!workbench.canEdit()) {
            inside.tell(ShellText.STUDY_READ_ONLY);
            return;
        }
        jobs.quick(
                ShellText.READING_SCENARIOS,
                ReadyScenario::all,
                scenarios -> new SimulateDialog(theme, inside.window(), workbench, jobs, scenarios, inside::tell).ask(),
                e -> inside.tell(String.valueOf(e.getMessage())));
    }

    @Override
    public void report() {
        if (!workbench.contentsProperty().get().games().isEmpty()) {
            new ReportDialog(workbench, theme, inside.window(), inside::tell).show();
        }
    }

    @Override
    public void handOn() {
        sharing().handOn();
    }

    @Override
    public void takeIn() {
        sharing().takeIn();
    }

    /// Offers a small recording that comes with the program.
    void tryRecording() {
        try {
            Path clip = DemoRecording.put(Files.createTempDirectory("fluss-recording"));
            clip.toFile().deleteOnExit();
            imports.offer(clip, Optional.of(ClipUse.NUMBERS));
        } catch (IOException e) {
            inside.tell(ShellText.RECORDING_NOT_UNPACKED.formatted(e.getMessage()));
        }
    }

    private StudySharing sharing() {
        return new StudySharing(workbench, theme, inside.window(), inside::tell);
    }

    @Override
    public void settings() {
        Open open = workbench.openProperty().get();
        String study = open == null ? ShellText.NONE_IS_OPEN : open.file().toString();
        SettingsDialog.show(settings, inside.window(), outside.config(), study);
    }

    /// Commands of the screen that is shown, and every run and recent study besides.
    @Override
    public void palette() {
        List<Command> all = new ArrayList<>(inside.commands());
        all.removeIf(command -> command.on().filter(work -> work != shown.get()).isPresent());
        Contents contents = workbench.contentsProperty().get();
        for (Run run : contents.runs()) {
            all.add(Command.of(
                    ShellText.EXAMINE.formatted(run.path().name(), contents.place(run)), () -> examine(run)));
        }
        for (Path study : new RecentStudies(preferences).list()) {
            all.add(Command.of(ShellText.OPEN.formatted(study), () -> openStudy(study)));
        }
        CommandPalette.ask(theme, inside.window(), all);
    }

    @Override
    public void shortcuts() {
        ShortcutsDialog.show(theme, inside.window(), inside.commands());
    }

    @Override
    public void means() {
        MeansDialog.show(theme, inside.window(), preferences);
    }

    @Override
    public void help(HelpPage page) {
        HelpDialog.show(theme, inside.window(), page);
    }
}
