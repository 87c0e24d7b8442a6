package app.fluss.app.path;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.HeadsetSeen;
import app.fluss.app.model.HeadsetWork;
import app.fluss.app.path.FigureTable.Cell;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.bench.FactKey;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Limits;
import app.fluss.core.vr.CompositorRule;
import app.fluss.core.vr.PixelLaw;
import app.fluss.core.vr.RefreshChoice;
import app.fluss.core.vr.Reprojection;
import app.fluss.core.vr.RuleRange;
import app.fluss.core.vr.ScaleOutlook;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// What a headset showed, and what it would show at other refresh rates and render scales.
final class HeadsetPanel extends VBox {
    private static final String SAFETY =
            "Clear the floor. Stop at the first sign of sickness. For children and for people who react to flashing pictures the headset's manual decides.";

    private final Theme theme;
    private final HeadsetWork work;

    HeadsetPanel(Theme theme, AnalysedRun run, HeadsetWork work) {
        super(10);
        this.theme = theme;
        this.work = work;
        setId("headset-panel");
        run.headset().ifPresent(seen -> getChildren().add(seen(run, seen)));
        getChildren().addAll(rates(), law(), scales());
    }

    private VBox seen(AnalysedRun run, HeadsetSeen seen) {
        VBox panel = Boxes.panel(Labels.heading("What the refreshes showed"));
        TimeShares bar = new TimeShares(theme, seen.whole());
        FigureTable table = new FigureTable(
                "refreshes", "", "without a new image", "full rate", "half", "below half", "app /s", "limited by");
        row(table, "whole run", seen.whole(), run.analysis().limits());
        for (int i = 0; i < seen.sections().size(); i++) {
            row(
                    table,
                    run.sections().get(i).section().name(),
                    seen.sections().get(i),
                    run.sectionAnalyses().get(i).limits());
        }
        panel.getChildren()
                .addAll(
                        bar,
                        table,
                        Labels.wrapped(
                                "Longest spell without a new image: %s. Images with the commonest hold: %s."
                                        .formatted(
                                                seen.whole().longestSpell() == 1
                                                        ? "1 refresh"
                                                        : seen.whole().longestSpell() + " refreshes",
                                                Numbers.percent(seen.whole().evenShare(), 0)),
                                "small"),
                        latency(),
                        Labels.wrapped(SAFETY, "safety"));
        return panel;
    }

    private static void row(FigureTable table, String name, Reprojection seen, Limits limits) {
        table.row(
                name,
                "",
                Cell.of(seen.share(), seen.interval(), 100, 1, " %"),
                Cell.of(seen.fullTime(), Numbers.percent(seen.fullTime(), 0)),
                Cell.of(seen.halfTime(), Numbers.percent(seen.halfTime(), 0)),
                Cell.of(seen.belowHalfTime(), Numbers.percent(seen.belowHalfTime(), 1)),
                Cell.of(seen.appFps(), 1, ""),
                new Cell(
                        limits.most().map(HeadsetPanel::words).orElse(Numbers.MISSING),
                        "",
                        "What limited most frames: the card, the processor, or the headset's own pace."));
    }

    private static String words(Limits.Held held) {
        return switch (held) {
            case GPU -> "card";
            case CPU -> "processor";
            case CAP -> "pace";
            case MIXED -> "no one";
            case UNKNOWN -> Numbers.MISSING;
        };
    }

    private HBox latency() {
        HBox row = Boxes.row(
                latency("head: from motion to light, estimated", work.headMs()),
                latency(
                        "hand: from button to light, " + (work.handMeasured() ? "measured" : "estimated from stages"),
                        work.handMs()));
        row.setSpacing(28);
        return row;
    }

    private static VBox latency(String about, Figure ms) {
        return new VBox(
                -2,
                Labels.of(ms.isKnown() ? Numbers.text(ms, 1) + " ms" : Numbers.MISSING, "figure"),
                Labels.of(
                        ms instanceof Figure.Missing(String reason) ? about + ": " + reason : about, "muted", "small"));
    }

    private VBox rates() {
        VBox panel = Boxes.panel(Labels.heading("Refresh rates"));
        if (work.fullRate().isEmpty() || work.steadyHalf().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note(
                            work.work().isEmpty()
                                    ? "The log has no CPU and GPU work, so its frames cannot be played at another rate."
                                    : "No refresh rate is stated: under “Display…”, or of a headset on the bench."));
            return panel;
        }
        RefreshChoice full = work.fullRate().orElseThrow();
        RefreshChoice half = work.steadyHalf().orElseThrow();
        FigureTable table = new FigureTable(
                "refresh-choice", "this run's work at", "without a new image", "below half, held to half", "app /s");
        for (int i = 0; i < full.outlooks().size(); i++) {
            RefreshChoice.Outlook free = full.outlooks().get(i);
            RefreshChoice.Outlook held = half.outlooks().get(i);
            table.row(
                    Numbers.text(free.refreshHz(), 0) + " Hz",
                    "",
                    judged(free.expected().share(), free.range().over(Reprojection::share), free.refusal()),
                    judged(
                            held.expected().belowHalfTime(),
                            held.range().over(Reprojection::belowHalfTime),
                            held.refusal()),
                    rate(free.expected(), free.range()));
        }
        panel.getChildren()
                .addAll(
                        table,
                        Labels.wrapped("Full rate only: %s. Steady half rate: %s."
                                .formatted(chosen(full.chosenHz()), chosen(half.chosenHz()))),
                        rule(List.of(
                                full.outlooks().getFirst().rule(),
                                half.outlooks().getFirst().rule())));
        return panel;
    }

    private static Cell judged(Figure share, RuleRange.Span range, Optional<String> refusal) {
        Cell cell =
                Cell.of(share, range, 100, " %", refusal.orElse("Suits this school; its bounds are common practice."));
        return new Cell((refusal.isEmpty() ? "● " : "✕ ") + cell.text(), cell.below(), cell.tip(), cell.plain());
    }

    private static Cell rate(Reprojection expected, RuleRange range) {
        return Cell.of(
                expected.appFps(),
                range.over(Reprojection::appFps),
                1,
                "",
                "Below it: the range over all rules that compositors follow.");
    }

    private static Label rule(List<CompositorRule> rules) {
        return Labels.note(
                ("Calculated by the rule: %s. Below each figure is its range over all of: %s. Compositors differ, and"
                                + " few state which they follow.")
                        .formatted(titles(rules), titles(List.of(CompositorRule.values()))));
    }

    private static String titles(List<CompositorRule> rules) {
        return rules.stream().map(CompositorRule::title).distinct().collect(Collectors.joining("; "));
    }

    private static String chosen(Figure hz) {
        return switch (hz) {
            case Figure.Known(double value) -> "run " + Numbers.text(value, 0) + " Hz";
            case Figure.Missing(String reason) -> reason;
        };
    }

    private VBox law() {
        VBox panel = Boxes.panel(Labels.heading("GPU time against pixels"));
        if (work.target().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note("Not stated of the headset or the game: "
                            + work.missing().stream().map(FactKey::title).collect(Collectors.joining(", ")) + "."));
        }
        if (work.law().isEmpty()) {
            panel.getChildren().add(Labels.note("No law yet: " + work.noLaw() + "."));
            return panel;
        }
        PixelLaw law = work.law().orElseThrow();
        panel.getChildren()
                .add(Labels.wrapped("time = %s ms + %s ms × Mpx, from %d runs of this scene at different render scales."
                        .formatted(
                                ends(law.fixedMs(), 2),
                                ends(law.perMegapixelMs(), 3),
                                law.points().size())));
        if (work.headsets().isEmpty()) {
            panel.getChildren().add(Labels.note("Put headsets with their panels and refresh rates on the bench."));
            return panel;
        }
        ChoiceBox<Optional<HeadsetWork.Other>> reference = Choice.of(
                "reference",
                "Reference",
                other -> other.map(HeadsetWork.Other::name).orElse("this run"));
        reference.getItems().add(Optional.empty());
        work.headsets().forEach(other -> reference.getItems().add(Optional.of(other)));
        VBox place = new VBox();
        reference.valueProperty().subscribe(chosen -> {
            if (chosen != null) {
                place.getChildren().setAll(headsets(law, chosen));
            }
        });
        reference.setValue(Optional.empty());
        panel.getChildren().addAll(Boxes.row(Labels.of("rates as multiples of", "muted"), reference), place);
        return panel;
    }

    private FigureTable headsets(PixelLaw law, Optional<HeadsetWork.Other> reference) {
        double pixels = reference
                .map(HeadsetWork.Other::megapixels)
                .orElseGet(() -> work.target().orElseThrow().megapixels());
        FigureTable table = new FigureTable(
                "headsets",
                "headset, at this render scale",
                "Mpx",
                "card draws /s",
                "× that",
                "refreshes without a new image");
        for (HeadsetWork.Other other : work.headsets()) {
            table.row(
                    other.name(),
                    "",
                    Cell.of(Figure.of(other.megapixels()), 2, ""),
                    Cell.of(other.gpuFps(), other.interval(), 1, 1, ""),
                    Cell.of(law.multiplier(other.megapixels(), pixels), 3, ""),
                    new Cell(
                            other.rates().stream()
                                    .map(outlook -> "%s%s Hz %s"
                                            .formatted(
                                                    outlook.refusal().isEmpty() ? "● " : "✕ ",
                                                    Numbers.text(outlook.refreshHz(), 0),
                                                    Numbers.percent(
                                                            outlook.expected().share(), 0)))
                                    .collect(Collectors.joining("   ")),
                            "",
                            "This run's frames, played at each rate with the predicted GPU time."));
        }
        return table;
    }

    private static String ends(PixelLaw.Predicted value, int decimals) {
        String ends = Cell.ends(value.interval(), 1, decimals);
        return Numbers.text(value.value(), decimals) + (ends.isEmpty() ? "" : " (" + ends + ")");
    }

    private VBox scales() {
        VBox panel = Boxes.panel(Labels.heading("Render scale and cadence"));
        List<ScaleOutlook> outlooks = work.scales();
        if (outlooks.isEmpty()) {
            panel.getChildren()
                    .add(Labels.note("Other render scales can be calculated once runs at two of them are measured."));
            return panel;
        }
        FigureTable table =
                new FigureTable("scales", "render scale", "Mpx", "GPU ms", "new /s", "same hold", "cadence");
        for (ScaleOutlook outlook : outlooks) {
            table.row(
                    Numbers.percent(Figure.of(outlook.target().scale()), 0),
                    "",
                    Cell.of(Figure.of(outlook.target().megapixels()), 2, ""),
                    Cell.of(
                            Figure.of(outlook.gpuMs().value()),
                            Optional.of(outlook.gpuMs().interval()),
                            1,
                            2,
                            ""),
                    rate(outlook.expected(), outlook.range()),
                    Cell.of(
                            outlook.expected().evenShare(),
                            outlook.range().over(Reprojection::evenShare),
                            100,
                            " %",
                            "Below it: the range over all rules that compositors follow."),
                    new Cell(outlook.isEven() ? "● even" : "▲ shakes", "", cadence(outlook)));
        }
        panel.getChildren()
                .addAll(
                        table,
                        Labels.note(
                                "A scale at which frames take slightly more than a refresh judders: some images stay one refresh,"
                                        + " some two. A larger one, at which each takes just under two, is smooth again."),
                        rule(List.of(outlooks.getFirst().rule())));
        return panel;
    }

    private static String cadence(ScaleOutlook outlook) {
        return "%s of the time each refresh is new, %s each second one, %s fewer."
                .formatted(
                        Numbers.percent(outlook.expected().fullTime(), 0),
                        Numbers.percent(outlook.expected().halfTime(), 0),
                        Numbers.percent(outlook.expected().belowHalfTime(), 0));
    }
}
