package app.fluss.app.recorded;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Ticks;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.Stand;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.overlay.RecordedNumber;
import app.fluss.files.study.StoredNumbers;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import javafx.scene.input.MouseEvent;

/// What a counter showed over time as a line of steps, hatched where it could not be read; behind it, as
/// bars, how many pictures of each second could be told apart.
public final class CounterView extends CanvasView {
    private static final double LEFT = 42;
    private static final double BOTTOM = 22;
    private static final double TOP = 16;
    private static final double HATCH = 7;
    private static final double LEAST = 130;

    private Shown shown = Shown.NOTHING;

    /// What is shown. Safe for threads.
    public static final class Shown {
        static final Shown NOTHING = new Shown(List.of(), Set.of(), "", -1, new double[0]);

        private final List<Stand> stands;
        private final Set<Double> corrected;
        private final String unit;
        private final int selected;
        private final double[] perSecond;

        private Shown(List<Stand> stands, Set<Double> corrected, String unit, int selected, double[] perSecond) {
            this.stands = stands;
            this.corrected = corrected;
            this.unit = unit;
            this.selected = selected;
            this.perSecond = perSecond;
        }

        /// A number of a recording of a run; a rate with the distinct pictures of each second.
        ///
        /// @param selected the reading that is looked at; -1 if none is
        static Shown of(AnalysedRun run, StoredNumbers numbers, RecordedNumber number, int selected) {
            boolean rate = number.kind() == OverlayKind.RATE || number.kind() == OverlayKind.BASE;
            double[] distinct = run.pictures()
                    .filter(pictures -> rate && pictures.differences().count().isCounted())
                    .map(pictures -> pictures.differences().perSecond(pictures.fps()))
                    .orElse(new double[0]);
            return new Shown(
                    numbers.readings(number),
                    numbers.correctionsOf(number).keySet(),
                    number.kind().unit(),
                    selected,
                    distinct);
        }

        /// The frame rate on a recording of a run; empty without one.
        public static Optional<Shown> rate(AnalysedRun run) {
            return run.recorded()
                    .flatMap(numbers -> numbers.read().numbers().stream()
                            .filter(number -> number.kind() == OverlayKind.RATE)
                            .findFirst()
                            .map(number -> of(run, numbers, number, -1)));
        }

        double fromS() {
            return stands.getFirst().fromMs() / 1000;
        }

        double toS() {
            return stands.getLast().toMs() / 1000;
        }

        double most() {
            double pictures = Arrays.stream(perSecond).max().orElse(0);
            double said = stands.stream()
                    .filter(Stand::isRead)
                    .mapToDouble(Stand::value)
                    .max()
                    .orElse(0);
            return Math.max(said, pictures);
        }

        int at(double second) {
            for (int i = 0; i < stands.size(); i++) {
                if (second * 1000 < stands.get(i).toMs()) {
                    return i;
                }
            }
            return stands.size() - 1;
        }
    }

    private record Scale(double left, double right, double top, double bottom, double from, double to, double most) {
        double x(double second) {
            return left + (right - left) * (second - from) / (to - from);
        }

        double y(double value) {
            return bottom - (bottom - top) * value / most;
        }

        double second(double x) {
            return from + (to - from) * (x - left) / (right - left);
        }
    }

    /// @param chosen is told the reading that was clicked
    public CounterView(Theme theme, IntConsumer chosen) {
        super(theme, RecordedText.COUNTER_DESCRIBED);
        setId("counter-chart");
        setMinHeight(LEAST);
        setPrefHeight(240);
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            if (!shown.stands.isEmpty() && event.isPrimaryButtonDown()) {
                chosen.accept(shown.at(scale().second(event.getX())));
            }
        });
    }

    @Override
    protected void textScaled() {
        setMinHeight(scaled(LEAST));
    }

    /// Shows a number.
    public void show(Shown what) {
        shown = what;
        redraw();
    }

    private Scale scale() {
        return new Scale(
                scaled(LEFT),
                getWidth() - 10,
                scaled(TOP),
                getHeight() - scaled(BOTTOM),
                shown.fromS(),
                shown.toS(),
                Math.max(
                        1,
                        1.1
                                * Math.max(
                                        shown.most(),
                                        Arrays.stream(shown.perSecond).max().orElse(0))));
    }

    @Override
    public Optional<DataTable> data() {
        if (shown.stands.isEmpty()) {
            return Optional.empty();
        }
        DataTable.Builder table = new DataTable.Builder("from_ms", "to_ms", "pictures", "value", "corrected");
        for (Stand stand : shown.stands) {
            boolean corrected = shown.corrected.contains(stand.fromMs());
            table.row(
                    Cell.of(stand.fromMs()),
                    Cell.of(stand.toMs()),
                    Cell.of(stand.pictures()),
                    Cell.of(stand.value()),
                    Boolean.toString(corrected));
        }
        return Optional.of(table.build());
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        if (shown.stands.isEmpty()) {
            return;
        }
        Scale scale = scale();
        bars(pen, scale);
        axes(pen, scale);
        open(pen, scale);
        steps(pen, scale);
        if (shown.selected >= 0) {
            Stand stand = shown.stands.get(shown.selected);
            pen.stroke(Role.INK);
            pen.lineWidth(1.4);
            double x = scale.x(stand.fromMs() / 1000);
            pen.strokeRect(x, scale.top, Math.max(2, scale.x(stand.toMs() / 1000) - x), scale.bottom - scale.top);
        }
        pen.lineWidth(1);
    }

    private void bars(Pen pen, Scale scale) {
        pen.fill(Role.BAND);
        for (int i = 0; i < shown.perSecond.length; i++) {
            double x = scale.x(i);
            double end = Math.min(scale.right, scale.x(i + 1.0));
            double gap = end - x > 6 ? 1.5 : 0;
            double y = scale.y(shown.perSecond[i]);
            pen.fillRect(x + gap, y, Math.max(0.5, end - x - 2 * gap), scale.bottom - y);
            pen.stroke(Role.FOAM);
            pen.lineWidth(2);
            pen.line(x + gap, y, end - gap, y);
        }
    }

    private void axes(Pen pen, Scale scale) {
        pen.lineWidth(1);
        pen.baseline(Baseline.CENTER);
        double step = Ticks.step(scale.most, 5);
        for (double value = 0; value < scale.most; value += step) {
            pen.stroke(Role.LINE);
            pen.line(scale.left, scale.y(value), scale.right, scale.y(value));
            pen.fill(Role.MUTED);
            pen.align(Align.RIGHT);
            pen.text(Numbers.text(value, step < 1 ? 1 : 0), scale.left - 6, scale.y(value));
        }
        pen.text(shown.unit, scale.left - 6, scaled(7));
        pen.align(Align.CENTER);
        double seconds = Ticks.step(scale.to - scale.from, 8);
        for (double at = Math.ceil(scale.from / seconds) * seconds; at < scale.to - seconds / 4; at += seconds) {
            pen.text(Numbers.text(at, seconds < 1 ? 1 : 0), scale.x(at), scale.bottom + scaled(10));
        }
        pen.align(Align.RIGHT);
        pen.text("s", scale.right, scale.bottom + scaled(10));
    }

    /// Stretches without a reading, hatched over the whole height.
    private void open(Pen pen, Scale scale) {
        pen.stroke(Role.WARM);
        pen.lineWidth(1);
        for (Stand stand : shown.stands) {
            if (!stand.isRead()) {
                double x = scale.x(stand.fromMs() / 1000);
                double wide = Math.max(2, scale.x(stand.toMs() / 1000) - x);
                double high = scale.bottom - scale.top;
                pen.clipped(x, scale.top, wide, high, () -> {
                    for (double at = x - high; at < x + wide; at += HATCH) {
                        pen.line(at, scale.bottom, at + high, scale.top);
                    }
                });
            }
        }
    }

    private void steps(Pen pen, Scale scale) {
        pen.stroke(Role.WATER);
        double before = Double.NaN;
        for (Stand stand : shown.stands) {
            double x = scale.x(stand.fromMs() / 1000);
            double y = scale.y(stand.value());
            if (stand.isRead()) {
                pen.lineWidth(1);
                if (!Double.isNaN(before)) {
                    pen.line(x, before, x, y);
                }
                pen.lineWidth(2.4);
                pen.line(x, y, scale.x(stand.toMs() / 1000), y);
            }
            if (shown.corrected.contains(stand.fromMs())) {
                pen.fill(Role.INK);
                pen.fillPolygon(
                        new double[] {x - 4, x + 4, x}, new double[] {scale.top - 8, scale.top - 8, scale.top - 1});
            }
            before = y;
        }
    }
}
