package app.fluss.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Films by plain definition: a dim room with grain, a lamp at the button, a screen that answers it, and things that
/// move or change by themselves.
class AreaSearchTest {
    private static final int WIDTH = 160;
    private static final int HEIGHT = 90;
    private static final double FPS = 240;
    private static final Area LAMP = new Area(10, 60, 12, 12);
    private static final Area SCREEN = new Area(70, 20, 60, 40);
    private static final Area OTHER = new Area(70, 70, 60, 10);

    /// Something in the picture whose brightness follows the time, ms.
    private record Thing(Area area, DoubleUnaryOperator level) {}

    private final SplittableRandom random = new SplittableRandom(7);

    private AreaSuggestion search(double seconds, List<Thing> things) {
        AreaSearch search = new AreaSearch(WIDTH, HEIGHT);
        byte[] luma = new byte[WIDTH * HEIGHT];
        for (int i = 0; i < seconds * FPS; i++) {
            double[] level = new double[WIDTH * HEIGHT];
            for (Thing thing : things) {
                double value = thing.level.applyAsDouble(i * 1000 / FPS);
                Area area = thing.area;
                for (int y = area.y(); y < area.y() + area.height(); y++) {
                    for (int x = area.x(); x < area.x() + area.width(); x++) {
                        level[y * WIDTH + x] = value;
                    }
                }
            }
            for (int p = 0; p < luma.length; p++) {
                luma[p] = (byte) Math.clamp(Math.rint(30 + level[p] + 4 * random.nextGaussian()), 0, 255);
            }
            search.take(luma);
        }
        return search.find(FPS, Progress.NONE);
    }

    private List<Double> presses(int n) {
        List<Double> presses = new ArrayList<>();
        double at = 300;
        for (int i = 0; i < n; i++) {
            presses.add(at);
            at += 600 + 300 * random.nextDouble();
        }
        return presses;
    }

    private static DoubleUnaryOperator pulses(List<Double> at, double lastsMs, double height) {
        return ms -> at.stream().anyMatch(from -> ms >= from && ms < from + lastsMs) ? height : 0;
    }

    private static DoubleUnaryOperator steps(List<Double> at, double height) {
        return ms -> at.stream().filter(from -> ms >= from).count() % 2 == 1 ? height : 0;
    }

    private List<Double> after(List<Double> presses) {
        return presses.stream().map(at -> at + 50 + 40 * random.nextDouble()).toList();
    }

    private static void assertWithin(Area found, Area truth) {
        double x = found.x() + found.width() / 2.0;
        double y = found.y() + found.height() / 2.0;
        assertThat(x).isBetween((double) truth.x(), (double) truth.x() + truth.width());
        assertThat(y).isBetween((double) truth.y(), (double) truth.y() + truth.height());
        assertThat(found.width() * found.height())
                .isBetween(truth.width() * truth.height() / 4, 4 * truth.width() * truth.height());
    }

    @ParameterizedTest
    @CsvSource({
        "lamp on, flash",
        "lamp on, steps",
        "lamp dark, flash",
        "lamp dark, steps",
        "lamp long, flash",
        "lamp long, steps"
    })
    void lampAndAnswerAreFound(String lamp, String light) {
        List<Double> presses = presses(12);
        List<Double> answers = after(presses);
        DoubleUnaryOperator shown = switch (lamp) {
            case "lamp on" -> pulses(presses, 70, 120);
            case "lamp long" -> pulses(presses, 420, 120);
            default -> {
                DoubleUnaryOperator dark = pulses(presses, 90, 120);
                yield ms -> 120 - dark.applyAsDouble(ms);
            }
        };
        AreaSuggestion found = search(
                10,
                List.of(
                        new Thing(LAMP, shown),
                        new Thing(SCREEN, light.equals("flash") ? pulses(answers, 80, 90) : steps(answers, 90)),
                        new Thing(OTHER, ms -> 40 * Math.sin(ms / 300)),
                        new Thing(
                                new Area(140, 0, 16, 16),
                                steps(presses(9).stream().map(at -> at * 1.31).toList(), 100))));
        assertThat(found.areas()).as(found.whyNot()).isPresent();
        AreaSuggestion.Areas areas = found.areas().orElseThrow();
        assertWithin(areas.input(), LAMP);
        assertWithin(areas.answer(), SCREEN);
        assertThat(areas.answers()).isGreaterThanOrEqualTo(10);
    }

    /// A bar goes through the picture again and again, and each place changes a little after the one before it.
    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.12, 0.3})
    void whatMovesIsNoAnswer(double pxPerMs) {
        List<Thing> columns = IntStream.range(0, 40)
                .mapToObj(c -> new Thing(
                        new Area(4 * c, 10, 4, 70),
                        ms -> Math.floorMod((long) (4 * c - ms * pxPerMs), 160L) < 24 ? 120.0 : 0.0))
                .toList();
        AreaSuggestion found = search(10, columns);
        assertThat(found.areas()).isEmpty();
        assertThat(found.whyNot()).containsAnyOf("moves", "steadily");
    }

    @Test
    void whatDoesNotAnswerIsNotProposed() {
        DoubleUnaryOperator lamp = pulses(presses(12), 70, 120);
        assertThat(search(10, List.of()).whyNot()).contains("Nothing");
        assertThat(search(10, List.of(new Thing(LAMP, lamp))).whyNot()).contains("Only one place");
        SplittableRandom times = new SplittableRandom(3);
        List<Double> alone = times.doubles(14, 0, 10_000).sorted().boxed().toList();
        AreaSuggestion found = search(10, List.of(new Thing(LAMP, lamp), new Thing(SCREEN, pulses(alone, 60, 90))));
        assertThat(found.areas()).isEmpty();
        assertThat(found.whyNot()).contains("steadily");
    }
}
