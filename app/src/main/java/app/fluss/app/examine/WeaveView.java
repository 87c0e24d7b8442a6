package app.fluss.app.examine;

import app.fluss.app.model.TimeWindow;
import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.files.draw.Marks;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.scene.input.ScrollEvent;
import org.jspecify.annotations.Nullable;

/// The refresh weave: one second a row, one cell a refresh. Even cadence is an even cloth; uneven cadence
/// becomes a pattern.
final class WeaveView extends CanvasView {
    private static final double LEFT = 44;
    private static final double RIGHT = 10;
    private static final double ROW = 17;
    private static final double MS = 1000;

    /// Rows of its table: more are what `fluss export` is for.
    private static final int MOST_ROWS = 200_000;

    private final ObjectProperty<TimeWindow> window;
    private @Nullable Shown shown;

    WeaveView(Theme theme, ObjectProperty<TimeWindow> window) {
        super(theme, ExamineText.WEAVE_DESCRIBED);
        this.window = window;
        setId("weave");
        window.subscribe(this::redraw);
        addEventHandler(ScrollEvent.SCROLL, event -> {
            Shown run = shown;
            if (run != null) {
                double step = event.getDeltaY() > 0 ? -MS : MS;
                TimeWindow now = window.get();
                window.set(now.moved(step / now.length(), run.elapsedMs()));
            }
            event.consume();
        });
    }

    /// What is woven.
    ///
    /// @param analysis figures with their ledger
    /// @param elapsedMs how long the run is
    record Shown(Analysis analysis, double elapsedMs) {}

    void show(@Nullable Shown now) {
        shown = now;
        redraw();
    }

    private double left() {
        return scaled(LEFT);
    }

    /// Of the refreshes in the window of the frame-time band.
    @Override
    public Optional<DataTable> data() {
        return Optional.ofNullable(shown)
                .flatMap(run -> run.analysis()
                        .ledger()
                        .map(ledger -> table(run.analysis().slice().log(), ledger)));
    }

    private DataTable table(FrameLog log, RefreshLedger ledger) {
        DataTable.Builder table = new DataTable.Builder("refresh", "shown_ms", "image", "kind", "repeated");
        int from = Math.max(0, ledger.positionAt(window.get().fromMs()));
        int to = Math.min(ledger.shown(), from + MOST_ROWS);
        for (int at = from; at < to && ledger.shownAtMs(at) < window.get().toMs(); at++) {
            table.row(
                    Cell.of(ledger.refresh(at)),
                    Cell.of(ledger.shownAtMs(at)),
                    Cell.of(ledger.image(at)),
                    log.kind(ledger.image(at)).name().toLowerCase(Locale.ROOT),
                    Boolean.toString(ledger.isRepeat(at)));
        }
        return table.build();
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        Shown run = shown;
        if (run == null) {
            return;
        }
        if (run.analysis().ledger().isEmpty()) {
            pen.fill(Role.MUTED);
            pen.baseline(Baseline.TOP);
            pen.align(Align.LEFT);
            pen.text(
                    run.analysis().slice().log().size() > 0
                            ? ExamineText.NO_REFRESH_RATE
                            : ExamineText.NO_LOG_NO_REFRESHES,
                    left(),
                    8);
            return;
        }
        RefreshLedger ledger = run.analysis().ledger().orElseThrow();
        int rows = (int) Math.max(1, height / scaled(ROW));
        int first = (int) Math.floor(window.get().fromMs() / MS);
        for (int r = 0; r < rows && (first + r) * MS <= run.elapsedMs(); r++) {
            row(pen, run.analysis().slice().log(), ledger, first + r, r * scaled(ROW), width);
        }
    }

    private void row(Pen pen, FrameLog log, RefreshLedger ledger, int second, double y, double width) {
        double wide = width - left() - RIGHT;
        double perMs = wide / MS;
        double start = second * MS;
        double end = start + MS;
        double cell = Math.max(1.5, ledger.mode().periodMs() * perMs - 1);
        double high = scaled(ROW) - 4;
        pen.fill(Role.MUTED);
        pen.align(Align.RIGHT);
        pen.baseline(Baseline.CENTER);
        pen.text(Numbers.text(second, 0) + " s", left() - 6, y + scaled(ROW) / 2);
        int position = Math.max(0, ledger.positionAt(start));
        int lastImage = position < ledger.shown() ? ledger.image(position) : 0;
        for (; position < ledger.shown() && ledger.shownAtMs(position) < end; position++) {
            double at = ledger.shownAtMs(position);
            double until = position + 1 < ledger.shown() ? ledger.shownAtMs(position + 1) : at;
            double x = left() + Math.max(0, at - start) * perMs;
            double stays = Math.min(until, end) * perMs - Math.max(at, start) * perMs;
            if (stays > cell + 2) {
                Marks.held(pen, x, y, stays - 1, high);
            }
            if (at >= start) {
                int image = ledger.image(position);
                if (ledger.isRepeat(position)) {
                    Marks.repeated(pen, x, y, cell, high);
                } else if (log.kind(image) == FrameKind.GENERATED) {
                    Marks.generated(pen, x, y, cell, high);
                } else {
                    Marks.rendered(pen, x, y + 1, cell, high - 1);
                }
                if (position > 0 && image - lastImage > 1) {
                    Marks.lost(pen, x, y - 1, 5);
                }
                lastImage = image;
            }
        }
    }
}
