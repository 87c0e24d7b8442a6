package app.fluss.app.theme;

import app.fluss.files.chart.Chart;
import app.fluss.files.draw.Pen;
import app.fluss.files.table.DataTable;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// Shows a chart.
///
/// @param <C> kind of chart
public class ChartView<C extends Chart> extends CanvasView {
    private final boolean ofItsOwnHeight;
    private @Nullable C chart;

    /// One that takes the room there is and shows nothing yet.
    ///
    /// @param name what it shows, for people who do not see it
    public ChartView(Theme theme, String name) {
        super(theme, name);
        ofItsOwnHeight = false;
    }

    /// One that is as high as its chart wants to be.
    public ChartView(Theme theme, C chart) {
        super(theme, chart.name());
        ofItsOwnHeight = true;
        this.chart = chart;
        setAccessibleText(chart.alternative());
        textScaled();
    }

    /// Shows a chart, or nothing.
    public final void show(@Nullable C now) {
        chart = now;
        if (now != null) {
            setAccessibleText(now.alternative());
        }
        redraw();
    }

    /// What is shown.
    protected final Optional<C> chart() {
        return Optional.ofNullable(chart);
    }

    @Override
    public final Optional<DataTable> data() {
        return chart().map(Chart::data);
    }

    @Override
    protected void textScaled() {
        chart().filter(_ -> ofItsOwnHeight).ifPresent(shown -> {
            setMinHeight(shown.height(scaled(1)));
            setPrefHeight(shown.height(scaled(1)));
        });
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        chart().ifPresent(shown -> shown.draw(pen, width, height));
    }
}
