package app.fluss.app.shell;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Theme;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import java.util.List;

/// Shows a study from afar: a row a scene, a mark a path, the higher the more often it was measured.
final class SketchView extends CanvasView {
    private static final double WIDTH = 96;
    private static final double HEIGHT = 42;
    private static final int FULL = 3;

    private final StudySketch sketch;

    SketchView(Theme theme, StudySketch sketch) {
        super(theme, ShellText.SKETCH_DESCRIBED.formatted(sketch.words()));
        this.sketch = sketch;
        Ems.fix(this, WIDTH);
        Ems.minHeight(this, HEIGHT);
        Ems.prefHeight(this, HEIGHT);
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double step =
                width / sketch.counts().stream().mapToInt(List::size).max().orElse(1);
        double line = height / Math.max(1, sketch.counts().size());
        for (int i = 0; i < sketch.counts().size(); i++) {
            List<Integer> row = sketch.counts().get(i);
            for (int k = 0; k < row.size(); k++) {
                mark(pen, k * step, (i + 1) * line, step, line, row.get(k));
            }
        }
    }

    private static void mark(Pen pen, double x, double foot, double step, double line, int runs) {
        double wide = Math.max(2, Math.min(step - 2, 1.5 * line));
        double high = (line - 2) * Math.min(FULL, runs) / FULL;
        pen.fill(runs < FULL ? Role.FOAM : Role.WATER);
        pen.fillRect(x, foot - 1 - high, wide, high);
    }
}
