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
    private static final String NAMES = "0123456789W#=M%";
    private static final int WIDE = 9;
    private static final char OTHER_TOO = '=';
    private static final Template.Frame FRAME = new Template.Frame(WIDTH, HEIGHT, 0, HEIGHT, 1);

    private static Neighbours neighbours() {
        List<Moments> all = new ArrayList<>();
        for (int t = 0; t < NAMES.length(); t++) {
            int width = "M%".indexOf(NAMES.charAt(t)) >= 0 ? WIDE : GLYPH;
            float[] look = new float[width * HEIGHT];
            int row = NAMES.charAt(t) == OTHER_TOO ? HEIGHT - 6 : t;
            Arrays.fill(look, row * width, (row + 6) * width, 1);
            byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];
            char name = NAMES.charAt(t) == OTHER_TOO ? GlyphClass.OTHER : NAMES.charAt(t);
            all.add(Moments.of(name, new Patch(width, look), FRAME, List.of(crop), new int[] {0}));
        }
        InkSearch.Found found = new InkSearch.Found(new Ink(255, 128, 128, 24), 0, HEIGHT - 1, 1);
        return new Neighbours(Template.of(all, 1), found, 2);
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
        return sureOf(i -> line(text.apply(i)));
    }

    private static List<Boolean> sureOf(IntFunction<PictureReading> reading) {
        PictureReading[] readings = new PictureReading[PICTURES];
        Arrays.setAll(readings, reading);
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
    void whatHasNoNameAndBeginsElsewhereThanTheUnitMayHaveAFigureInIt() {
        Glyph six = new Glyph(6, 0);
        Glyph near = new Glyph(NAMES.indexOf(OTHER_TOO), GLYPH + 6);
        PictureReading cut = new PictureReading("6", 0, GLYPH, List.of(six, near), new Span(GLYPH, GLYPH), true);
        List<Boolean> sure =
                sureOf(i -> i % 20 == 0 ? cut : line((60 + i) + (i % 2 == 0 ? "#" : String.valueOf(OTHER_TOO))));
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
    void aWideSignIsTheUnitWhereItStandsInItsPlace() {
        assertThat(sure(i -> (60 + i) + (i % 20 == 0 ? "%" : "#"))).containsOnly(true);
        List<Glyph> farther = List.of(new Glyph(6, 0), new Glyph(NAMES.indexOf('%'), GLYPH + 6));
        PictureReading cut = new PictureReading("6", 0, GLYPH, farther, new Span(GLYPH, GLYPH), true);
        List<Boolean> sure = sureOf(i -> i % 20 == 0 ? cut : line((60 + i) + "#"));
        for (int i = 0; i < PICTURES; i++) {
            assertThat(sure.get(i)).as("a figure may be before it").isEqualTo(i % 20 != 0);
        }
    }

    @Test
    void whatNoGlyphAccountsForBetweenANumberAndItsUnitMayBeAFigure() {
        PictureReading whole = line("10 W");
        int to = whole.to();
        PictureReading cut =
                new PictureReading("10", 0, to, whole.glyphs(), new Span(2 * CELL, 3 * CELL + GLYPH), true);
        List<Boolean> sure = sureOf(i -> i % 20 == 0 ? cut : line((60 + i) % 90 + 10 + "W"));
        for (int i = 0; i < PICTURES; i++) {
            assertThat(sure.get(i)).isEqualTo(i % 20 != 0);
        }
        PictureReading unitFarther =
                new PictureReading("10", 0, to, whole.glyphs(), new Span(3 * CELL, 3 * CELL + GLYPH), true);
        assertThat(sureOf(i -> i % 20 == 0 ? unitFarther : line((60 + i) % 90 + 10 + "W")))
                .containsOnly(true);
    }

    @Test
    void aLetterThatIsSometimesThereMayBeAFigure() {
        List<Boolean> sure = sure(i -> i % 5 == 0 ? "9#" : "9" + i % 10);
        for (int i = 0; i < PICTURES; i++) {
            assertThat(sure.get(i)).isEqualTo(i % 5 != 0);
        }
    }

    @Test
    void figuresBesideAWideLetterThatIsAlwaysThereAreStrokesOfItsUnit() {
        assertThat(sure(i -> (60 + i) + (i % 5 == 0 ? "M1" : "M#"))).containsOnly(true);
        assertThat(sure(i -> (60 + i) + (i % 5 == 0 ? "W1" : "W#")))
                .as("a letter no wider than figures may be one")
                .containsOnly(false);
    }

    @Test
    void aLetterWithFiguresOnBothSidesIsOne() {
        List<Boolean> sure = sure(i -> i % 20 == 0 ? "12" : i % 2 == 0 ? "1#5" : "1#");
        for (int i = 0; i < PICTURES; i++) {
            assertThat(sure.get(i)).isEqualTo(i % 20 == 0);
        }
    }
}
