package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/// Two bars within dark rims over a bright scene, with a gap between them that the rims fill.
class LineReaderTest {
    private static final int WIDTH = 30;
    private static final int ROWS = 12;
    private static final int FIRST = 5;
    private static final int BAR = 4;
    private static final int POINT = 3;
    private static final int SCENE = 215;
    private static final int RIM = 20;
    private static final int TEXT = 250;

    private static final Template.Frame FRAME = new Template.Frame(WIDTH, ROWS, 0, ROWS, 1);

    private static byte[] picture(boolean point) {
        byte[] crop = new byte[Crops.PLANES * WIDTH * ROWS];
        Arrays.fill(crop, (byte) 128);
        for (int y = 0; y < ROWS; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int at = x - FIRST;
                boolean rim = at >= -1 && at <= 2 * BAR + POINT;
                boolean bars = Math.abs(at - 1.5) < 2 || Math.abs(at - 8.5) < 2;
                boolean dot = point && y >= ROWS - 3 && at == 5;
                boolean ink = y > 0 && y < ROWS - 1 && (bars || dot);
                crop[y * WIDTH + x] = (byte) (ink ? TEXT : rim ? RIM : SCENE);
            }
        }
        return crop;
    }

    private static Moments glyph(char name, int left, int width) {
        byte[] crop = picture(true);
        float[] look = new float[width * ROWS];
        for (int i = 0; i < look.length; i++) {
            look[i] = (crop[i / width * WIDTH + left + i % width] & 0xFF) == TEXT ? 1 : 0;
        }
        return Moments.of(name, new Patch(width, look), FRAME, List.of(crop), new int[] {left});
    }

    private static String read(byte[] crop) {
        List<Template> templates =
                Template.of(List.of(glyph('1', FIRST, BAR), glyph('.', FIRST + BAR, POINT)), FRAME.planes());
        boolean[][] allowed = new boolean[2][WIDTH];
        allowed[0][FIRST] = true;
        allowed[0][FIRST + BAR + POINT] = true;
        allowed[1][FIRST + BAR] = true;
        LineReader reader = reader(templates, allowed);
        return reader.read(crop).runs().getFirst().text(templates, Spacing.UNKNOWN);
    }

    private static LineReader reader(List<Template> templates, boolean[][] allowed) {
        Scenery scenery = new Scenery(FRAME, new Background(new double[] {SCENE}, new double[] {24}), ROWS);
        InkSearch.Found found = new InkSearch.Found(new Ink(TEXT, 128, 128, 24), 1, ROWS - 2, 1);
        return new LineReader(
                FRAME,
                scenery,
                templates,
                allowed,
                new boolean[2 * WIDTH + 1],
                found,
                FigureShapes.NONE,
                new Span(0, WIDTH));
    }

    /// Whether the first bar is plainly a 1 beside a look without a name that fits as well.
    private static boolean isPlainBeside(FigureNet.@Nullable Guess guess) {
        List<Template> templates =
                Template.of(List.of(glyph('1', FIRST, BAR), glyph('\0', FIRST, BAR)), FRAME.planes());
        templates.getLast().learnGuess(guess);
        boolean[][] allowed = new boolean[2][WIDTH];
        allowed[0][FIRST] = true;
        allowed[1][FIRST] = true;
        LineReader reader = reader(templates, allowed);
        return reader.isPlain(reader.read(picture(false)).runs().getFirst());
    }

    private static FigureNet.Guess always(FigureNet net) {
        return net.guess(new float[FigureShapes.SIDE * FigureShapes.SIDE]);
    }

    @Test
    void aLookWithoutANameIsARivalOfAFigureThatTheNetDoesNotTakeItFor() {
        assertThat(isPlainBeside(null)).as("nobody was asked").isTrue();
        assertThat(isPlainBeside(always(Nets.saying('7')))).as("it may be a 7").isFalse();
        assertThat(isPlainBeside(always(Nets.saying('1')))).as("it is a 1, too").isTrue();
        assertThat(isPlainBeside(always(Nets.sayingNone())))
                .as("it is no figure")
                .isTrue();
    }

    @Test
    void aGapThatRimsFillIsNoPoint() {
        assertThat(read(picture(true))).isEqualTo("1.1");
        assertThat(read(picture(false))).isEqualTo("11");
    }
}
