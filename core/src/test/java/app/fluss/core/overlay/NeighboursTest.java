package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

/// Numbers in cells of one width with a label or unit beside them, drawn here as blocks of white.
class NeighboursTest {
    private static final int WIDTH = 100;
    private static final int HEIGHT = 20;
    private static final int GLYPH = 8;
    private static final int CELL = 10;
    private static final int PICTURES = 40;
    private static final String NAMES = "0123456789W#=";
    private static final char OTHER_TOO = '=';
    private static final Template.Frame FRAME = new Template.Frame(WIDTH, HEIGHT, 0, HEIGHT, 1);

    private static Neighbours neighbours() {
        List<Moments> all = new ArrayList<>();
        for (int t = 0; t < NAMES.length(); t++) {
            float[] look = new float[GLYPH * HEIGHT];
            int row = NAMES.charAt(t) == OTHER_TOO ? HEIGHT - 6 : t;
            Arrays.fill(look, row * GLYPH, (row + 6) * GLYPH, 1);
            byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];
            char name = NAMES.charAt(t) == OTHER_TOO ? GlyphClass.OTHER : NAMES.charAt(t);
            all.add(Moments.of(name, new Patch(GLYPH, look), FRAME, List.of(crop), new int[] {0}));
        }
        InkSearch.Found found = new InkSearch.Found(new Ink(255, 128, 128, 24), 0, HEIGHT - 1, 1);
        return new Neighbours(FRAME, Template.of(all, 1), found, 2);
    }

    /// A line in which the number is its first figures.
    private static PictureReading line(String text) {
        List<Glyph> glyphs = new ArrayList<>();
        int from = -1;
        int to = -1;
        for (int i = 0; i < text.length(); i++) {
            int t = NAMES.indexOf(text.charAt(i));
            if (t >= 0) {
                glyphs.add(new Glyph(t, i * CELL));
                boolean figure = Character.isDigit(text.charAt(i));
                boolean first = figure && from < 0;
                from = first ? i * CELL : from;
                to = first || (figure && to == (i - 1) * CELL + GLYPH) ? i * CELL + GLYPH : to;
            }
        }
        String number = text.substring(from / CELL, (to + CELL - GLYPH) / CELL);
        return new PictureReading(number, from, to, glyphs, new Span(to, to), true);
    }

    private static List<Boolean> sure(IntFunction<String> text) {
        PictureReading[] readings = new PictureReading[PICTURES];
        Arrays.setAll(readings, i -> line(text.apply(i)));
        neighbours().doubtStrangers(readings);
        return Arrays.stream(readings).map(PictureReading::sure).toList();
    }

    @Test
    void unitsAndLabelsThatAreAlwaysThereAreNoReasonToDoubt() {
        assertThat(sure(i -> "W " + (60 + i) + "#")).containsOnly(true);
        assertThat(sure(i -> (95 + i) + "W")).containsOnly(true);
    }

    @Test
    void lettersOfAUnitThatTouchOnSomePicturesAreOneUnit() {
        assertThat(sure(i -> (60 + i) + (i % 2 == 0 ? "#" : "="))).containsOnly(true);
        List<Boolean> sure = sure(i -> (60 + i) + (i % 20 == 0 ? "=" : "#"));
        for (int i = 0; i < PICTURES; i++) {
            assertThat(sure.get(i)).isEqualTo(i % 20 != 0);
        }
    }

    @Test
    void whatStandsInAUnitThatEndsWhereItAlwaysDoesIsAPartOfIt() {
        List<Boolean> sure = sure(i -> (60 + i) + (i % 20 == 0 ? "=W" : "#W"));
        assertThat(sure).containsOnly(true);
        sure = sure(i -> i % 20 == 0 ? "6=#W" : (60 + i) + "#W");
        for (int i = 0; i < PICTURES; i++) {
            assertThat(sure.get(i)).as("the unit is farther").isEqualTo(i % 20 != 0);
        }
    }

    @Test
    void aLetterThatIsSometimesThereMayBeAFigure() {
        List<Boolean> sure = sure(i -> i % 5 == 0 ? "9#" : "9" + i % 10);
        for (int i = 0; i < PICTURES; i++) {
            assertThat(sure.get(i)).isEqualTo(i % 5 != 0);
        }
    }

    @Test
    void aLetterWithFiguresOnBothSidesIsOne() {
        List<Boolean> sure = sure(i -> i % 20 == 0 ? "12" : i % 2 == 0 ? "1#5" : "1#");
        for (int i = 0; i < PICTURES; i++) {
            assertThat(sure.get(i)).isEqualTo(i % 20 == 0);
        }
    }

    /// @param inkFrom first column of a block of white
    private static byte[] picture(int inkFrom) {
        byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];
        Arrays.fill(crop, (byte) 128);
        for (int y = 0; y < HEIGHT; y++) {
            Arrays.fill(crop, y * WIDTH + inkFrom, y * WIDTH + inkFrom + 4, (byte) 255);
        }
        return crop;
    }

    private static boolean[] more(List<List<byte[]>> stands) {
        Neighbours neighbours = neighbours();
        int columns = neighbours.columns(new PictureReading[] {line("12")});
        return neighbours.haveMore(
                stands.stream()
                        .map(crops -> neighbours.staying(crops, line("12"), columns))
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
    void figuresStandAsFarBesideANumberAsWithinIt() {
        Neighbours neighbours = neighbours();
        PictureReading close = line("12");
        PictureReading far =
                new PictureReading("12", 0, 24, List.of(new Glyph(1, 0), new Glyph(2, 16)), new Span(24, 24), true);
        assertThat(neighbours.columns(new PictureReading[] {close})).isEqualTo(GLYPH + 2);
        assertThat(neighbours.columns(new PictureReading[] {far, far, close})).isEqualTo(2 * GLYPH);
        assertThat(neighbours.columns(new PictureReading[] {line("7")})).isEqualTo(HEIGHT / 2);
    }

    @Test
    void whatStandsBesideEveryNumberIsNoFigure() {
        byte[] beside = picture(line("12").to() + 3);
        List<byte[]> unit = List.of(beside, beside);
        assertThat(more(List.of(unit, unit, List.of(picture(line("12").to() + 4)), unit)))
                .containsOnly(false);
    }
}
