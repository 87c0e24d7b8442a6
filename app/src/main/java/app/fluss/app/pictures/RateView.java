package app.fluss.app.pictures;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.toggle.ToggleStretch;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// Distinct pictures in each second of a clip, with what a counter said as a line across.
final class RateView extends CanvasView {
    private static final double LEFT = 34;

    private double[] rates = {};
    private double claimedFps = Double.NaN;
    private List<ToggleStretch> toggles = List.of();

    RateView(Theme theme) {
        super(theme, PicturesText.DISTINCT_DESCRIBED);
        setMinHeight(120);
    }

    /// @param stretches with the path on or off, on the clip's time
    void show(StoredPictures pictures, double claimed, List<ToggleStretch> stretches) {
        toggles = List.copyOf(stretches);
        rates = pictures.differences().perSecond(pictures.fps());
        claimedFps = claimed;
        redraw();
    }

    @Override
    public Optional<DataTable> data() {
        DataTable.Builder table = new DataTable.Builder("second", "distinct_pictures_per_s", "counter_per_s");
        for (int i = 0; i < rates.length; i++) {
            table.row(Cell.of(i + 1), Cell.of(rates[i]), Cell.of(claimedFps));
        }
        return rates.length == 0 ? Optional.empty() : Optional.of(table.build());
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double top = Math.max(Arrays.stream(rates).max().orElse(1), claimedFps > 0 ? claimedFps : 1) * 1.12;
        double left = scaled(LEFT);
        double bottom = height - scaled(18);
        double step = Math.min(scaled(96), (width - left - 8) / Math.max(1, rates.length));
        double worst = Arrays.stream(rates).min().orElse(0);
        pen.baseline(Baseline.CENTER);
        for (ToggleStretch stretch : toggles) {
            double from = left + stretch.fromMs() / 1000 * step;
            pen.fill(stretch.on() ? Role.FOAM : Role.RAISED, 0.3);
            pen.fillRect(from, 0, (stretch.toMs() - stretch.fromMs()) / 1000 * step, bottom);
            pen.fill(Role.MUTED);
            pen.align(Align.LEFT);
            pen.text(stretch.on() ? PicturesText.ON : PicturesText.OFF, from + 4, scaled(8));
        }
        pen.align(Align.CENTER);
        for (int i = 0; i < rates.length; i++) {
            double y = bottom - (bottom - 8) * rates[i] / top;
            boolean isWorst = rates[i] == worst;
            pen.fill(isWorst ? Role.SLATE : Role.FOAM);
            pen.fillRect(left + i * step + 2, y, Math.max(1, step - 4), bottom - y);
            if (isWorst) {
                pen.stroke(Role.INK);
                pen.strokeRect(left + i * step + 2, y, Math.max(1, step - 4), bottom - y);
            }
            pen.fill(Role.INK);
            if (step > scaled(26)) {
                pen.text(Numbers.text(rates[i], 0), left + (i + 0.5) * step, y + scaled(9));
            }
            pen.fill(Role.MUTED);
            pen.text((i + 1) + (i == 0 ? " s" : ""), left + (i + 0.5) * step, bottom + scaled(9));
        }
        pen.align(Align.RIGHT);
        pen.fill(Role.MUTED);
        pen.text("/s", left - 5, scaled(10));
        if (claimedFps > 0) {
            double y = bottom - (bottom - 8) * claimedFps / top;
            pen.stroke(Role.WARM);
            pen.dashes(6, 4);
            pen.line(left, y, width - 8, y);
            pen.dashes();
            pen.fill(Role.WARM);
            pen.text(PicturesText.COUNTER_SAID.formatted(Numbers.text(claimedFps, 1)), width - 10, y - scaled(9));
        }
    }
}
