package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// Numbers set in two faces from plain definitions: in one figures are as wide as they are, in the other each takes
/// as much room as the others.
class BearingsTest {
    private static final int HIGH = 16;
    private static final int POINT = 10;
    private static final int WIDEST = 12;

    /// Columns of ink of the figures 0 to 9, and of a point.
    private static final int[] INK = {8, 3, 8, 8, 9, 8, 8, 7, 8, 8, 2};

    private static final Template.Frame FRAME = new Template.Frame(WIDEST, 1, 0, 1, 1);
    private static final List<Template> TEMPLATES = Template.of(
            IntStream.range(0, INK.length).mapToObj(BearingsTest::moments).toList(), 1);

    private static Moments moments(int figure) {
        return Moments.of(
                figure == POINT ? '.' : (char) ('0' + figure),
                new Patch(INK[figure], new float[INK[figure]]),
                FRAME,
                List.of(new byte[Crops.PLANES * WIDEST]),
                new int[] {0});
    }

    /// White before the ink of a figure and after it.
    private interface Face {
        int white(int figure);
    }

    private static final Face OWN_WIDTHS = _ -> 1;
    private static final Face ONE_WIDTH = figure -> (14 - INK[figure]) / 2;

    /// A number as the face sets it; what stands at the place of the figure that is lost is not made out.
    private static PictureReading number(Face face, String text, int lost) {
        List<Glyph> glyphs = new ArrayList<>();
        StringBuilder read = new StringBuilder();
        int x = 20;
        for (int i = 0; i < text.length(); i++) {
            int figure = text.charAt(i) == '.' ? POINT : text.charAt(i) - '0';
            x += face.white(figure);
            if (i != lost) {
                glyphs.add(new Glyph(figure, x));
                read.append(text.charAt(i));
            }
            x += INK[figure] + face.white(figure);
        }
        int to = glyphs.getLast().left() + INK[glyphs.getLast().template()];
        return new PictureReading(read.toString(), glyphs.getFirst().left(), to, glyphs, new Span(to, to), true);
    }

    private static List<String> left(Stream<PictureReading> all) {
        PictureReading[] readings = all.toArray(PictureReading[]::new);
        new Bearings(HIGH, TEMPLATES).doubtWide(readings);
        return Arrays.stream(readings)
                .filter(PictureReading::sure)
                .map(PictureReading::text)
                .toList();
    }

    private static Stream<PictureReading> numbers(Face face, int from, int to) {
        return IntStream.range(from, to).mapToObj(value -> number(face, "" + value, -1));
    }

    @Test
    void numbersAreSetAsTheirFacesTell() {
        for (Face face : List.of(OWN_WIDTHS, ONE_WIDTH)) {
            assertThat(left(numbers(face, 87, 135))).hasSize(48);
        }
    }

    @Test
    void aNarrowFigureThatWasNotMadeOutLeavesTooMuchRoom() {
        for (Face face : List.of(OWN_WIDTHS, ONE_WIDTH)) {
            Stream<PictureReading> all = Stream.concat(
                    numbers(face, 87, 135).filter(one -> !one.text().equals("111")),
                    IntStream.range(0, 400).mapToObj(_ -> number(face, "111", 1)));
            assertThat(left(all)).hasSize(47).doesNotContain("11");
        }
    }

    @Test
    void ofAFigureSeenOnOneSideTheOtherIsAsWhite() {
        for (Face face : List.of(OWN_WIDTHS, ONE_WIDTH)) {
            Stream<PictureReading> all = Stream.concat(
                    Stream.of(109, 93, 153, 148, 160, 134, 107).map(value -> number(face, "" + value, -1)),
                    Stream.of(number(face, "111", 1), number(face, "118", -1)));
            assertThat(left(all)).hasSize(8).doesNotContain("11").contains("118");
        }
    }

    @Test
    void roomForAPointIsNotTooMuch() {
        Stream<PictureReading> decimals =
                IntStream.range(87, 135).mapToObj(value -> number(OWN_WIDTHS, value / 10 + "." + value % 10, -1));
        assertThat(left(decimals)).hasSize(48);
    }

    @Test
    void whatIsKnownOfOnePairOnlyIsNotJudged() {
        assertThat(left(Stream.of(number(OWN_WIDTHS, "141", 1)))).containsExactly("11");
    }
}
