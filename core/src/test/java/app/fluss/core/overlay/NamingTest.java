package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.work.Progress;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// Figures drawn here as bars: a 7 with its bar and a stroke that leans, a 1 with a flag and an upright stroke.
class NamingTest {
    private static final int WIDTH = 8;
    private static final int ROWS = 20;
    private static final int TOP = 2;
    private static final int HEIGHT = 16;
    private static final int FOOTED = 60;
    private static final int FOOT = 40;
    private static final int NARROW = 42;
    private static final int NARROW_ROW = 130;

    private static Patch seven() {
        float[] ink = new float[WIDTH * ROWS];
        for (int y = TOP; y < TOP + HEIGHT; y++) {
            int stroke = 6 - (y - TOP) * 4 / HEIGHT;
            for (int x = 0; x < WIDTH; x++) {
                boolean bar = y < TOP + 2;
                ink[y * WIDTH + x] = bar || x == stroke || x == stroke + 1 ? 1 : 0;
            }
        }
        return new Patch(WIDTH, ink);
    }

    private static Patch one() {
        float[] ink = new float[WIDTH * ROWS];
        for (int y = TOP; y < TOP + HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                ink[y * WIDTH + x] = x >= 5 && x <= 6 || y == TOP + 3 && x > 1 && x < 5 ? 1 : 0;
            }
        }
        return new Patch(WIDTH, ink);
    }

    private static Cluster cluster(Patch look) {
        return cluster(look, 4);
    }

    private static Cluster cluster(Patch look, int members) {
        Cluster cluster = new Cluster(look, false);
        for (int i = 0; i < members; i++) {
            cluster.add(look, new Cluster.Place(i, new Box(0, TOP, WIDTH - 1, TOP + HEIGHT - 1)));
        }
        return cluster;
    }

    private static Naming naming(GlyphNamer namer, FigureShapes shapes) {
        return new Naming(namer, shapes, WIDTH, ROWS, TOP, HEIGHT, 2, Cluster::mean);
    }

    private static byte[] packed(char name, Patch look) {
        return FigureShapes.packed(name, FigureShapes.normal(look.shares(), look.width(), TOP, HEIGHT));
    }

    /// Names them where an engine takes everything for one character.
    private static List<Character> names(String engine, List<GlyphClass> told, Patch... looks) {
        ByteArrayOutputStream shapes = new ByteArrayOutputStream();
        shapes.writeBytes(packed('7', seven()));
        shapes.writeBytes(packed('1', one()));
        List<Cluster> clusters = new ArrayList<>();
        for (Patch look : looks) {
            clusters.add(cluster(look));
        }
        GlyphNamer namer = (_, width, _, layout) ->
                layout == GlyphNamer.Layout.GLYPH ? engine : engine.repeat(width > 100 ? 5 : 1);
        naming(namer, new FigureShapes(shapes.toByteArray(), FigureNet.NONE))
                .name(clusters, List.of(), told, Progress.NONE);
        return clusters.stream().map(Cluster::name).toList();
    }

    @Test
    void aSevenThatTheEngineTakesForAOneIsTold() {
        assertThat(names("1", List.of(), seven(), one())).containsExactly('7', '1');
    }

    /// A number would lose its point.
    @Test
    void aFigureThatAPointTouchesIsNone() {
        int wide = WIDTH + 2;
        float[] ink = new float[wide * ROWS];
        for (int y = 0; y < ROWS; y++) {
            System.arraycopy(seven().shares(), y * WIDTH, ink, y * wide, WIDTH);
        }
        Patch pointed = with(new Patch(wide, ink), WIDTH, wide - 1, TOP + HEIGHT - 3, TOP + HEIGHT - 1);
        assertThat(names("1", List.of(), pointed)).as("by itself").containsExactly('7');
        assertThat(names("1", List.of(), pointed, seven())).containsExactly((char) 0, '7');
        Patch stroke = with(new Patch(wide, ink), wide - 1, wide - 1, TOP, TOP + HEIGHT - 1);
        assertThat(names("1", List.of(), stroke, seven())).as("no point").doesNotContain((char) 0);
        Patch bar = with(new Patch(wide, ink), WIDTH, wide - 1, TOP + HEIGHT - 5, TOP + HEIGHT - 5);
        assertThat(names("1", List.of(), bar, seven())).as("above the ground").doesNotContain((char) 0);
    }

    @Test
    void whatTheOpinionsDifferOnStaysOpen() {
        assertThat(names("Z", List.of(), seven(), one())).containsExactly((char) 0, (char) 0);
    }

    @Test
    void theAnalystIsAskedLastAndHeardFirst() {
        List<GlyphClass> told = List.of(new GlyphClass('4', seven(), 3), new GlyphClass(GlyphClass.OTHER, one(), 3));
        assertThat(names("1", told, seven(), one())).containsExactly('4', GlyphClass.OTHER);
    }

    /// A 9 as a frame with a stem on the right, and a foot.
    private static Patch nine() {
        float[] ink = new float[WIDTH * ROWS];
        for (int y = TOP; y < TOP + HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                boolean side = x < 2 && y < TOP + 8;
                boolean bar = y < TOP + 2 || y == TOP + 7 || y >= TOP + HEIGHT - 2;
                ink[y * WIDTH + x] = side || bar || x >= WIDTH - 2 ? 1 : 0;
            }
        }
        return new Patch(WIDTH, ink);
    }

    /// Names a 9, and the same without its left side, where the engine takes what is light for a 3 and that shape is
    /// nearly as near to it as that of a 1.
    private static List<Character> namesOfBroken(boolean withWhole) {
        Patch broken = nine().part(2, WIDTH - 2);
        ByteArrayOutputStream shapes = new ByteArrayOutputStream();
        shapes.writeBytes(packed('9', nine()));
        shapes.writeBytes(packed('1', with(broken, 0, 3, 12, 13)));
        shapes.writeBytes(packed('3', with(broken, 0, 2, 12, 14)));
        List<Cluster> clusters = withWhole ? List.of(cluster(nine()), cluster(broken)) : List.of(cluster(broken));
        GlyphNamer namer = (_, width, _, layout) -> {
            boolean row = layout != GlyphNamer.Layout.GLYPH;
            String name = width > (row ? NARROW_ROW : NARROW) ? "9" : "3";
            return row ? name.repeat(5) : name;
        };
        naming(namer, new FigureShapes(shapes.toByteArray(), FigureNet.NONE))
                .name(clusters, List.of(), List.of(), Progress.NONE);
        return clusters.stream().map(Cluster::name).toList();
    }

    @Test
    void aNineWithoutItsLeftSideIsNoThree() {
        assertThat(namesOfBroken(false)).containsExactly('3');
        assertThat(namesOfBroken(true)).containsExactly('9', (char) 0);
    }

    private static Patch with(Patch look, int left, int right, int top, int bottom) {
        float[] ink = look.shares().clone();
        for (int y = top; y <= bottom; y++) {
            Arrays.fill(ink, y * look.width() + left, y * look.width() + right + 1, 1);
        }
        return new Patch(look.width(), ink);
    }

    /// A face whose 9 looks more like a 7 of other faces than like their 9. The engine knows it by its foot.
    private static List<Character> namesOfFooted(boolean withSeven) {
        Patch footed = with(seven(), 0, 1, 12, 16);
        ByteArrayOutputStream shapes = new ByteArrayOutputStream();
        shapes.writeBytes(packed('7', seven()));
        shapes.writeBytes(packed('9', with(footed, 0, 2, 5, 9)));
        List<Cluster> clusters = withSeven ? List.of(cluster(seven()), cluster(footed)) : List.of(cluster(footed));
        List<List<Naming.Placed>> lines = new ArrayList<>();
        clusters.forEach(one ->
                lines.add(List.of(new Naming.Placed(new Box(0, TOP, WIDTH - 1, TOP + HEIGHT - 1), one))));
        GlyphNamer namer = (grey, width, height, layout) -> {
            int dark = 0;
            for (int y = height / 2; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    dark += grey[y * width + x] == 0 ? 1 : 0;
                }
            }
            boolean row = width > 100;
            String name = dark > (row ? 5 : 1) * FOOTED ? "9" : "7";
            return row && layout == GlyphNamer.Layout.NUMBERS ? name.repeat(5) : name;
        };
        naming(namer, new FigureShapes(shapes.toByteArray(), FigureNet.NONE))
                .name(clusters, lines, List.of(), Progress.NONE);
        return clusters.stream().map(Cluster::name).toList();
    }

    @Test
    void whatTheEngineAlwaysSaysIsTheOnlyFigureLeft() {
        assertThat(namesOfFooted(true)).containsExactly('7', '9');
        assertThat(namesOfFooted(false)).as("it may be a 7").containsExactly((char) 0);
    }

    /// What coding leaves of a 7 now and then looks like a 2.
    private static List<Character> namesOfSmeared(int members) {
        float[] ink = seven().shares().clone();
        for (int i = (TOP + HEIGHT - 2) * WIDTH; i < (TOP + HEIGHT) * WIDTH; i++) {
            ink[i] = Math.max(ink[i], 0.35F);
        }
        Patch smeared = new Patch(WIDTH, ink);
        ByteArrayOutputStream shapes = new ByteArrayOutputStream();
        shapes.writeBytes(packed('7', seven()));
        shapes.writeBytes(packed('2', smeared));
        List<Cluster> clusters = List.of(cluster(seven(), 60), cluster(smeared, members));
        GlyphNamer namer = (grey, width, height, layout) -> {
            int foot = 0;
            for (int i = 3 * width * height / 4; i < width * height; i++) {
                foot += (grey[i] & 0xFF) < 250 ? 1 : 0;
            }
            boolean row = width > 100;
            String name = foot > (row ? 5 : 1) * FOOT ? "2" : "7";
            return row && layout == GlyphNamer.Layout.NUMBERS ? name.repeat(5) : name;
        };
        naming(namer, new FigureShapes(shapes.toByteArray(), FigureNet.NONE))
                .name(clusters, List.of(), List.of(), Progress.NONE);
        return clusters.stream().map(Cluster::name).toList();
    }

    @Test
    void ofTwoNamesForOneLookTheRareOneIsWrong() {
        assertThat(namesOfSmeared(5)).containsExactly('7', (char) 0);
        assertThat(namesOfSmeared(30)).as("either may be").containsExactly((char) 0, (char) 0);
    }

    /// Names a 7 where the engine says one thing, or nothing, and a net another.
    private static List<Character> names(String engine, FigureNet net) {
        List<Cluster> clusters = List.of(cluster(seven()));
        GlyphNamer namer = (_, width, _, layout) ->
                layout == GlyphNamer.Layout.GLYPH ? engine : engine.repeat(width > 100 ? 5 : 1);
        byte[] shapes = packed('7', seven());
        naming(namer, new FigureShapes(shapes, net)).name(clusters, List.of(), List.of(), Progress.NONE);
        return clusters.stream().map(Cluster::name).toList();
    }

    @Test
    void aNetThatIsSureNamesWhatTheEngineCannotRead() {
        assertThat(names("", Nets.saying('4'))).containsExactly('4');
        assertThat(names("7", Nets.saying('4')))
                .as("engine and shape say otherwise")
                .containsExactly('4');
        assertThat(names("", Nets.sayingNone())).containsExactly((char) 0);
    }

    @Test
    void whatANetIsSureIsNoFigureHasNoFiguresName() {
        assertThat(names("7", FigureNet.NONE)).containsExactly('7');
        assertThat(names("7", Nets.sayingNone())).containsExactly((char) 0);
        assertThat(names("W", Nets.sayingNone())).containsExactly('W');
    }

    /// A look that is a little darker on one side, by which a net tells it, in two ways as coding draws it anew.
    private static void add(Cluster cluster, boolean left, int members) {
        Random random = new Random(members);
        for (int i = 0; i < members; i++) {
            float[] ink = new float[WIDTH * ROWS];
            for (int k = 0; k < ink.length; k++) {
                boolean dark = k % WIDTH < WIDTH / 2 == left;
                boolean again = k / WIDTH % 4 == (i % 2 == 0 ? 0 : 2);
                ink[k] = (float) (0.3 + (dark ? 0.37 : 0) + (again ? 0.05 : 0) + 0.01 * random.nextGaussian());
            }
            cluster.add(new Patch(WIDTH, ink), new Cluster.Place(i, new Box(0, TOP, WIDTH - 1, TOP + HEIGHT - 1)));
        }
    }

    /// Names a 3 and a 9 that hardly differ.
    ///
    /// @param hidden members of the 3 that are a 9
    private static List<Character> namesOfAlike(int hidden) {
        Cluster three = new Cluster(new Patch(WIDTH, new float[WIDTH * ROWS]), false);
        add(three, true, 40);
        add(three, false, hidden);
        Cluster nine = new Cluster(new Patch(WIDTH, new float[WIDTH * ROWS]), false);
        add(nine, false, 40);
        FigureShapes shapes = new FigureShapes(packed('7', seven()), Nets.bySide('3', '9'));
        naming((_, _, _, _) -> "", shapes).name(List.of(three, nine), List.of(), List.of(), Progress.NONE);
        return List.of(three.name(), nine.name());
    }

    @Test
    void figuresThatLookAlikeKeepTheirNamesWhereEveryGroupOfTheirMembersIsOne() {
        assertThat(namesOfAlike(0)).containsExactly('3', '9');
        assertThat(namesOfAlike(6)).as("some of them are not").containsExactly((char) 0, '9');
    }
}
