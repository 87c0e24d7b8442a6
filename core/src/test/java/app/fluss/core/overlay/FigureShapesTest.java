package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import org.junit.jupiter.api.Test;

/// Shapes that are drawn here as bars.
class FigureShapesTest {
    private static final int WIDTH = 8;
    private static final int ROWS = 18;
    private static final int TOP = 2;
    private static final int HEIGHT = 14;

    /// A bar at the left, the right or the top of the place of a figure.
    private static float[] bar(int left, int right, int top, int bottom) {
        float[] shares = new float[WIDTH * ROWS];
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                shares[y * WIDTH + x] = 1;
            }
        }
        return shares;
    }

    private static float[] normal(float[] shares) {
        return FigureShapes.normal(shares, WIDTH, TOP, HEIGHT);
    }

    private static FigureShapes shapes() {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        packed.writeBytes(FigureShapes.packed('1', normal(bar(3, 5, TOP, TOP + HEIGHT))));
        packed.writeBytes(FigureShapes.packed('7', normal(bar(0, 8, TOP, TOP + 3))));
        packed.writeBytes(FigureShapes.packed('L', normal(bar(0, 8, TOP + 11, TOP + HEIGHT))));
        return new FigureShapes(packed.toByteArray(), FigureNet.NONE);
    }

    @Test
    void aGlyphIsNearestToItsOwnShape() {
        FigureShapes shapes = shapes();
        FigureShapes.Nearest upright = shapes.nearest(normal(bar(3, 5, TOP + 1, TOP + HEIGHT)));
        assertThat(upright.figure()).isEqualTo('1');
        assertThat(upright.any()).isEqualTo('1');
        assertThat(upright.clearance()).isGreaterThan(1.5);
        FigureShapes.Nearest foot = shapes.nearest(normal(bar(0, 7, TOP + 11, TOP + HEIGHT)));
        assertThat(foot.any()).isEqualTo('L');
        assertThat(foot.to('L')).isLessThan(foot.to(foot.figure()));
    }

    @Test
    void packedShapesComeBack() {
        float[] shape = normal(bar(1, 4, TOP, TOP + 9));
        FigureShapes one = new FigureShapes(FigureShapes.packed('4', shape), FigureNet.NONE);
        assertThat(one.nearest(shape).to('4')).as("four bits a pixel").isCloseTo(0, within(0.3));
    }

    @Test
    void withoutShapesThereIsNoOpinion() {
        assertThat((int) FigureShapes.NONE.nearest(normal(bar(0, 8, 0, 8))).figure())
                .isZero();
    }
}
