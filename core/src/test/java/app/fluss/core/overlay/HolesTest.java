package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/// Figures drawn in signs: # ink, + half as much, and scene as bright as them within.
class HolesTest {
    private static final int LARGE = 30;
    private static final int SMALL = 14;

    private static final List<String> ZERO = List.of(
            ".########.", //
            "##......##",
            "##.+##+.##",
            "##.+##+.##",
            "##......##",
            ".########.");

    private static final List<String> TWO = List.of(
            "########..", //
            "......##..",
            ".##...##..",
            ".##...##..",
            "......##..",
            "##########");

    private static final List<String> EMPTIED = List.of(
            ".########.", //
            "##......##",
            "##......##",
            "##......##",
            "##......##",
            ".########.");

    private static Patch patch(List<String> lines) {
        int width = lines.getFirst().length();
        float[] shares = new float[width * lines.size()];
        for (int i = 0; i < shares.length; i++) {
            char sign = lines.get(i / width).charAt(i % width);
            shares[i] = sign == '#' ? 1 : sign == '+' ? 0.4F : 0;
        }
        return new Patch(width, shares);
    }

    private static float[] emptied(List<String> lines, int figureHeight) {
        return Holes.emptied(patch(lines), figureHeight).shares();
    }

    @Test
    void whatStandsInAHoleIsNoneOfTheFigure() {
        assertThat(emptied(ZERO, LARGE)).containsExactly(patch(EMPTIED).shares());
    }

    @Test
    void aStrokeAcrossAHoleIs() {
        List<String> eight = ZERO.stream()
                .map(line -> line.replace("+##+", "####").replace(".####.", "######"))
                .toList();
        assertThat(emptied(eight, LARGE)).containsExactly(patch(eight).shares());
    }

    @Test
    void whatStandsBesideStrokesThatEncloseNothingIsLeft() {
        assertThat(emptied(TWO, LARGE)).containsExactly(patch(TWO).shares());
    }

    @Test
    void inASmallFigureItMayBeAPieceOfIt() {
        assertThat(emptied(ZERO, SMALL)).containsExactly(patch(ZERO).shares());
    }
}
