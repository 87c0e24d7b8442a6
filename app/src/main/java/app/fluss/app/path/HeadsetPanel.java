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
        VBox panel = Boxes.panel(Labels.heading(HeadsetText.WHAT_REFRESHES_SHOWED));
        TimeShares bar = new TimeShares(theme, seen.whole());
        FigureTable table = new FigureTable(
                "refreshes",
                "",
                HeadsetText.WITHOUT_NEW_IMAGE,
                HeadsetText.FULL_RATE,
                HeadsetText.HALF,
                HeadsetText.BELOW_HALF,
                HeadsetText.APP_S,
                HeadsetText.LIMITED_BY);
        row(table, HeadsetText.WHOLE_RUN, seen.whole(), run.analysis().limits());
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
                                HeadsetText.SPELL_AND_EVENNESS.formatted(
                                        seen.whole().longestSpell() == 1
                                                ? HeadsetText.REFRESH
                                                : HeadsetText.REFRESHES.formatted(
                                                        seen.whole().longestSpell()),
                                        Numbers.percent(seen.whole().evenShare(), 0)),
                                "small"),
                        latency(),
                        Labels.wrapped(HeadsetText.SAFETY, "safety"));
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
                        HeadsetText.LIMITED_BY_TIP));
    }

    private static String words(Limits.Held held) {
        return switch (held) {
            case GPU -> HeadsetText.CARD;
            case CPU -> HeadsetText.PROCESSOR;
            case CAP -> HeadsetText.PACE;
            case MIXED -> HeadsetText.NO_ONE;
            case UNKNOWN -> Numbers.MISSING;
        };
    }

    private HBox latency() {
        HBox row = Boxes.row(
                latency(HeadsetText.HEAD_LATENCY, work.headMs()),
                latency(
                        HeadsetText.HAND_LATENCY.formatted(
                                work.handMeasured() ? HeadsetText.MEASURED : HeadsetText.ESTIMATED_FROM_STAGES),
                        work.handMs()));
        row.setSpacing(28);
        return row;
    }

    private static VBox latency(String about, Figure ms) {
        return new VBox(
                -2,
                Labels.of(ms.isKnown() ? HeadsetText.MS.formatted(Numbers.text(ms, 1)) : Numbers.MISSING, "figure"),
                Labels.of(
                        ms instanceof Figure.Missing(String reason) ? about + ": " + reason : about, "muted", "small"));
    }

    private VBox rates() {
        VBox panel = Boxes.panel(Labels.heading(HeadsetText.REFRESH_RATES));
        if (work.fullRate().isEmpty() || work.steadyHalf().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note(work.work().isEmpty() ? HeadsetText.NO_WORK_LOGGED : HeadsetText.NO_REFRESH_RATE));
            return panel;
        }
        RefreshChoice full = work.fullRate().orElseThrow();
        RefreshChoice half = work.steadyHalf().orElseThrow();
        FigureTable table = new FigureTable(
                "refresh-choice",
                HeadsetText.THIS_RUNS_WORK_AT,
                HeadsetText.WITHOUT_NEW_IMAGE,
                HeadsetText.HELD_TO_HALF,
                HeadsetText.APP_S);
        for (int i = 0; i < full.outlooks().size(); i++) {
            RefreshChoice.Outlook free = full.outlooks().get(i);
            RefreshChoice.Outlook held = half.outlooks().get(i);
            table.row(
                    HeadsetText.HZ.formatted(Numbers.text(free.refreshHz(), 0)),
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
                        Labels.wrapped(
                                HeadsetText.RATES_CHOSEN.formatted(chosen(full.chosenHz()), chosen(half.chosenHz()))),
                        rule(List.of(
                                full.outlooks().getFirst().rule(),
                                half.outlooks().getFirst().rule())));
        return panel;
    }

    private static Cell judged(Figure share, RuleRange.Span range, Optional<String> refusal) {
        Cell cell = Cell.of(share, range, 100, " %", refusal.orElse(HeadsetText.SUITS_SCHOOL));
        return new Cell((refusal.isEmpty() ? "● " : "✕ ") + cell.text(), cell.below(), cell.tip(), cell.plain());
    }

    private static Cell rate(Reprojection expected, RuleRange range) {
        return Cell.of(expected.appFps(), range.over(Reprojection::appFps), 1, "", HeadsetText.RANGE_TIP);
    }

    private static Label rule(List<CompositorRule> rules) {
        return Labels.note(HeadsetText.BY_RULE.formatted(titles(rules), titles(List.of(CompositorRule.values()))));
    }

    private static String titles(List<CompositorRule> rules) {
        return rules.stream().map(CompositorRule::title).distinct().collect(Collectors.joining("; "));
    }

    private static String chosen(Figure hz) {
        return switch (hz) {
            case Figure.Known(double value) -> HeadsetText.RUN_HZ.formatted(Numbers.text(value, 0));
            case Figure.Missing(String reason) -> reason;
        };
    }

    private VBox law() {
        VBox panel = Boxes.panel(Labels.heading(HeadsetText.GPU_TIME_AGAINST_PIXELS));
        if (work.target().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note(HeadsetText.NOT_STATED.formatted(
                            work.missing().stream().map(FactKey::title).collect(Collectors.joining(", ")))));
        }
        if (work.law().isEmpty()) {
            panel.getChildren().add(Labels.note(HeadsetText.NO_LAW_YET.formatted(work.noLaw())));
            return panel;
        }
        PixelLaw law = work.law().orElseThrow();
        panel.getChildren()
                .add(Labels.wrapped(HeadsetText.LAW.formatted(
                        ends(law.fixedMs(), 2),
                        ends(law.perMegapixelMs(), 3),
                        law.points().size())));
        if (work.headsets().isEmpty()) {
            panel.getChildren().add(Labels.note(HeadsetText.NO_HEADSET_HINT));
            return panel;
        }
        ChoiceBox<Optional<HeadsetWork.Other>> reference = Choice.of(
                "reference",
                HeadsetText.REFERENCE,
                other -> other.map(HeadsetWork.Other::name).orElse(HeadsetText.THIS_RUN));
        reference.getItems().add(Optional.empty());
        work.headsets().forEach(other -> reference.getItems().add(Optional.of(other)));
        VBox place = new VBox();
        reference.valueProperty().subscribe(chosen -> {
            if (chosen != null) {
                place.getChildren().setAll(headsets(law, chosen));
            }
        });
        reference.setValue(Optional.empty());
        panel.getChildren().addAll(Boxes.row(Labels.of(HeadsetText.RATES_AS_MULTIPLES_OF, "muted"), reference), place);
        return panel;
    }

    private FigureTable headsets(PixelLaw law, Optional<HeadsetWork.Other> reference) {
        double pixels = reference
                .map(HeadsetWork.Other::megapixels)
                .orElseGet(() -> work.target().orElseThrow().megapixels());
        FigureTable table = new FigureTable(
                "headsets",
                HeadsetText.HEADSET_COLUMN,
                HeadsetText.MPX,
                HeadsetText.CARD_DRAWS_S,
                HeadsetText.TIMES_THAT,
                HeadsetText.REFRESHES_WITHOUT_NEW_IMAGE);
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
                            HeadsetText.PLAYED_AT_RATES_TIP));
        }
        return table;
    }

    private static String ends(PixelLaw.Predicted value, int decimals) {
        String ends = Cell.ends(value.interval(), 1, decimals);
        return Numbers.text(value.value(), decimals) + (ends.isEmpty() ? "" : " (" + ends + ")");
    }

    private VBox scales() {
        VBox panel = Boxes.panel(Labels.heading(HeadsetText.RENDER_SCALE_AND_CADENCE));
        List<ScaleOutlook> outlooks = work.scales();
        if (outlooks.isEmpty()) {
            panel.getChildren().add(Labels.note(HeadsetText.NO_OTHER_SCALES));
            return panel;
        }
        FigureTable table = new FigureTable(
                "scales",
                HeadsetText.RENDER_SCALE,
                HeadsetText.MPX,
                HeadsetText.GPU_MS,
                HeadsetText.NEW_S,
                HeadsetText.SAME_HOLD,
                HeadsetText.CADENCE);
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
                            HeadsetText.RANGE_TIP),
                    new Cell(outlook.isEven() ? HeadsetText.EVEN : HeadsetText.SHAKES, "", cadence(outlook)));
        }
        panel.getChildren()
                .addAll(
                        table,
                        Labels.note(HeadsetText.SCALE_EXPLAINED),
                        rule(List.of(outlooks.getFirst().rule())));
        return panel;
    }

    private static String cadence(ScaleOutlook outlook) {
        return HeadsetText.CADENCE_SHARES.formatted(
                Numbers.percent(outlook.expected().fullTime(), 0),
                Numbers.percent(outlook.expected().halfTime(), 0),
                Numbers.percent(outlook.expected().belowHalfTime(), 0));
    }
}
