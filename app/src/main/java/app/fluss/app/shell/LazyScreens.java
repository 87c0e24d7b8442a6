package app.fluss.app.shell;

import app.fluss.app.bench.BenchScreen;
import app.fluss.app.capture.CaptureScreen;
import app.fluss.app.decide.DecideScreen;
import app.fluss.app.feel.FeelScreen;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.plan.PlanScreen;
import app.fluss.app.theme.Theme;
import app.fluss.app.tune.TuneScreen;
import app.fluss.files.log.MappingMemory;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.prefs.Preferences;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/// Screens that are made when they are first looked at: the window opens sooner.
final class LazyScreens {
    private final Workbench workbench;
    private final Theme theme;
    private final Jobs jobs;
    private final MappingMemory memory;
    private final Preferences preferences;
    private final OrderOfWork order;
    private final Supplier<Window> owner;
    private final Consumer<String> tell;
    private @Nullable BenchScreen bench;
    private @Nullable PlanScreen plan;
    private @Nullable CaptureScreen capture;
    private @Nullable DecideScreen decide;
    private @Nullable TuneScreen tune;
    private @Nullable FeelScreen feel;

    LazyScreens(
            Workbench workbench,
            Theme theme,
            Jobs jobs,
            MappingMemory memory,
            Preferences preferences,
            OrderOfWork order,
            Supplier<Window> owner,
            Consumer<String> tell) {
        this.workbench = workbench;
        this.theme = theme;
        this.jobs = jobs;
        this.memory = memory;
        this.preferences = preferences;
        this.order = order;
        this.owner = owner;
        this.tell = tell;
    }

    BenchScreen bench() {
        BenchScreen made = bench;
        if (made == null) {
            made = new BenchScreen(workbench, theme, jobs, tell);
            bench = made;
        }
        return made;
    }

    void showPreflight() {
        order.choose(Work.BENCH);
        bench().show(BenchScreen.View.PREFLIGHT);
    }

    PlanScreen plan() {
        PlanScreen made = plan;
        if (made == null) {
            made = new PlanScreen(workbench, theme, tell, () -> order.choose(Work.CAPTURE), () -> {
                order.choose(Work.CAPTURE);
                capture().playBlind();
            });
            plan = made;
        }
        return made;
    }

    CaptureScreen capture() {
        CaptureScreen made = capture;
        if (made == null) {
            made = new CaptureScreen(
                    workbench,
                    theme,
                    jobs,
                    memory,
                    preferences,
                    tell,
                    () -> order.choose(Work.PLAN),
                    () -> order.choose(Work.COMPARE),
                    this::showPreflight);
            capture = made;
        }
        return made;
    }

    DecideScreen decide() {
        DecideScreen made = decide;
        if (made == null) {
            made = new DecideScreen(
                    workbench, theme, new DecideWays(workbench, order), owner, open -> order.count(Work.DECIDE, open));
            decide = made;
        }
        return made;
    }

    TuneScreen tune() {
        TuneScreen made = tune;
        if (made == null) {
            made = new TuneScreen(workbench, theme, jobs, tell, () -> order.choose(Work.PLAN));
            tune = made;
        }
        return made;
    }

    FeelScreen feel() {
        FeelScreen made = feel;
        if (made == null) {
            made = new FeelScreen(workbench, theme, jobs, tell);
            feel = made;
        }
        return made;
    }

    /// Stops what moves on a screen.
    ///
    /// @return whether something did
    boolean stop() {
        return feel != null && feel.stop();
    }

    /// Lets go of what they hold open.
    void close() {
        Optional.ofNullable(capture).ifPresent(CaptureScreen::close);
    }
}
