package app.fluss.app.examine;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Theme;
import app.fluss.files.draw.Marks;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Baseline;

/// What the shapes of the weave stand for.
final class Legend extends CanvasView {
    private static final double WIDTH = 330;
    private static final double HEIGHT = 16;

    Legend(Theme theme) {
        super(theme, ExamineText.SHAPES);
        textScaled();
    }

    @Override
    protected void textScaled() {
        setMinSize(scaled(WIDTH), scaled(HEIGHT));
        setMaxSize(scaled(WIDTH), scaled(HEIGHT));
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double unit = width / WIDTH;
        Marks.rendered(pen, 0, 2 * unit, 8 * unit, 11 * unit);
        Marks.generated(pen, 72 * unit, 2 * unit, 9 * unit, 12 * unit);
        Marks.held(pen, 148 * unit, 2 * unit, 14 * unit, 12 * unit);
        Marks.repeated(pen, 196 * unit, 2 * unit, 12 * unit, 12 * unit);
        Marks.lost(pen, 276 * unit, 4 * unit, 7 * unit);
        pen.fill(Role.MUTED);
        pen.baseline(Baseline.CENTER);
        String[] names = {
            ExamineText.RENDERED, ExamineText.GENERATED, ExamineText.HELD, ExamineText.REPEATED, ExamineText.LOST
        };
        double[] at = {13, 86, 166, 213, 284};
        for (int i = 0; i < names.length; i++) {
            pen.text(names[i], at[i] * unit, height / 2);
        }
    }
}
