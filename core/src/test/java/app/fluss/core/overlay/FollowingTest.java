package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Numbers of figures 10 px high, each 8 px from the next, that begin at column 20.
class FollowingTest {
    private static final int HEIGHT = 10;
    private static final int FROM = 20;

    /// @param gap columns to what follows
    /// @param width of what follows, px
    private static PictureReading number(int figures, int gap, int width) {
        return number("7".repeat(figures), figures, gap, width);
    }

    private static PictureReading number(String text, int figures, int gap, int width) {
        int to = FROM + 8 * figures;
        return new PictureReading(text, FROM, to, List.of(), new Span(to + gap, to + gap + width), true);
    }

    private static boolean isSure(List<PictureReading> usual, PictureReading odd) {
        List<PictureReading> all = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            all.add(usual.get(i % usual.size()));
        }
        all.add(new PictureReading("9", FROM, odd.to(), odd.glyphs(), odd.after(), true));
        PictureReading[] readings = all.toArray(PictureReading[]::new);
        new Following(HEIGHT).doubtMore(readings);
        assertThat(Arrays.stream(readings).limit(30)).allMatch(PictureReading::sure);
        return readings[30].sure();
    }

    @Test
    void aFigureMayHaveBeenTakenForTheLetterThatTheUnitBeginsWith() {
        List<PictureReading> usual = List.of(number(2, 2, 15), number(1, 2, 15));
        assertThat(isSure(usual, number(2, 2, 23))).as("101fps as 10").isFalse();
        assertThat(isSure(usual, number(2, 3, 15))).isTrue();
        assertThat(isSure(usual, number(2, 2, 6)))
                .as("a unit not made out to its end")
                .isTrue();
    }

    @Test
    void whatBeginsNearerThanTheUnitIsAFigure() {
        List<PictureReading> usual = List.of(number(2, 9, 15), number(1, 9, 15));
        assertThat(isSure(usual, number(2, 2, 7))).isFalse();
        assertThat(isSure(List.of(number(2, 0, 0)), number(2, 2, 7)))
                .as("no unit")
                .isFalse();
    }

    @Test
    void aUnitJustTooFarOffToBeToldByItsHeightIsThereAsAGlyph() {
        List<PictureReading> usual = List.of(number(2, 13, 15), number(1, 13, 15));
        int to = FROM + 2 * 8;
        Span nothing = new Span(to, to);
        List<Glyph> unit = List.of(new Glyph(0, FROM), new Glyph(1, to + 14));
        assertThat(isSure(usual, new PictureReading("77", FROM, to, unit, nothing, true)))
                .isTrue();
        assertThat(isSure(usual, new PictureReading("77", FROM, to, unit.subList(0, 1), nothing, true)))
                .as("no unit")
                .isFalse();
    }

    @Test
    void aUnitMayKeepToItsPlace() {
        List<PictureReading> fixed = List.of(number(3, 9, 15), number(2, 17, 15));
        assertThat(isSure(fixed, number(1, 25, 15))).isTrue();
        assertThat(isSure(fixed, number(2, 17, 24))).as("beyond it").isFalse();
    }

    @Test
    void lettersThatBreakOnMostPicturesAreNoFigure() {
        PictureReading[] readings = new PictureReading[60];
        Arrays.setAll(readings, i -> number(1 + i / 30, 2, i % 15 == 3 ? 30 : 15));
        new Following(HEIGHT).doubtMore(readings);
        assertThat(readings).allMatch(PictureReading::sure);
    }
}
