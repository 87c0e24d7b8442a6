package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Numbers of figures ten columns wide and apart, sixteen high, of which some have lost one.
class AlignmentTest {
    private static final Span NOTHING = new Span(0, 0);
    private static final int HIGH = 16;
    private static final int STEP = 10;
    private static final Template.Frame FRAME = new Template.Frame(STEP, 1, 0, 1, 1);

    /// The letters of a unit, the first of which has no name now and then.
    private static final List<Template> UNIT = Template.of(
            List.of(
                    letter(GlyphClass.OTHER, 0),
                    letter((char) 0, 0),
                    letter('S', 0),
                    letter(GlyphClass.OTHER, 0.9F),
                    letter(GlyphClass.OTHER, 0.8F)),
            1);

    private static Moments letter(char name, float ink) {
        float[] look = new float[STEP * HIGH];
        Arrays.fill(look, ink);
        return Moments.of(name, new Patch(STEP, look), FRAME, List.of(new byte[Crops.PLANES * STEP]), new int[] {0});
    }

    private static PictureReading number(int from, int figures) {
        return new PictureReading("1".repeat(figures), from, from + STEP * figures, List.of(), NOTHING, true);
    }

    private static PictureReading withUnit(int from, int figures, int unit) {
        return new PictureReading(
                "1".repeat(figures), from, from + STEP * figures, List.of(new Glyph(0, unit)), NOTHING, true);
    }

    /// Pictures that show the same number.
    private record Times(int pictures, PictureReading number) {}

    private static Times times(int pictures, PictureReading number) {
        return new Times(pictures, number);
    }

    /// How many of each are left, one after the other.
    private static List<Integer> left(Times... all) {
        PictureReading[] readings = Arrays.stream(all)
                .flatMap(one -> Collections.nCopies(one.pictures, one.number).stream())
                .toArray(PictureReading[]::new);
        new Alignment(HIGH, UNIT).doubtStray(readings);
        List<Integer> left = new ArrayList<>();
        int from = 0;
        for (Times one : all) {
            int sure = 0;
            for (int i = from; i < from + one.pictures; i++) {
                sure += readings[i].sure() ? 1 : 0;
            }
            left.add(sure);
            from += one.pictures;
        }
        return left;
    }

    @Test
    void numbersOfAnyLengthStandOnOneEdge() {
        assertThat(left(times(60, number(40, 3)), times(40, number(40, 2)))).containsExactly(60, 40);
        assertThat(left(times(60, number(40, 3)), times(40, number(50, 2)))).containsExactly(60, 40);
        assertThat(left(times(60, number(40, 3)), times(40, number(45, 2)))).containsExactly(60, 40);
    }

    @Test
    void wideAndNarrowFiguresBeginWithinTheirSides() {
        assertThat(left(times(60, number(40, 3)), times(20, number(43, 3)), times(20, number(42, 2))))
                .containsExactly(60, 20, 20);
    }

    @Test
    void whatBeginsLaterThanAllHasLostItsFirstFigure() {
        assertThat(left(times(150, number(40, 3)), times(49, number(40, 2)), times(1, number(50, 2))))
                .containsExactly(150, 49, 0);
    }

    @Test
    void whereBothEdgesStrayWhatStandsOnBothIsLeft() {
        assertThat(left(times(80, number(40, 3)), times(10, number(40, 2)), times(10, number(50, 2))))
                .containsExactly(80, 0, 0);
    }

    @Test
    void longerNumbersOfTheCommonBeginLackNothing() {
        assertThat(left(
                        times(62, number(40, 2)),
                        times(26, number(40, 3)),
                        times(10, number(50, 1)),
                        times(2, number(40, 1))))
                .containsExactly(62, 26, 0, 0);
        assertThat(left(times(85, number(40, 2)), times(5, number(40, 4)), times(10, number(50, 1))))
                .as("a letter may have been taken for a figure now and then")
                .containsExactly(85, 0, 0);
    }

    @Test
    void numbersThatStandAnywhereAreLeftAlone() {
        assertThat(left(
                        times(25, number(0, 3)),
                        times(25, number(37, 2)),
                        times(25, number(74, 1)),
                        times(25, number(101, 3))))
                .containsOnly(25);
    }

    @Test
    void aUnitFartherOffThanAlwaysHidesTheLastFigure() {
        assertThat(left(times(60, withUnit(40, 3, 76)), times(30, withUnit(40, 2, 66)), times(10, withUnit(40, 2, 76))))
                .containsExactly(60, 30, 0);
    }

    @Test
    void aUnitThatStandsStillSaysNothing() {
        assertThat(left(times(60, withUnit(40, 3, 90)), times(40, withUnit(40, 2, 90))))
                .containsExactly(60, 40);
    }

    /// Two letters follow the number, the first of which has no name on some pictures; what has none may be a figure
    /// as well.
    @Test
    void aLetterOfTheUnitMayHaveNoName() {
        PictureReading three = follows(3, new Glyph(0, 76), new Glyph(2, 86));
        PictureReading two = follows(2, new Glyph(0, 66), new Glyph(2, 76));
        PictureReading nameless = follows(2, new Glyph(1, 66), new Glyph(2, 76));
        PictureReading hidden = follows(2, new Glyph(1, 66), new Glyph(0, 76), new Glyph(2, 86));
        assertThat(left(times(60, three), times(30, two), times(10, nameless), times(5, hidden)))
                .containsExactly(60, 30, 10, 0);
    }

    /// Two letters that are only known to be no figures, and two looks of the second: the first is not made out now and
    /// then.
    @Test
    void lettersWithoutANameOfTheirOwnAreToldByTheirLooks() {
        PictureReading three = follows(3, new Glyph(0, 76), new Glyph(3, 86));
        PictureReading two = follows(2, new Glyph(0, 66), new Glyph(3, 76));
        PictureReading second = follows(2, new Glyph(4, 76));
        PictureReading lacking = follows(2, new Glyph(4, 86));
        assertThat(left(times(60, three), times(30, two), times(6, second), times(4, lacking)))
                .containsExactly(60, 30, 6, 0);
    }

    /// A unit that is made out as two letters most of the time, and as one where the figure before it is not.
    @Test
    void aLetterThatIsSeldomMadeOutStandsNoFartherOff() {
        PictureReading two = follows(2, new Glyph(0, 66));
        PictureReading three = follows(3, new Glyph(0, 76));
        PictureReading seldom = follows(2, new Glyph(2, 66));
        PictureReading lacking = follows(2, new Glyph(2, 76));
        assertThat(left(times(60, three), times(30, two), times(2, seldom), times(6, lacking)))
                .containsExactly(60, 30, 2, 0);
    }

    private static PictureReading follows(int figures, Glyph... letters) {
        return new PictureReading("1".repeat(figures), 40, 40 + STEP * figures, List.of(letters), NOTHING, true);
    }
}
