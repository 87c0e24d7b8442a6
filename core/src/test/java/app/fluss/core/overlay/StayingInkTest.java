package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/// Numbers in cells of one width, drawn here as blocks of white, each figure 6 rows of its own.
class StayingInkTest {
    private static final int WIDTH = 100;
    private static final int HEIGHT = 20;
    private static final int GLYPH = 8;
    private static final int CELL = 10;
    private static final int WHITE = 255;
    private static final Template.Frame FRAME = new Template.Frame(WIDTH, HEIGHT, 0, HEIGHT, 1);

    private static StayingInk ink() {
        List<Moments> all = IntStream.range(0, 10)
                .mapToObj(t -> {
                    float[] look = new float[GLYPH * HEIGHT];
                    Arrays.fill(look, t * GLYPH, (t + 6) * GLYPH, 1);
                    byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];
                    return Moments.of((char) ('0' + t), new Patch(GLYPH, look), FRAME, List.of(crop), new int[] {0});
                })
                .toList();
        InkSearch.Found found = new InkSearch.Found(new Ink(WHITE, 128, 128, 24), 0, HEIGHT - 1, 1);
        return new StayingInk(FRAME, Template.of(all, 1), found);
    }

    /// A line that shows a number and nothing else.
    private static PictureReading line(String number) {
        List<Glyph> glyphs = IntStream.range(0, number.length())
                .mapToObj(i -> new Glyph(number.charAt(i) - '0', i * CELL))
                .toList();
        int to = (number.length() - 1) * CELL + GLYPH;
        return new PictureReading(number, 0, to, glyphs, new Span(to, to), true);
    }

    /// @param inkFrom first column of a block of white
    private static byte[] picture(int inkFrom) {
        return picture(inkFrom, WHITE);
    }

    /// The two figures of 12, and a block of some brightness.
    private static byte[] picture(int inkFrom, int brightness) {
        byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];
        Arrays.fill(crop, (byte) 128);
        for (int y = 0; y < HEIGHT; y++) {
            Arrays.fill(crop, y * WIDTH + inkFrom, y * WIDTH + inkFrom + 4, (byte) brightness);
        }
        for (int figure = 0; figure < 2; figure++) {
            for (int y = figure + 1; y < figure + 7; y++) {
                Arrays.fill(crop, y * WIDTH + figure * CELL, y * WIDTH + figure * CELL + GLYPH, (byte) WHITE);
            }
        }
        return crop;
    }

    private static boolean[] more(List<List<byte[]>> stands) {
        return more(stands, false);
    }

    private static boolean[] more(List<List<byte[]>> stands, boolean ended) {
        StayingInk ink = ink();
        int columns = ink.columns(new PictureReading[] {line("12")});
        return ink.haveMore(
                stands.stream()
                        .map(crops -> ink.beside(crops, line("12"), columns, ended))
                        .toList(),
                false);
    }

    @Test
    void inkThatStaysRightBesideANumberIsMoreOfIt() {
        byte[] beside = picture(line("12").to() + 3);
        byte[] behind = picture(line("12").to() + 20);
        List<byte[]> clear = List.of(behind, behind);
        assertThat(more(List.of(clear, clear, List.of(beside, beside)))).containsExactly(false, false, true);
        assertThat(more(List.of(clear, clear, List.of(beside, behind))))
                .as("what moves is not of the text")
                .containsOnly(false);
    }

    @Test
    void behindANumberThatHasAllItsDecimalsThereIsNoMoreOfIt() {
        List<byte[]> clear = List.of(picture(line("12").to() + 20));
        List<byte[]> beside = List.of(picture(line("12").to() + 3));
        assertThat(more(List.of(clear, clear, beside), true)).containsOnly(false);
    }

    @Test
    void whatIsOnlyNowAndThenAsBrightAsTheTextIsNoneOfIt() {
        int at = line("12").to() + 3;
        List<byte[]> clear = List.of(picture(at + 20), picture(at + 20), picture(at + 20));
        List<byte[]> scene = List.of(picture(at, 246), picture(at, 238), picture(at, WHITE));
        List<byte[]> text = List.of(picture(at, 250), picture(at, 252), picture(at, 247));
        assertThat(more(List.of(clear, clear, clear, clear, scene, text)))
                .containsExactly(false, false, false, false, false, true);
    }

    @Test
    void figuresStandAsFarBesideANumberAsWithinIt() {
        StayingInk ink = ink();
        PictureReading close = line("12");
        PictureReading far =
                new PictureReading("12", 0, 24, List.of(new Glyph(1, 0), new Glyph(2, 16)), new Span(24, 24), true);
        assertThat(ink.columns(new PictureReading[] {close})).isEqualTo(GLYPH + 2);
        assertThat(ink.columns(new PictureReading[] {far, far, close})).isEqualTo(2 * GLYPH);
        assertThat(ink.columns(new PictureReading[] {line("7")})).isEqualTo(HEIGHT / 2);
    }

    @Test
    void whatStandsBesideEveryNumberIsNoFigure() {
        byte[] beside = picture(line("12").to() + 3);
        List<byte[]> unit = List.of(beside, beside);
        assertThat(more(List.of(unit, unit, List.of(picture(line("12").to() + 4)), unit)))
                .containsOnly(false);
    }
}
