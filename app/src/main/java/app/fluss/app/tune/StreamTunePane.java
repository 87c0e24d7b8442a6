package app.fluss.app.tune;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Numbers;
import app.fluss.core.gpu.Output;
import app.fluss.core.measure.Figure;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.StreamPicture;
import app.fluss.core.tune.Ranking;
import app.fluss.core.tune.StreamGrid;
import app.fluss.core.verdict.School;
import app.fluss.files.known.StreamWork;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/// What other pictures, rates and links would do to a stream.
final class StreamTunePane extends VBox {
    private final Workbench workbench;
    private final ChoiceBox<School> school = Choice.of("stream-school", TuneText.SCHOOL, School::title);
    private final TextField bitRate = field("stream-mbps");
    private final TextField link = field("stream-link");
    private final TextField buffer = field("stream-buffer");
    private final Label place = Labels.of("", "chip");
    private final Label nothing = Labels.note("");
    private final WhatIfBody body =
            new WhatIfBody("stream-grid", TuneText.PICTURE_TIMES_RATE, TuneText.STREAM_CELL_ABOUT);
    private Optional<StreamBudget> stated = Optional.empty();

    StreamTunePane(Workbench workbench) {
        super(10);
        this.workbench = workbench;
        setId("stream-tune");
        SchoolChoice.follow(workbench, school, one -> !one.isOfHeadsets(), School.SMOOTH_FIRST);
        school.valueProperty().subscribe(() -> work());
        for (TextField field : List.of(bitRate, link, buffer)) {
            field.textProperty().subscribe(() -> work());
        }
        getChildren()
                .setAll(
                        Boxes.row(place, Boxes.spacer(), Labels.of(TuneText.WANTED, "muted"), school),
                        Boxes.row(
                                Labels.of(TuneText.BIT_RATE_NOW, "muted"),
                                bitRate,
                                Labels.of(TuneText.MBIT_S_LINK, "muted"),
                                link,
                                Labels.of(TuneText.MBIT_S_HELD_BACK, "muted"),
                                buffer,
                                Labels.of(TuneText.MS, "muted")),
                        nothing,
                        body);
        workbench.analysedProperty().subscribe(this::take);
    }

    private static TextField field(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(5);
        return field;
    }

    private void take(AnalysedRun run) {
        stated = Optional.empty();
        if (run == null || run.stream().isEmpty()) {
            none(TuneText.SELECT_STREAM_RUN);
            return;
        }
        StreamWork stream = run.stream().orElseThrow();
        place.setText(workbench.contentsProperty().get().place(run.run()) + " · "
                + run.run().path().name());
        if (stream.budget().isEmpty()) {
            none(TuneText.STATE_STREAM);
            return;
        }
        StreamBudget budget = stream.budget().orElseThrow();
        bitRate.setText(NumberField.text(budget.picture().bitRateMbps()));
        link.setText(Double.isNaN(budget.linkMbps()) ? "" : NumberField.text(budget.linkMbps()));
        buffer.setText(Double.isNaN(budget.bufferMs()) ? "" : NumberField.text(budget.bufferMs()));
        stated = Optional.of(budget);
        work();
    }

    private void none(String words) {
        nothing.setText(words);
        nothing.setVisible(true);
        body.setVisible(false);
    }

    private void work() {
        if (stated.isEmpty()) {
            return;
        }
        StreamBudget now = stated.get();
        double mbps = NumberField.value(bitRate.getText());
        double linkMbps = NumberField.value(link.getText());
        double bufferMs = NumberField.value(buffer.getText());
        if (!(mbps > 0 && linkMbps > 0 && bufferMs >= 0)) {
            none(TuneText.STREAM_INVALID);
            return;
        }
        StreamPicture picture = now.picture();
        StreamBudget asked = new StreamBudget(
                new StreamPicture(picture.widthPx(), picture.heightPx(), picture.fps(), mbps),
                linkMbps,
                now.encodeMs(),
                now.decodeMs(),
                bufferMs,
                now.probe());
        show(StreamGrid.of(asked, school.getValue()), asked.probe().isPresent());
    }

    private void show(Ranking<StreamGrid.Cell> found, boolean probed) {
        nothing.setText(probed ? TuneText.STREAM_BASIS : TuneText.NOT_PROBED);
        body.setVisible(true);
        body.show(
                StreamGrid.RATES.stream()
                        .map(fps -> Numbers.text(fps, 0) + " /s")
                        .toList(),
                Output.USUAL.stream().map(Output::title).toList(),
                found,
                StreamTunePane::shown,
                TuneText.STREAM_REMEDY,
                TuneText.RANKED_BELOW_FOR.formatted(school.getValue().title()));
    }

    private static WhatIfBody.Shown shown(StreamGrid.Cell cell) {
        StreamBudget.Outlook outlook = cell.outlook();
        return new WhatIfBody.Shown(
                Output.USUAL.indexOf(cell.output()),
                StreamGrid.RATES.indexOf(cell.fps()),
                TuneText.AT_S.formatted(cell.output().title(), Numbers.text(cell.fps(), 0)),
                Numbers.percent(outlook.inTime(), 1),
                TuneText.MBIT_S.formatted(
                        signed(outlook.addedMs()),
                        Numbers.text(outlook.picture().bitRateMbps(), 0)),
                TuneText.STREAM_CELL.formatted(
                        Numbers.text(outlook.picture().bitRateMbps(), 1),
                        Numbers.text(outlook.encodeMs(), 1),
                        Numbers.text(outlook.serialisationMs(), 2),
                        Numbers.text(outlook.decodeMs(), 1),
                        Numbers.percent(outlook.inTime(), 1)));
    }

    private static String signed(Figure ms) {
        return ms.isKnown() ? Numbers.signed(ms.orNaN(), 1) + " ms" : Numbers.MISSING;
    }
}
