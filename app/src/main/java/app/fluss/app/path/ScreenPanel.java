package app.fluss.app.path;

import app.fluss.app.model.ScreenPicture;
import app.fluss.app.path.FigureTable.Cell;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.display.ModeLag;
import app.fluss.core.display.SmoothingAdvice;
import app.fluss.core.display.VariableWindow;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Cadence;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Outcome;
import javafx.scene.layout.VBox;

/// What the display does to the images: cadence, smoothing, lag of its modes, what its cable carries.
final class ScreenPanel extends VBox {
    private final ScreenPicture screen;
    private final double hz;

    ScreenPanel(Theme theme, ScreenPicture screen, Analysis run, boolean smooths) {
        super(10);
        this.screen = screen;
        this.hz = run.ledger().map(ledger -> ledger.mode().refreshHz()).orElse(Double.NaN);
        setId("screen-panel");
        getChildren().add(Columns.even(theme, 360, cadence(run, smooths), modes()));
        if (smooths) {
            getChildren().add(sliders());
        }
    }

    private VBox cadence(Analysis run, boolean smooths) {
        VBox panel = Boxes.panel(Labels.heading("Cadence on the display"));
        FigureTable table = new FigureTable("cadence", "", "new /s", "motion error ms");
        table.row(
                smooths ? "into the display" : "as shown",
                Double.isNaN(hz) ? "" : "on " + Numbers.text(hz, 0) + " Hz",
                Cell.of(run.rates().delivered(), 1, ""),
                Cell.of(run.motion().meanAbs(), 2, ""));
        screen.smoothed()
                .ifPresent(smoothed -> table.row(
                        "smoothed, at best",
                        "on a panel of " + Numbers.text(screen.panelHz(), 0) + " Hz",
                        Cell.of(smoothed.newPerSecond(), 1, ""),
                        Cell.of(smoothed.motionErrorMs(), 2, "")));
        panel.getChildren().add(table);
        run.ledger()
                .ifPresent(ledger -> panel.getChildren()
                        .add(Labels.wrapped(
                                "Even share %s: that many images stay for the commonest number of refreshes."
                                        .formatted(Numbers.percent(ledger.evenShare(), 0)),
                                "small")));
        screen.window()
                .map(this::repeats)
                .or(() -> screen.cadence().map(ScreenPanel::beat))
                .ifPresent(words -> panel.getChildren().add(Labels.wrapped(words, "small")));
        if (screen.smoothed().isPresent()) {
            panel.getChildren()
                    .add(Labels.note(
                            "No log sees what a display makes of its input: this is the best that it could do."));
        }
        return panel;
    }

    /// What variable refresh does to the rate.
    private String repeats(VariableWindow window) {
        String range = Numbers.range(window.floorHz(), window.ceilingHz(), 0) + " Hz";
        return switch (screen.showings()) {
            case Figure.Known(double times)
            when times > 1 ->
                "Below the window of %s: the panel shows each image %s times.".formatted(range, Numbers.text(times, 0));
            case Figure.Known _ -> "Within the window of %s each image is shown as it comes.".formatted(range);
            case Figure.Missing(String reason) -> "The rate lies outside the window: " + reason + ".";
        };
    }

    /// The beat of a rate near a divisor, where it is long enough to be seen as one.
    private static String beat(Cadence cadence) {
        if (cadence.isEven()) {
            return "The rate divides the refresh: every image stays equally long.";
        }
        return cadence.hasSlowBeat()
                ? "%s/s is near a divisor of %s Hz: one refresh is gained or lost every %s s, which shows as a regular jump."
                        .formatted(
                                Numbers.text(cadence.imagesPerSecond(), 2),
                                Numbers.text(cadence.refreshHz(), 0),
                                Numbers.text(cadence.beatPeriodMs().map(ms -> ms / 1000), 1))
                : "The rate is not near a divisor of the refresh: holds change from image to image.";
    }

    private VBox modes() {
        VBox panel = Boxes.panel(Boxes.row(
                Labels.heading("Lag of picture modes"),
                Labels.of(screen.display().orElse("a display that is not on the bench"), "chip")));
        if (screen.modes().isEmpty() && screen.display().isPresent()) {
            panel.getChildren()
                    .add(Labels.note(
                            "No lag is stated. Add picture modes to the display on the bench, each with its measured"
                                    + " lag."));
        } else if (!screen.modes().isEmpty()) {
            FigureTable table = new FigureTable("modes", "", "lag ms", "refreshes", "smoothing");
            for (ModeLag mode : screen.modes()) {
                table.row(
                        mode.mode(),
                        mode.use() + (mode.measured() ? ", measured" : ", stated"),
                        Cell.of(Figure.of(mode.lagMs()), 1, ""),
                        Cell.of(Figure.ofFinite(mode.refreshes(hz), "no refresh rate is stated"), 1, ""),
                        new Cell(
                                mode.offersSmoothing()
                                        .map(yes -> yes ? "yes" : "no")
                                        .orElse(Numbers.MISSING),
                                "",
                                "Whether the panel's smoothing can act in this mode."));
            }
            panel.getChildren().add(table);
        }
        if (screen.display().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note(
                            "No display on the bench is set to this run's refresh rate and sync: state it there, and its"
                                    + " modes and its cable are judged here."));
        } else {
            panel.getChildren()
                    .add(Labels.of("Cable, without compression (what it would add is not judged)", "muted", "small"));
        }
        for (Outcome carried : screen.carried()) {
            panel.getChildren()
                    .add(Labels.wrapped(
                            (carried.state() == Outcome.State.MET
                                            ? "● "
                                            : carried.state() == Outcome.State.NOT_MET ? "▲ " : "◌ ")
                                    + carried.seen(),
                            "small"));
        }
        return panel;
    }

    private VBox sliders() {
        VBox panel = Boxes.panel(Labels.heading("Smoothing, set for this source"));
        panel.setId("smoothing-advice");
        if (screen.advice().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note("State the display mode of this run: its refreshes tell the source rate."));
            return panel;
        }
        SmoothingAdvice advice = screen.advice().orElseThrow();
        panel.getChildren()
                .addAll(
                        Boxes.row(
                                setting("low-rate smoothing", advice.lowRate()),
                                setting("full-rate smoothing", advice.fullRate()),
                                Labels.of(
                                        "source "
                                                + (advice.sourceFps().isKnown()
                                                        ? Numbers.text(advice.sourceFps(), 0) + "/s, steady"
                                                        : "not steady"),
                                        "chip")),
                        Labels.wrapped((advice.acts() ? "" : "▲ ") + advice.words()),
                        Labels.note(
                                "Common practice; wide picture changes and flicker can trouble photosensitive people."));
        return panel;
    }

    private static VBox setting(String name, Figure share) {
        VBox box = new VBox(
                -2,
                Labels.of(share.isKnown() ? Numbers.percent(share, 0) : Numbers.MISSING, "figure"),
                Labels.of(name, "muted", "small"));
        box.setMinWidth(80);
        return box;
    }
}
