package app.fluss.app.tune;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.HeadsetWork;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.PathWork;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Numbers;
import app.fluss.core.measure.Figure;
import app.fluss.core.tune.HeadsetGrid;
import app.fluss.core.tune.Ranking;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.School;
import app.fluss.core.vr.HeadsetClaims;
import app.fluss.core.vr.RefreshChoice;
import app.fluss.core.vr.Reprojection;
import app.fluss.core.vr.RuleRange;
import app.fluss.core.vr.ScaleOutlook;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/// What other render scales and refresh rates would do in a headset.
final class HeadsetTunePane extends VBox {
    private final Workbench workbench;
    private final Jobs jobs;
    private final Consumer<String> problems;
    private final ChoiceBox<School> school = Choice.of("headset-school", TuneText.SCHOOL, School::title);
    private final TextField bound = new TextField();
    private final Label bounded = Labels.of("", "muted");
    private final Label place = Labels.of("", "chip");
    private final Label nothing = Labels.note("");
    private final WhatIfBody body = new WhatIfBody(
            "headset-grid",
            TuneText.SCALE_BY_REFRESH,
            TuneText.HEADSET_CELL_ABOUT,
            Labels.wrapped(TuneText.HEADSET_SAFETY, "safety"));

    HeadsetTunePane(Workbench workbench, Jobs jobs, Consumer<String> problems) {
        super(10);
        this.workbench = workbench;
        this.jobs = jobs;
        this.problems = problems;
        setId("headset-tune");
        SchoolChoice.follow(workbench, school, School::isOfHeadsets, School.FULL_RATE_ONLY);
        getChildren()
                .setAll(
                        Boxes.row(
                                place,
                                Boxes.spacer(),
                                Labels.of(TuneText.WANTED, "muted"),
                                school,
                                Labels.of(TuneText.AT_MOST, "muted"),
                                bound,
                                bounded),
                        nothing,
                        body);
        bound.setId("headset-bound");
        bound.setPrefColumnCount(4);
        school.valueProperty().subscribe(chosen -> {
            if (chosen != null) {
                bounded.setText("% " + HeadsetClaims.bounded(chosen));
                bound.setText(Numbers.text(HeadsetClaims.asked(chosen).bound() * 100, 1));
            }
        });
        bound.textProperty().subscribe(() -> work());
        workbench.pathWorkProperty().subscribe(() -> work());
        workbench.analysedProperty().subscribe(() -> work());
    }

    /// Works out what is shown, where this pane is.
    void work() {
        if (getScene() != null) {
            work(workbench.pathWorkProperty().get());
        }
    }

    private void work(PathWork work) {
        AnalysedRun run = workbench.analysedProperty().get();
        if (run == null || work.headset().isEmpty()) {
            none(TuneText.SELECT_HEADSET_RUN);
            return;
        }
        place.setText(workbench.contentsProperty().get().place(run.run()) + " · "
                + run.run().path().name());
        HeadsetWork headset = work.headset().orElseThrow();
        if (headset.law().isEmpty()
                || headset.target().isEmpty()
                || headset.work().isEmpty()) {
            none(TuneText.LAW_NEEDED.formatted(headset.noLaw().isEmpty() ? TuneText.LOG_WORK : headset.noLaw()));
            return;
        }
        if (headset.fullRate().isEmpty()) {
            none(TuneText.STATE_HEADSET_REFRESH);
            return;
        }
        List<Double> rates = headset.fullRate().orElseThrow().outlooks().stream()
                .map(RefreshChoice.Outlook::refreshHz)
                .toList();
        double share = NumberField.value(bound.getText()) / 100;
        if (!(share >= 0 && share <= 1)) {
            none(TuneText.SHARE_INVALID);
            return;
        }
        Asked asked = HeadsetClaims.asked(school.getValue());
        School wanted = school.getValue().with(asked.with(share, TuneText.SET_IN_TUNE));
        jobs.quick(
                TuneText.CALCULATING_SCALES,
                () -> HeadsetGrid.of(
                        headset.law().get(),
                        headset.work().get(),
                        headset.target().get(),
                        rates,
                        headset.leadMs(),
                        headset.inFlight(),
                        wanted),
                found -> show(found, rates),
                e -> problems.accept(String.valueOf(e.getMessage())));
    }

    private void none(String words) {
        nothing.setText(words);
        body.setVisible(false);
    }

    private void show(Ranking<HeadsetGrid.Cell> found, List<Double> rates) {
        nothing.setText(TuneText.HEADSET_BASIS);
        body.setVisible(true);
        body.show(
                rates.stream().map(hz -> Numbers.text(hz, 0) + " Hz").toList(),
                HeadsetGrid.SCALES.stream()
                        .map(scale -> Numbers.percent(Figure.of(scale), 0))
                        .toList(),
                found,
                cell -> shown(cell, rates),
                TuneText.LOWER_SETTINGS,
                TuneText.FEWER_PIXELS_PER_SECOND);
    }

    private static WhatIfBody.Shown shown(HeadsetGrid.Cell cell, List<Double> rates) {
        ScaleOutlook outlook = cell.outlook();
        RuleRange.Span share = outlook.range().over(Reprojection::share);
        RuleRange.Span below = outlook.range().over(Reprojection::belowHalfTime);
        return new WhatIfBody.Shown(
                HeadsetGrid.SCALES.indexOf(cell.scale()),
                rates.indexOf(cell.refreshHz()),
                TuneText.AT_HZ.formatted(
                        Numbers.percent(Figure.of(cell.scale()), 0), Numbers.text(cell.refreshHz(), 0)),
                Numbers.percent(outlook.expected().share(), 1),
                Numbers.text(outlook.expected().appFps(), 0) + " /s · "
                        + (outlook.isEven() ? TuneText.EVEN : TuneText.SHAKES),
                TuneText.HEADSET_CELL.formatted(
                        Numbers.text(outlook.target().megapixels(), 2),
                        Numbers.text(outlook.gpuMs().value(), 2),
                        Numbers.text(outlook.gpuMs().interval().low(), 2),
                        Numbers.text(outlook.gpuMs().interval().high(), 2),
                        Numbers.percent(outlook.expected().share(), 1),
                        Numbers.percent(outlook.expected().belowHalfTime(), 1),
                        outlook.rule().title(),
                        Numbers.percent(Figure.of(share.low()), 1),
                        Numbers.percent(Figure.of(share.high()), 1),
                        Numbers.percent(Figure.of(below.low()), 1),
                        Numbers.percent(Figure.of(below.high()), 1)));
    }
}
