package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Numbers by nothing but where their figures stand.
class NumberPlaceTest {
    private static final int CELL = 10;
    private static final List<Template> TEMPLATES = templates();

    private static List<Template> templates() {
        Template.Frame frame = new Template.Frame(CELL, 1, 0, 1, 1);
        List<Moments> all = new ArrayList<>();
        for (char name = '0'; name <= '9'; name++) {
            Patch look = new Patch(CELL - 2, new float[CELL - 2]);
            all.add(Moments.of(name, look, frame, List.of(new byte[Crops.PLANES * CELL]), new int[] {0}));
        }
        return Template.of(all, 1);
    }

    /// Each number twice, as it stands for a while.
    private static boolean isStill(int[] lefts, String... texts) {
        List<NumberRun> runs = new ArrayList<>();
        for (int n = 0; n < 2 * texts.length; n++) {
            String text = texts[n / 2];
            List<Glyph> figures = new ArrayList<>();
            List<Boolean> points = new ArrayList<>();
            for (int i = 0; i < text.length(); i++) {
                figures.add(new Glyph(text.charAt(i) - '0', lefts[n / 2] + i * CELL));
                points.add(false);
            }
            points.removeLast();
            runs.add(new NumberRun(figures, points));
        }
        return NumberPlace.isStill(runs, TEMPLATES, 2 * CELL);
    }

    @Test
    void aUnitThatIsTakenForFiguresSaysTheSameInEveryPlace() {
        assertThat(isStill(new int[] {50, 60, 50, 60}, "11", "5", "11", "5")).isTrue();
    }

    @Test
    void aNumberChangesWhereItStands() {
        assertThat(isStill(new int[] {20, 22}, "59", "60")).isFalse();
        assertThat(isStill(new int[] {30, 20, 30}, "9", "10", "8"))
                .as("set to the right")
                .isFalse();
        assertThat(isStill(new int[] {20, 20, 20}, "60", "60", "60"))
                .as("nothing to tell it by")
                .isFalse();
    }
}
