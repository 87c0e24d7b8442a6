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
        VBox panel = Boxes.panel(Labels.heading(PathText.CADENCE_ON_DISPLAY));
        FigureTable table = new FigureTable("cadence", "", PathText.NEW_S, PathText.MOTION_ERROR_MS);
        table.row(
                smooths ? PathText.INTO_DISPLAY : PathText.AS_SHOWN,
                Double.isNaN(hz) ? "" : PathText.ON_HZ.formatted(Numbers.text(hz, 0)),
                Cell.of(run.rates().delivered(), 1, ""),
                Cell.of(run.motion().meanAbs(), 2, ""));
        screen.smoothed()
                .ifPresent(smoothed -> table.row(
                        PathText.SMOOTHED_AT_BEST,
                        PathText.PANEL_COLUMN.formatted(Numbers.text(screen.panelHz(), 0)),
                        Cell.of(smoothed.newPerSecond(), 1, ""),
                        Cell.of(smoothed.motionErrorMs(), 2, "")));
        panel.getChildren().add(table);
        run.ledger()
                .ifPresent(ledger -> panel.getChildren()
                        .add(Labels.wrapped(
                                PathText.EVEN_SHARE.formatted(Numbers.percent(ledger.evenShare(), 0)), "small")));
        screen.window()
                .map(this::repeats)
                .or(() -> screen.cadence().map(ScreenPanel::beat))
                .ifPresent(words -> panel.getChildren().add(Labels.wrapped(words, "small")));
        if (screen.smoothed().isPresent()) {
            panel.getChildren().add(Labels.note(PathText.SMOOTHING_UNSEEN));
        }
        return panel;
    }

    /// What variable refresh does to the rate.
    private String repeats(VariableWindow window) {
        String range = Numbers.range(window.floorHz(), window.ceilingHz(), 0) + " Hz";
        return switch (screen.showings()) {
            case Figure.Known(double times)
            when times > 1 -> PathText.BELOW_WINDOW.formatted(range, Numbers.text(times, 0));
            case Figure.Known _ -> PathText.WITHIN_WINDOW.formatted(range);
            case Figure.Missing(String reason) -> PathText.OUTSIDE_WINDOW.formatted(reason);
        };
    }

    /// The beat of a rate near a divisor, where it is long enough to be seen as one.
    private static String beat(Cadence cadence) {
        if (cadence.isEven()) {
            return PathText.RATE_DIVIDES;
        }
        return cadence.hasSlowBeat()
                ? PathText.BEAT.formatted(
                        Numbers.text(cadence.imagesPerSecond(), 2),
                        Numbers.text(cadence.refreshHz(), 0),
                        Numbers.text(cadence.beatPeriodMs().map(ms -> ms / 1000), 1))
                : PathText.NO_DIVISOR;
    }

    private VBox modes() {
        VBox panel = Boxes.panel(Boxes.row(
                Labels.heading(PathText.LAG_OF_PICTURE_MODES),
                Labels.of(screen.display().orElse(PathText.DISPLAY_NOT_ON_BENCH), "chip")));
        if (screen.modes().isEmpty() && screen.display().isPresent()) {
            panel.getChildren().add(Labels.note(PathText.NO_LAG_STATED));
        } else if (!screen.modes().isEmpty()) {
            FigureTable table = new FigureTable("modes", "", PathText.LAG_MS, PathText.REFRESHES, PathText.SMOOTHING);
            for (ModeLag mode : screen.modes()) {
                table.row(
                        mode.mode(),
                        mode.use() + (mode.measured() ? PathText.MEASURED : PathText.STATED),
                        Cell.of(Figure.of(mode.lagMs()), 1, ""),
                        Cell.of(Figure.ofFinite(mode.refreshes(hz), PathText.NO_REFRESH_STATED), 1, ""),
                        new Cell(
                                mode.offersSmoothing()
                                        .map(yes -> yes ? PathText.YES : PathText.NO)
                                        .orElse(Numbers.MISSING),
                                "",
                                PathText.CAN_SMOOTH_TIP));
            }
            panel.getChildren().add(table);
        }
        if (screen.display().isEmpty()) {
            panel.getChildren().add(Labels.note(PathText.NO_DISPLAY_MATCHES));
        } else {
            panel.getChildren().add(Labels.of(PathText.CABLE, "muted", "small"));
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
        VBox panel = Boxes.panel(Labels.heading(PathText.SMOOTHING_HEADING));
        panel.setId("smoothing-advice");
        if (screen.advice().isEmpty()) {
            panel.getChildren().add(Labels.note(PathText.DISPLAY_MODE_NEEDED));
            return panel;
        }
        SmoothingAdvice advice = screen.advice().orElseThrow();
        panel.getChildren()
                .addAll(
                        Boxes.row(
                                setting(PathText.LOW_RATE_SMOOTHING, advice.lowRate()),
                                setting(PathText.FULL_RATE_SMOOTHING, advice.fullRate()),
                                Labels.of(
                                        PathText.SOURCE.formatted(
                                                advice.sourceFps().isKnown()
                                                        ? PathText.S_STEADY.formatted(
                                                                Numbers.text(advice.sourceFps(), 0))
                                                        : PathText.NOT_STEADY),
                                        "chip")),
                        Labels.wrapped((advice.acts() ? "" : "▲ ") + advice.words()),
                        Labels.note(PathText.SMOOTHING_SAFETY));
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
