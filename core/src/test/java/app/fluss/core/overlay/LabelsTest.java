package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.function.IntUnaryOperator;
import org.junit.jupiter.api.Test;

/// Lines of a label and a number, by nothing but where their glyphs stand.
class LabelsTest {
    private static final int SAMPLES = 40;
    private static final int HEIGHT = 20;
    private static final int WIDTH = 10;

    private static Cluster cluster(char name, IntPredicate in, IntUnaryOperator left) {
        return cluster(name, WIDTH, in, left);
    }

    private static Cluster cluster(char name, int width, IntPredicate in, IntUnaryOperator left) {
        Cluster cluster = new Cluster(new Patch(width, new float[width * HEIGHT]), false);
        fill(cluster, in, left);
        cluster.call(name);
        return cluster;
    }

    private static void fill(Cluster cluster, IntPredicate in, IntUnaryOperator left) {
        for (int i = 0; i < SAMPLES; i++) {
            if (in.test(i)) {
                Box box = new Box(left.applyAsInt(i), 0, left.applyAsInt(i) + cluster.width() - 1, HEIGHT - 1);
                cluster.add(cluster.mean(), new Cluster.Place(i, box));
            }
        }
    }

    private static List<Character> named(Cluster... clusters) {
        List<Cluster> all = List.of(clusters);
        new Labels(SAMPLES, HEIGHT, 2, all).name();
        return all.stream().map(Cluster::name).toList();
    }

    @Test
    void whatHasNoNameInALettersPlaceIsThatLetter() {
        Cluster letter = cluster('F', i -> i % 4 != 0, _ -> 10);
        Cluster unknown = cluster((char) 0, i -> i % 4 == 0, _ -> 11);
        Cluster elsewhere = cluster((char) 0, i -> i % 4 == 1, _ -> 14);
        assertThat(named(letter, unknown, elsewhere)).containsExactly('F', 'F', (char) 0);
    }

    @Test
    void aFigureThatStandsOnlyWhereALetterDoesIsNone() {
        Cluster letter = cluster('S', i -> i != 7, _ -> 10);
        assertThat(named(letter, cluster('8', i -> i == 7, _ -> 11))).containsExactly('S', 'S');
        Cluster often = cluster('S', i -> i % 10 != 0, _ -> 10);
        assertThat(named(often, cluster('8', i -> i % 10 == 0, _ -> 11))).containsExactly('S', '8');
        assertThat(named(letter, cluster('8', i -> i == 7 || i == 8, i -> i == 7 ? 11 : 30)))
                .containsExactly('S', '8');
    }

    @Test
    void aRareLookOfALetterWhereFiguresStandHasNoName() {
        Cluster letter = cluster('S', _ -> true, _ -> 60);
        Cluster figure = cluster('3', i -> i != 7, i -> i % 2 == 0 ? 10 : 20);
        assertThat(named(letter, figure, cluster('S', i -> i == 7, _ -> 21))).containsExactly('S', '3', (char) 0);
        assertThat(named(letter, figure, cluster('S', i -> i == 7, _ -> 40)))
                .as("elsewhere")
                .containsExactly('S', '3', 'S');
    }

    @Test
    void whatHasTheInkOfALetterThatIsOftenInItsPlaceIsThatLetter() {
        Cluster letter = new Cluster(bar(4), false);
        fill(letter, i -> i % 3 == 0, _ -> 10);
        letter.call('F');
        Cluster covered = new Cluster(bars(4, 12), false);
        fill(covered, i -> i % 3 == 1, _ -> 10);
        Cluster other = new Cluster(bars(8, 12), false);
        fill(other, i -> i % 3 == 2, _ -> 10);
        assertThat(named(letter, covered, other)).containsExactly('F', 'F', (char) 0);
    }

    /// Ten figures, a bar of ink for each at a height of its own, of which two stand on each picture; and a glyph
    /// without
    /// a name behind them.
    private static List<Cluster> numbers(int named, int inkHeight, IntPredicate in) {
        List<Cluster> all = new ArrayList<>();
        for (int figure = 0; figure < 10; figure++) {
            int own = figure;
            Cluster one = new Cluster(bar(figure), false);
            fill(one, i -> i % 10 == own || (i + 1) % 10 == own, i -> i % 10 == own ? 10 : 22);
            one.call(figure < named ? (char) ('0' + figure) : (char) 0);
            all.add(one);
        }
        Cluster behind = new Cluster(bar(inkHeight), false);
        fill(behind, in, i -> 34 + i % 3);
        all.add(behind);
        return all;
    }

    private static Patch bar(int y) {
        return bars(y, y);
    }

    private static Patch bars(int y, int otherY) {
        float[] shares = new float[WIDTH * HEIGHT];
        Arrays.fill(shares, y * WIDTH, (y + 2) * WIDTH, 1);
        Arrays.fill(shares, otherY * WIDTH, (otherY + 2) * WIDTH, 1);
        return new Patch(WIDTH, shares);
    }

    private static char lastNamed(List<Cluster> all) {
        new Labels(SAMPLES, HEIGHT, 2, all).name();
        return all.getLast().name();
    }

    @Test
    void whatIsAlwaysThereAndLikeNoneOfAllFiguresIsALetter() {
        assertThat(lastNamed(numbers(10, 16, _ -> true))).isEqualTo(GlyphClass.OTHER);
        assertThat(lastNamed(numbers(9, 16, _ -> true)))
                .as("it may be the tenth")
                .isEqualTo((char) 0);
        assertThat(lastNamed(numbers(10, 4, _ -> true))).as("it looks like one").isEqualTo((char) 0);
        assertThat(lastNamed(numbers(10, 16, i -> i % 8 != 0)))
                .as("it is not always there")
                .isEqualTo((char) 0);
    }

    @Test
    void aLetterThatIsSeldomThereMayBeAFigure() {
        Cluster unit = cluster('W', _ -> true, i -> 40 + i % 3);
        Cluster eight = cluster('B', i -> i % 8 == 0, i -> 20 + i % 3);
        assertThat(named(unit, eight)).containsExactly('W', (char) 0);
    }

    @Test
    void aLetterAmongFiguresMayBeOne() {
        Cluster first = cluster('1', _ -> true, _ -> 10);
        Cluster among = cluster('B', i -> i % 2 == 0, _ -> 22);
        Cluster last = cluster('7', _ -> true, i -> i % 2 == 0 ? 34 : 22);
        Cluster unit = cluster('W', _ -> true, i -> i % 2 == 0 ? 46 : 34);
        assertThat(named(first, among, last, unit)).containsExactly('1', (char) 0, '7', 'W');
    }

    @Test
    void whatSometimesFollowsANumberInPlaceOfTheUnitMayBeAFigure() {
        Cluster first = cluster('1', _ -> true, _ -> 10);
        Cluster percent = cluster('%', i -> i % 5 < 2, _ -> 22);
        Cluster unit = cluster('W', _ -> true, i -> i % 5 < 2 ? 40 : 24);
        assertThat(named(first, percent, unit)).containsExactly('1', (char) 0, 'W');
    }

    @Test
    void aFigureThatStandsStillAndApartIsALetter() {
        Cluster still = cluster('1', _ -> true, _ -> 10);
        Cluster even = cluster('4', i -> i % 2 == 0, _ -> 30);
        Cluster odd = cluster('7', i -> i % 2 == 1, _ -> 30);
        Cluster last = cluster('2', _ -> true, i -> i % 2 == 0 ? 42 : 43);
        assertThat(named(still, even, odd, last)).containsExactly(GlyphClass.OTHER, '4', '7', '2');
    }

    @Test
    void theFirstFigureOfANumberStays() {
        Cluster still = cluster('1', _ -> true, _ -> 10);
        Cluster even = cluster('4', i -> i % 2 == 0, _ -> 22);
        Cluster odd = cluster('7', i -> i % 2 == 1, _ -> 22);
        Cluster last = cluster('2', _ -> true, _ -> 34);
        assertThat(named(still, even, odd, last)).containsExactly('1', '4', '7', '2');
    }

    @Test
    void aNarrowFirstFigureThatIsGivenAsMuchRoomStays() {
        Cluster still = cluster('1', 2, _ -> true, _ -> 13);
        Cluster even = cluster('4', i -> i % 2 == 0, _ -> 22);
        Cluster odd = cluster('7', i -> i % 2 == 1, _ -> 22);
        Cluster last = cluster('2', _ -> true, _ -> 34);
        assertThat(named(still, even, odd, last)).containsExactly('1', '4', '7', '2');
    }

    @Test
    void theThousandsOfALongNumberStay() {
        Cluster still = cluster('1', _ -> true, _ -> 10);
        Cluster even = cluster('4', i -> i % 2 == 0, _ -> 30);
        Cluster odd = cluster('7', i -> i % 2 == 1, _ -> 30);
        Cluster tens = cluster('2', _ -> true, _ -> 42);
        Cluster ones = cluster('5', _ -> true, _ -> 54);
        assertThat(named(still, even, odd, tens, ones)).containsExactly('1', '4', '7', '2', '5');
    }
}
