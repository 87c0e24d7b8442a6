package app.fluss.app.pictures;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Theme;
import app.fluss.core.picture.PictureCount;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// How many images stayed for how many pictures of a clip.
final class HoldsView extends CanvasView {
    private static final int SHOWN = 8;

    private @Nullable PictureCount shown;

    HoldsView(Theme theme) {
        super(theme, PicturesText.HOW_LONG_IMAGES_STAYED);
        setMinHeight(110);
    }

    void show(PictureCount count) {
        shown = count;
        redraw();
    }

    @Override
    public Optional<DataTable> data() {
        return Optional.ofNullable(shown).map(count -> {
            DataTable.Builder table = new DataTable.Builder("stayed_for_pictures", "images");
            count.holds().forEach((pictures, images) -> table.row(Cell.of(pictures), Cell.of(images)));
            return table.build();
        });
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        PictureCount count = shown;
        if (count == null) {
            return;
        }
        int most = count.holds().values().stream()
                .mapToInt(Integer::intValue)
                .max()
                .orElse(1);
        double row = Math.min(scaled(22), height / Math.clamp(count.holds().size(), 1, SHOWN));
        double left = scaled(78);
        int at = 0;
        pen.baseline(Baseline.CENTER);
        for (Map.Entry<Integer, Integer> hold : count.holds().entrySet()) {
            if (at >= SHOWN) {
                return;
            }
            double y = (at + 0.5) * row;
            double length = (width - left - scaled(56)) * hold.getValue() / most;
            pen.fill(Role.MUTED);
            pen.align(Align.RIGHT);
            pen.text(
                    hold.getKey() == 1 ? PicturesText.PICTURE : PicturesText.PICTURES.formatted(hold.getKey()),
                    left - 6,
                    y);
            pen.fill(Role.WATER);
            pen.fillRect(left, y - row * 0.32, Math.max(1, length), row * 0.64);
            pen.fill(Role.INK);
            pen.align(Align.LEFT);
            pen.text(Integer.toString(hold.getValue()), left + length + 6, y);
            at++;
        }
    }
}
