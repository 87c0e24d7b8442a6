package app.fluss.app.path;

import app.fluss.app.path.FigureTable.Cell;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.core.bench.FactKey;
import app.fluss.core.measure.Figure;
import app.fluss.core.stream.FrameArrivals;
import app.fluss.core.stream.LinkQuality;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.StreamOutlooks;
import app.fluss.core.stream.StreamPicture;
import app.fluss.files.known.StreamWork;
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
        HBox head = Boxes.row(Labels.heading(StreamText.LINK_PROBED));
        if (stream.probeSimulated()) {
            head.getChildren().add(Labels.of(StreamText.SIMULATED_LINK, "chip", "chip-warm"));
        }
        head.getChildren()
                .addAll(
                        Boxes.spacer(),
                        Buttons.quiet(StreamText.PROBE_THIS_LINK, StreamText.PROBE_THIS_LINK_TIP, probe));
        VBox panel = Boxes.panel(head);
        if (stream.probe().isEmpty()) {
            panel.getChildren().add(Labels.note(StreamText.NOT_PROBED_HINT));
            return panel;
        }
        ProbeReport report = stream.probe().orElseThrow();
        BufferView view = new BufferView(theme, report.arrivals(), stream.bufferMs());
        HBox.setHgrow(view, Priority.ALWAYS);
        FigureTable figures = figures(report);
        figures.setMinWidth(USE_PREF_SIZE);
        head.getChildren().add(new ShareBar(theme, StreamText.IN_TIME_BY_BUFFER, view));
        panel.getChildren().addAll(new HBox(14, view, figures), buffers(report.arrivals()));
        return panel;
    }

    private static FigureTable figures(ProbeReport report) {
        LinkQuality link = report.link();
        FigureTable table = new FigureTable("link", "", "");
        table.row(
                StreamText.PACKETS_LOST,
                StreamText.PACKETS_SENT.formatted(
                        Numbers.text(Figure.of((double) link.sent()), 0), link.longestLossRun()),
                Cell.of(link.lossShare(), Numbers.percent(link.lossShare(), 2)));
        table.row(StreamText.OUT_OF_ORDER, "", Cell.of(Figure.of((double) link.reordered()), 0, ""));
        table.row(StreamText.JITTER, StreamText.RFC_3550, Cell.of(link.jitterMs(), 2, StreamText.MS));
        table.row(
                StreamText.VARYING_DELAY,
                StreamText.ARE_BELOW,
                Cell.of(link.delaySpread().p99(), 2, StreamText.MS));
        table.row(StreamText.ROUND_TRIP, StreamText.MEDIAN, Cell.of(report.roundTripMs(), 2, StreamText.MS));
        table.row(StreamText.RATE_WITHIN_BURSTS, StreamText.CARRIES, Cell.of(report.burstMbps(), 0, StreamText.MBIT_S));
        return table;
    }

    private static Label buffers(FrameArrivals arrivals) {
        String whole = arrivals.incomplete() == 0
                ? StreamText.EVERY_IMAGE_ARRIVED_WHOLE
                : StreamText.NEVER_WHOLE.formatted(arrivals.incomplete(), arrivals.images());
        return Labels.wrapped(
                StreamText.BUFFERS.formatted(need(arrivals.bufferMs(0.99)), need(arrivals.bufferMs(0.999)), whole),
                "small");
    }

    private static String need(Figure buffer) {
        return buffer.isKnown() ? Numbers.text(buffer, 1) + " ms" : StreamText.NOT_AVAILABLE;
    }

    private VBox budget() {
        VBox panel = Boxes.panel(Labels.heading(StreamText.REQUIRES));
        if (stream.budget().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note(StreamText.NOT_STATED.formatted(
                            stream.missing().stream().map(FactKey::title).collect(Collectors.joining(", ")))));
            return panel;
        }
        StreamPicture picture = stream.budget().orElseThrow().picture();
        panel.getChildren()
                .add(Labels.wrapped(
                        StreamText.PICTURE_ASSUMED.formatted(
                                Numbers.text(picture.bitsPerPixel(), 3),
                                Numbers.text(picture.bitsPerImage() / 1000, 0)),
                        "small"));
        FigureTable table = new FigureTable(
                "budget",
                StreamText.PICTURE,
                StreamText.MBIT_S_COLUMN,
                StreamText.ENCODE_MS,
                StreamText.SENDING_MS,
                StreamText.DECODE_MS,
                StreamText.ADDS_MS,
                StreamText.IN_TIME);
        StreamOutlooks outlooks = stream.outlooks().orElseThrow();
        row(table, StreamText.AS_IT_IS, outlooks.now());
        outlooks.usual().forEach(outlook -> row(table, "", outlook));
        row(table, StreamText.AT_TWICE_RATE, outlooks.twice());
        outlooks.largest().ifPresent(outlook -> row(table, StreamText.LARGEST_THAT_KEEPS_99, outlook));
        panel.getChildren().add(table);
        if (outlooks.largest().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note(outlooks.unknown()
                            .map(StreamText.FIT_UNKNOWN::formatted)
                            .orElse(StreamText.NOTHING_FITS)));
        }
        return panel;
    }

    private void row(FigureTable table, String name, StreamBudget.Outlook outlook) {
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
                                ? StreamText.IN_TIME_TIP.formatted(Numbers.text(stream.bufferMs(), 1))
                                : Numbers.reason(outlook.inTime())));
    }
}
