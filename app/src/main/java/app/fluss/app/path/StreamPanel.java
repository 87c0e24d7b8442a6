package app.fluss.app.path;

import app.fluss.app.path.FigureTable.Cell;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.core.bench.FactKey;
import app.fluss.core.gpu.Output;
import app.fluss.core.measure.Figure;
import app.fluss.core.stream.FrameArrivals;
import app.fluss.core.stream.LinkQuality;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.StreamPicture;
import app.fluss.files.known.StreamWork;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What a stream asks of its link, and what the link gives.
final class StreamPanel extends VBox {
    private final Theme theme;
    private final StreamWork stream;

    /// @param probe lets the user probe the link
    StreamPanel(Theme theme, StreamWork stream, Runnable probe) {
        super(10);
        this.theme = theme;
        this.stream = stream;
        setId("stream-panel");
        getChildren().addAll(link(probe), budget());
    }

    private VBox link(Runnable probe) {
        HBox head = Boxes.row(Labels.heading("The link, probed"));
        if (stream.probeSimulated()) {
            head.getChildren().add(Labels.of("simulated link", "chip", "chip-warm"));
        }
        head.getChildren()
                .addAll(
                        Boxes.spacer(),
                        Buttons.quiet(
                                "Probe this link…", "Sends the stream's own traffic and times each packet", probe));
        VBox panel = Boxes.panel(head);
        if (stream.probe().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note(
                            "The link was not probed. Start the probe on the host, then on the client: it sends the stream's"
                                    + " own traffic, and tells which buffer and which picture fit."));
            return panel;
        }
        ProbeReport report = stream.probe().orElseThrow();
        BufferView view = new BufferView(theme, report.arrivals(), stream.bufferMs());
        HBox.setHgrow(view, Priority.ALWAYS);
        FigureTable figures = figures(report);
        figures.setMinWidth(USE_PREF_SIZE);
        head.getChildren().add(new ShareBar(theme, "Images in time by buffer", view));
        panel.getChildren().addAll(new HBox(14, view, figures), buffers(report.arrivals()));
        return panel;
    }

    private static FigureTable figures(ProbeReport report) {
        LinkQuality link = report.link();
        FigureTable table = new FigureTable("link", "", "");
        table.row(
                "packets lost",
                "%s sent, %d in a row at most"
                        .formatted(Numbers.text(Figure.of((double) link.sent()), 0), link.longestLossRun()),
                Cell.of(link.lossShare(), Numbers.percent(link.lossShare(), 2)));
        table.row("out of order", "", Cell.of(Figure.of((double) link.reordered()), 0, ""));
        table.row("jitter", "RFC 3550", Cell.of(link.jitterMs(), 2, " ms"));
        table.row("varying delay", "99 % are below", Cell.of(link.delaySpread().p99(), 2, " ms"));
        table.row("round trip", "median", Cell.of(report.roundTripMs(), 2, " ms"));
        table.row("rate within bursts", "the link carries this or more", Cell.of(report.burstMbps(), 0, " Mbit/s"));
        return table;
    }

    private static Label buffers(FrameArrivals arrivals) {
        String whole = arrivals.incomplete() == 0
                ? "Every image arrived whole."
                : "%d of %d images never arrived whole: no buffer helps. The probe sends each packet once; a stream that asks again for lost ones loses fewer."
                        .formatted(arrivals.incomplete(), arrivals.images());
        return Labels.wrapped(
                "Buffer for 99 %% of the images: %s, for 99.9 %%: %s. %s"
                        .formatted(need(arrivals.bufferMs(0.99)), need(arrivals.bufferMs(0.999)), whole),
                "small");
    }

    private static String need(Figure buffer) {
        return buffer.isKnown() ? Numbers.text(buffer, 1) + " ms" : "not available";
    }

    private VBox budget() {
        VBox panel = Boxes.panel(Labels.heading("What the stream requires, and which picture fits"));
        if (stream.budget().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note("Not stated: "
                            + stream.missing().stream().map(FactKey::title).collect(Collectors.joining(", ")) + "."));
            return panel;
        }
        StreamBudget budget = stream.budget().orElseThrow();
        StreamPicture picture = budget.picture();
        panel.getChildren()
                .add(Labels.wrapped(
                        "%s bits per pixel, %s kbit per image. Other pictures are assumed to take as many bits per pixel; encoder and decoder time in proportion to pixels (common practice)."
                                .formatted(
                                        Numbers.text(picture.bitsPerPixel(), 3),
                                        Numbers.text(picture.bitsPerImage() / 1000, 0)),
                        "small"));
        FigureTable table = new FigureTable(
                "budget", "picture", "Mbit/s", "encode ms", "sending ms", "decode ms", "adds ms", "in time");
        row(table, "as it is", budget, budget.outlook(picture));
        for (Output output : Output.USUAL) {
            StreamPicture other = picture.alike(output.widthPx(), output.heightPx(), picture.fps());
            if (other.widthPx() != picture.widthPx() || other.heightPx() != picture.heightPx()) {
                row(table, "", budget, budget.outlook(other));
            }
        }
        row(
                table,
                "at twice the rate",
                budget,
                budget.outlook(picture.alike(picture.widthPx(), picture.heightPx(), 2 * picture.fps())));
        Optional<StreamBudget.Outlook> largest = budget.largest(picture.fps());
        largest.ifPresent(outlook -> row(table, "largest that keeps 99 %", budget, outlook));
        panel.getChildren().add(table);
        if (largest.isEmpty()) {
            panel.getChildren()
                    .add(
                            Labels.note(
                                    budget.outlook(picture).inTime() instanceof Figure.Missing(String reason)
                                            ? "Which picture keeps 99 % of its images in time is unknown: " + reason
                                                    + "."
                                            : "No picture keeps 99 % of its images in time: a longer buffer or a better link is needed."));
        }
        return panel;
    }

    private static void row(FigureTable table, String name, StreamBudget budget, StreamBudget.Outlook outlook) {
        StreamPicture picture = outlook.picture();
        String size = "%d × %d, %s/s".formatted(picture.widthPx(), picture.heightPx(), Numbers.text(picture.fps(), 0));
        String inTime = outlook.inTime().isKnown()
                ? (outlook.keepsUp() ? "● " : "▲ ") + Numbers.percent(outlook.inTime(), 1)
                : outlook.bound() == StreamBudget.Bound.NONE || outlook.bound() == StreamBudget.Bound.LATE
                        ? Numbers.MISSING
                        : "✕";
        table.row(
                name.isEmpty() ? size : name,
                name.isEmpty() ? "" : size,
                Cell.of(Figure.of(picture.bitRateMbps()), 0, ""),
                Cell.of(outlook.encodeMs(), 1, ""),
                Cell.of(outlook.serialisationMs(), 2, ""),
                Cell.of(outlook.decodeMs(), 1, ""),
                Cell.of(outlook.addedMs(), 1, ""),
                new Cell(
                        inTime,
                        "",
                        outlook.inTime().isKnown()
                                ? "Of the images, with a buffer of %s ms.".formatted(Numbers.text(budget.bufferMs(), 1))
                                : Numbers.reason(outlook.inTime())));
    }
}
