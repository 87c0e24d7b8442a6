package app.fluss.files.chart;

import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.Stutters;
import app.fluss.core.measure.Ticks;
import app.fluss.core.toggle.ToggleStretch;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.List;

/// Frame time over elapsed time: what each moment's frames took as a line, where their 5 % and 95 %
/// quantiles lie as a band, stutters as diamonds.
///
/// @param band frame times, ready to draw
/// @param stutters among them
/// @param sections marked stretches
/// @param toggles stretches with the path on or off, on the clock of the band
/// @param fromMs where what is shown begins, elapsed
/// @param toMs where it ends, above `fromMs` unless there are no frame times
/// @param none what is said where there are no frame times
public record FrameTimesChart(
        BandLevels band,
        Stutters stutters,
        List<Section> sections,
        List<ToggleStretch> toggles,
        double fromMs,
        double toMs,
        String none)
        implements Chart {
    private static final double LEFT = 44;
    private static final double RIGHT = 10;
    private static final double TOP = 16;
    private static final double BOTTOM = 20;
    private static final double HEIGHT = 190;
    private static final double COLUMN = 4;

    /// Keeps copies.
    public FrameTimesChart {
        sections = List.copyOf(sections);
        toggles = List.copyOf(toggles);
    }

    @Override
    public String name() {
        return "Frame time over time";
    }

    /// How many frames are shown.
    public int frames() {
        return Math.max(0, Math.min(band.intervalAfter(toMs), band.times().size()) - band.intervalAfter(fromMs));
    }

    /// Every frame that is shown.
    @Override
    public DataTable data() {
        DataTable.Builder table = new DataTable.Builder("elapsed_ms", "frame_time_ms");
        int last = Math.min(band.intervalAfter(toMs), band.times().size());
        for (int i = band.intervalAfter(fromMs); i < last; i++) {
            table.row(Cell.of(band.endMs(i)), Cell.of(band.times().at(i)));
        }
        return table.build();
    }

    @Override
    public double height(double scale) {
        return HEIGHT * scale;
    }

    /// How wide the plot itself is, px.
    ///
    /// @param width of the chart
    /// @param scale size of text, times the usual
    public static double plotWidth(double width, double scale) {
        return Math.max(1, width - (LEFT + RIGHT) * scale);
    }

    /// The time at a place.
    ///
    /// @param width of the chart
    /// @param scale size of text, times the usual
    public double msAt(double x, double width, double scale) {
        return time(width, scale).value(x);
    }

    private Axis time(double width, double scale) {
        return new Axis(fromMs, toMs, LEFT * scale, LEFT * scale + plotWidth(width, scale));
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        if (band.elapsedMs() == 0) {
            pen.fill(Role.MUTED);
            pen.baseline(Baseline.TOP);
            pen.align(Align.LEFT);
            pen.text(none, pen.scaled(LEFT), pen.scaled(TOP));
            return;
        }
        BandLevels.Columns columns = new BandLevels.Columns((int) plotWidth(width, pen.scaled(1)));
        band.fill(fromMs, toMs, columns);
        new Drawn(pen, columns, width, height).draw();
    }

    /// One drawing of it.
    private final class Drawn {
        private final Pen pen;
        private final BandLevels.Columns columns;
        private final Axis time;
        private final Axis frame;
        private final double longest;
        private final double width;
        private final double height;
        private final double top;
        private final double bottom;

        Drawn(Pen pen, BandLevels.Columns columns, double width, double height) {
            this.pen = pen;
            this.columns = columns;
            this.width = width;
            this.height = height;
            top = pen.scaled(TOP);
            bottom = height - pen.scaled(BOTTOM);
            longest = ceiling();
            time = time(width, pen.scaled(1));
            frame = new Axis(0, longest, bottom, top);
        }

        /// The top of the axis: the longest frame shown, rounded up to a mark.
        private double ceiling() {
            double most = 1;
            for (int x = 0; x < columns.width(); x++) {
                most = columns.max(x) > most ? columns.max(x) : most;
            }
            return Ticks.roundUp(most * 1.05);
        }

        void draw() {
            pen.baseline(Baseline.TOP);
            pen.align(Align.LEFT);
            toggles.forEach(this::toggle);
            sections.forEach(this::section);
            axes();
            levels();
            stutters();
        }

        private double within(double ms) {
            return Math.clamp(time.at(ms), time.start(), time.end());
        }

        /// A stretch with the path on is tinted, one with it off is not; what settles between them is
        /// neither.
        private void toggle(ToggleStretch stretch) {
            double from = within(stretch.fromMs());
            double to = within(stretch.toMs());
            if (to > from) {
                pen.fill(stretch.on() ? Role.FOAM : Role.RAISED, 0.3);
                pen.fillRect(from, top, to - from, bottom - top);
                pen.fill(Role.MUTED);
                pen.text(stretch.on() ? "on" : "off", from + 4, 0);
            }
        }

        private void section(Section section) {
            double from = within(section.fromMs());
            double to = within(section.toMs());
            if (to > from) {
                pen.fill(Role.RAISED, 0.45);
                pen.fillRect(from, top, to - from, bottom - top);
                pen.fill(Role.WARM);
                pen.fillRect(from, top - 3, to - from, 3);
                pen.text(section.name(), from + 4, 0);
            }
        }

        private void axes() {
            pen.stroke(Role.LINE);
            pen.lineWidth(1);
            pen.fill(Role.MUTED);
            pen.align(Align.RIGHT);
            pen.baseline(Baseline.CENTER);
            double step = Ticks.step(longest, 4);
            for (double ms = 0; ms <= longest + step / 100; ms += step) {
                double y = Math.rint(frame.at(ms)) + 0.5;
                pen.line(time.start(), y, time.end(), y);
                pen.text(pen.numbers().text(ms, 0) + (ms == 0 ? " ms" : ""), time.start() - 6, y);
            }
            pen.align(Align.CENTER);
            pen.baseline(Baseline.BOTTOM);
            double seconds = Ticks.step((toMs - fromMs) / 1000, Math.max(3, (int) (width / 110)));
            for (double s = Math.ceil(fromMs / 1000 / seconds) * seconds; s * 1000 <= toMs; s += seconds) {
                pen.text(
                        pen.numbers().text(s, seconds < 1 ? 1 : 0) + " s",
                        Math.clamp(time.at(s * 1000), time.start() + 10, width - 14),
                        height);
            }
        }

        private void levels() {
            int n = columns.width();
            double[] tops = new double[n];
            double[] heights = new double[n];
            for (int x = 0; x < n; x++) {
                tops[x] = frame.at(columns.p95(x));
                heights[x] = Math.max(1, frame.at(columns.p5(x)) - tops[x]);
            }
            pen.fill(Role.BAND);
            pen.fillColumns(time.start(), tops, heights);
            for (int x = 0; x < n; x++) {
                tops[x] = frame.at(columns.max(x));
                heights[x] = Math.max(1.4, frame.at(columns.min(x)) - tops[x]);
            }
            pen.fill(Role.WATER);
            pen.fillColumns(time.start(), tops, heights);
        }

        /// Of several stutters in one column the longest is marked: ten thousand diamonds above each other
        /// show no more, and take seconds to move.
        private void stutters() {
            pen.fill(Role.WARM);
            int marked = -1;
            int column = -1;
            for (int i = 0; i < stutters.count(); i++) {
                int interval = stutters.interval(i);
                double ms = band.endMs(interval);
                if (ms >= fromMs && ms <= toMs) {
                    int x = (int) (time.at(ms) / COLUMN);
                    if (x != column) {
                        stutter(marked);
                        column = x;
                        marked = interval;
                    } else if (band.times().at(interval) > band.times().at(marked)) {
                        marked = interval;
                    }
                }
            }
            stutter(marked);
        }

        private void stutter(int interval) {
            if (interval >= 0) {
                double x = time.at(band.endMs(interval));
                double y = Math.max(top, frame.at(band.times().at(interval)) - 4);
                pen.fillPolygon(new double[] {x - 4, x, x + 4, x}, new double[] {y, y - 5, y, y + 5});
            }
        }
    }
}
