package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Numbers set here as faces set them: a 1 is narrow, other figures are wide, a point takes its own room.
class SpacingTest {
    private static final int HEIGHT = 16;
    private static final Template.Frame FRAME = new Template.Frame(90, 1, 0, 1, 1);
    private static final int WIDE = 9;
    private static final int NARROW = 3;
    private static final List<Template> TEMPLATES = templates();

    private static List<Template> templates() {
        List<Moments> all = new ArrayList<>();
        for (char name = '0'; name <= '9'; name++) {
            Patch look = new Patch(name == '1' ? NARROW : WIDE, new float[name == '1' ? NARROW : WIDE]);
            all.add(Moments.of(name, look, FRAME, List.of(new byte[Crops.PLANES * 90]), new int[] {0}));
        }
        return Template.of(all, 1);
    }

    /// @param monospaced whether every place is as wide as a wide figure with its gap
    private static NumberRun set(String text, boolean monospaced, boolean pointSeen) {
        List<Glyph> figures = new ArrayList<>();
        List<Boolean> points = new ArrayList<>();
        int x = 2;
        for (char c : text.toCharArray()) {
            if (c == '.') {
                points.set(points.size() - 1, pointSeen);
                x += monospaced ? WIDE + 2 : 4;
                continue;
            }
            int width = c == '1' ? NARROW : WIDE;
            figures.add(new Glyph(c - '0', monospaced ? x + (WIDE - width) / 2 : x));
            points.add(false);
            x += (monospaced ? WIDE : width) + 2;
        }
        points.removeLast();
        return new NumberRun(figures, points);
    }

    private static Spacing of(boolean monospaced, boolean pointSeen, String... texts) {
        List<NumberRun> runs = new ArrayList<>();
        for (String text : texts) {
            runs.add(set(text, monospaced, pointSeen));
        }
        return Spacing.of(runs, TEMPLATES, HEIGHT);
    }

    private static String read(Spacing spacing, String text, boolean monospaced, boolean pointSeen) {
        return set(text, monospaced, pointSeen).text(TEMPLATES, spacing);
    }

    @Test
    void pointsAreToldByTheirRoomInEveryFace() {
        for (boolean monospaced : new boolean[] {true, false}) {
            Spacing spacing = of(monospaced, true, "56.2", "30.1", "21.7", "48.0", "101.4", "99.6", "11.1");
            for (String text : new String[] {"56.2", "30.1", "11.1", "101.4", "210.0"}) {
                assertThat(read(spacing, text, monospaced, true))
                        .as("monospaced %s", monospaced)
                        .isEqualTo(text);
            }
            assertThat(read(spacing, "56.2", monospaced, false))
                    .as("not seen, but there is room")
                    .isEqualTo("56.2");
            assertThat(read(spacing, "562", monospaced, false)).isEqualTo("562");
            assertThat(spacing.isUsual("56.2")).isTrue();
            assertThat(spacing.isUsual("562")).as("all others have a point").isFalse();
            assertThat(spacing.isUsual("5.62")).isFalse();
        }
    }

    @Test
    void aPointWhereNoneCanBeAndNoneWhereItBelongsIsUnclear() {
        Spacing spacing = of(false, true, "56.2", "30.1", "21.7", "48.0", "99.6");
        NumberRun unseen = set("56.2", false, false);
        assertThat(unseen.isUnclear(TEMPLATES, spacing)).as("one may be hidden").isFalse();
        NumberRun elsewhere = new NumberRun(unseen.figures(), List.of(true, false));
        assertThat(elsewhere.isUnclear(TEMPLATES, spacing)).isTrue();
        assertThat(new NumberRun(unseen.figures(), List.of(true, true)).isUnclear(TEMPLATES, spacing))
                .as("something shines through")
                .isFalse();
    }

    @Test
    void aCounterMayDropItsPointAboveAHundred() {
        Spacing spacing = of(true, true, "56.2", "130", "21.7", "148", "104", "99.6", "117", "88.8");
        assertThat(spacing.isUsual("130")).isTrue();
        assertThat(read(spacing, "99.6", true, true)).isEqualTo("99.6");
        assertThat(read(spacing, "148", true, true)).isEqualTo("148");
    }

    @Test
    void aNumberHoldsTogetherWhereItsPointWasNotSeen() {
        List<Glyph> glyphs = set("56.1", true, false).figures();
        assertThat(NumberRun.of(glyphs, TEMPLATES, HEIGHT, Spacing.UNKNOWN))
                .as("two figures far apart")
                .hasSize(2);
        Spacing spacing = of(true, true, "56.2", "30.7", "21.7", "48.0", "101.4", "99.6");
        List<NumberRun> runs = NumberRun.of(glyphs, TEMPLATES, HEIGHT, spacing);
        assertThat(runs).hasSize(1);
        assertThat(runs.getFirst().text(TEMPLATES, spacing)).isEqualTo("56.1");
        assertThat(NumberRun.of(set("56.2..4", true, true).figures(), TEMPLATES, HEIGHT, spacing))
                .as("a figure farther off")
                .hasSize(2);
    }

    @Test
    void roomWithoutAPointIsALostOne() {
        assertThat(of(true, false, "56.2", "30.1", "21.7", "48.0", "99.6").isLost())
                .isTrue();
        assertThat(of(true, false, "56", "30", "21", "48", "99").isLost()).isFalse();
        assertThat(of(false, false, "561", "301", "211", "481", "991").isLost())
                .as("a narrow figure is no point")
                .isFalse();
    }

    @Test
    void whatShinesThroughBetweenFiguresIsNoPoint() {
        List<NumberRun> runs = new ArrayList<>();
        for (String text : new String[] {"89", "82", "70", "96"}) {
            runs.add(new NumberRun(set(text, false, false).figures(), List.of(true)));
        }
        assertThat(Spacing.of(runs, TEMPLATES, HEIGHT).isLost()).as("no room").isTrue();
        assertThat(of(false, true, "8.9", "8.2", "7.0", "9.6").isLost()).isFalse();
    }

    /// Ten times the number, if it is taken for one without a point.
    @Test
    void roomForAPointByOneMeasureOnlyIsUnclear() {
        Spacing spacing = of(false, true, "56.2", "30.7", "24.7", "48.0", "130.4", "99.6");
        double wide = spacing.cut() + 1;
        double apart = spacing.gapCut() + 1;
        assertThat(spacing.isUnclear(wide, 0, false, 1)).isTrue();
        assertThat(spacing.isUnclear(0, apart, false, 1)).isTrue();
        assertThat(spacing.isUnclear(0, 0, false, 1)).as("no room").isFalse();
        assertThat(spacing.isUnclear(wide, apart, false, 1))
                .as("room, and so a point")
                .isFalse();
        assertThat(spacing.isUnclear(wide, 0, true, 1)).as("a point was seen").isFalse();
        assertThat(spacing.isUnclear(wide, 0, false, 2))
                .as("no place of a point")
                .isFalse();
        assertThat(set("562", false, false).isUnclear(TEMPLATES, spacing)).isFalse();
    }
}
