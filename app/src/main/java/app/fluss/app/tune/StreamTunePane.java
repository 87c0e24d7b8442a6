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
    private final ChoiceBox<School> school = Choice.of("stream-school", "School", School::title);
    private final TextField bitRate = field("stream-mbps");
    private final TextField link = field("stream-link");
    private final TextField buffer = field("stream-buffer");
    private final Label place = Labels.of("", "chip");
    private final Label nothing = Labels.note("");
    private final WhatIfBody body = new WhatIfBody(
            "stream-grid",
            "Picture × rate",
            "images in time with the buffer; encoding, sending and decoding added to the stream as it is");
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
                        Boxes.row(place, Boxes.spacer(), Labels.of("wanted", "muted"), school),
                        Boxes.row(
                                Labels.of("bit rate of the picture as it is", "muted"),
                                bitRate,
                                Labels.of("Mbit/s, link", "muted"),
                                link,
                                Labels.of("Mbit/s, held back", "muted"),
                                buffer,
                                Labels.of("ms", "muted")),
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
            none("Select a run over a stream: what it was measured with is where this starts.");
            return;
        }
        StreamWork stream = run.stream().orElseThrow();
        place.setText(workbench.contentsProperty().get().place(run.run()) + " · "
                + run.run().path().name());
        if (stream.budget().isEmpty()) {
            none("State the picture, the stream's rate and its bit rate in the facts of this run.");
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
            none("Bit rate, link and buffer must be numbers above 0; a buffer may be 0.");
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
        nothing.setText(
                probed
                        ? "From the probe of this run's link. As many bits per pixel as the picture as it is; encoder and decoder in proportion to pixels (common practice)."
                        : "The link was not probed, so it is unknown which images would be in time. Probe it in Examine, Path.");
        body.setVisible(true);
        body.show(
                StreamGrid.RATES.stream()
                        .map(fps -> Numbers.text(fps, 0) + " /s")
                        .toList(),
                Output.USUAL.stream().map(Output::title).toList(),
                found,
                StreamTunePane::shown,
                "A longer buffer, a lower bit rate or a better link would help.",
                "ranked below, for %s".formatted(school.getValue().title()));
    }

    private static WhatIfBody.Shown shown(StreamGrid.Cell cell) {
        StreamBudget.Outlook outlook = cell.outlook();
        return new WhatIfBody.Shown(
                Output.USUAL.indexOf(cell.output()),
                StreamGrid.RATES.indexOf(cell.fps()),
                cell.output().title() + " at " + Numbers.text(cell.fps(), 0) + "/s",
                Numbers.percent(outlook.inTime(), 1),
                signed(outlook.addedMs()) + " · "
                        + Numbers.text(outlook.picture().bitRateMbps(), 0) + " Mbit/s",
                "%s Mbit/s; encode %s ms, sending %s ms, decode %s ms; %s of the images in time."
                        .formatted(
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
