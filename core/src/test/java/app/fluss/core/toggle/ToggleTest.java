package app.fluss.core.toggle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.Reading;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.reading.TypedReading;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ToggleTest {
    private static final double MINUTE = 60_000;

    /// Off and on in turn, off first, 0.4 min apart.
    private static List<ToggleStretch> inTurn(int n) {
        return IntStream.range(0, n)
                .mapToObj(i -> new ToggleStretch(i * 0.4 * MINUTE, (i * 0.4 + 0.3) * MINUTE, i % 2 == 1))
                .toList();
    }

    private static List<Figure> figures(double... values) {
        return Arrays.stream(values).mapToObj(Figure::of).toList();
    }

    /// Worked out elsewhere by the normal equations in plain arithmetic; t quantile 2.776445 for 4 degrees of
    /// freedom (any table).
    @Test
    void theFitIsThatOfLeastSquares() {
        ToggleFit fit = ToggleFit.of(inTurn(7), figures(60, 101, 58.5, 99.2, 57.9, 97.5, 56.8));
        assertThat(fit.ratio().orNaN()).isCloseTo(1.7022723693680364, within(1e-12));
        assertThat(fit.ratioInterval().orElseThrow().low()).isCloseTo(1.6911760149308195, within(1e-9));
        assertThat(fit.ratioInterval().orElseThrow().high()).isCloseTo(1.71344153058628, within(1e-9));
        assertThat(fit.driftPerMinute().orNaN()).isCloseTo(-0.02166109368612375, within(1e-12));
        assertThat(fit.off().orNaN()).isCloseTo(58.28858384032097, within(1e-9));
        assertThat(fit.interval().orElseThrow().contains(fit.difference().orNaN()))
                .isTrue();
    }

    @Test
    void steadyDriftIsTakenOut() {
        double[] values = new double[8];
        Arrays.setAll(values, i -> (i % 2 == 1 ? 1.5 : 1) * 80 * Math.pow(0.97, i * 0.4));
        ToggleFit fit = ToggleFit.of(inTurn(8), figures(values));
        assertThat(fit.ratio().orNaN()).isCloseTo(1.5, within(1e-9));
        assertThat(fit.driftPerMinute().orNaN()).isCloseTo(-0.03, within(1e-9));
        assertThat(fit.ratioInterval())
                .as("no residual is resolution, not certainty")
                .isEmpty();
    }

    /// Independent noise of 2 % and a drift of 3 % a minute: 95 % of the intervals hold the truth, within what
    /// 2000 draws allow.
    @Test
    void theIntervalHoldsTheTruth() {
        SplittableRandom random = new SplittableRandom(8);
        int held = 0;
        for (int round = 0; round < 2000; round++) {
            double[] values = new double[6];
            Arrays.setAll(
                    values, i -> (i % 2 == 1 ? 1.2 : 1) * 60 * Math.exp(0.03 * 0.4 * i + 0.02 * random.nextGaussian()));
            held += ToggleFit.of(inTurn(6), figures(values))
                            .ratioInterval()
                            .orElseThrow()
                            .contains(1.2)
                    ? 1
                    : 0;
        }
        assertThat(held / 2000.0).isBetween(0.93, 0.97);
    }

    /// A level that wanders over seconds, and steady drift: stretches of 10 s in turn, 2 s after each switch
    /// left out. What wanders slower than a stretch cancels between neighbours, so the interval is then too
    /// wide rather than too narrow.
    @ParameterizedTest
    @ValueSource(doubles = {0.3, 2, 5})
    void theIntervalHoldsTheTruthWhereTheLevelWanders(double memoryS) {
        SplittableRandom random = new SplittableRandom(12);
        double rho = Math.exp(-1 / memoryS);
        int held = 0;
        for (int round = 0; round < 1000; round++) {
            double[] values = new double[8];
            double wander = random.nextGaussian();
            for (int second = 0; second < 96; second++) {
                wander = rho * wander + Math.sqrt(1 - rho * rho) * random.nextGaussian();
                boolean on = second / 12 % 2 == 1;
                double level = 60 * (on ? 1.2 : 1) * (1 - 3e-4 * second) * (1 + 0.05 * wander);
                values[second / 12] += second % 12 < 2 ? 0 : level / 10;
            }
            held += ToggleFit.of(inTurn(8), figures(values))
                            .ratioInterval()
                            .orElseThrow()
                            .contains(1.2)
                    ? 1
                    : 0;
        }
        assertThat(held / 1000.0).isGreaterThan(0.925);
    }

    @Test
    void fewStretchesGiveNoInterval() {
        assertThat(ToggleFit.of(inTurn(4), figures(60, 90, 60, 92)).ratioInterval())
                .isEmpty();
        ToggleFit two = ToggleFit.of(inTurn(2), figures(60, 90));
        assertThat(two.ratio().orNaN()).isCloseTo(1.5, within(1e-12));
        assertThat(two.driftPerMinute()).isEqualTo(Figure.missing("two stretches cannot tell drift from the path"));
        assertThat(ToggleFit.of(inTurn(1), figures(60)).ratio())
                .isEqualTo(Figure.missing("there is no stretch with the path on"));
        ToggleFit zero = ToggleFit.of(inTurn(6), figures(0, 3, 0, 4, 1, 3));
        assertThat(zero.ratio().isKnown()).isFalse();
        assertThat(zero.difference().orNaN()).isBetween(2.0, 4.0);
    }

    @Test
    void whatSettlesAndWhatIsTooShortIsLeftOut() {
        List<ToggleMark> marks = List.of(
                new ToggleMark(10_000, true, 2000),
                new ToggleMark(20_000, false, 2000),
                new ToggleMark(21_000, false, 2000),
                new ToggleMark(22_500, true, 2000));
        assertThat(ToggleStretch.of(marks, 0, 40_000))
                .containsExactly(
                        new ToggleStretch(0, 10_000, false),
                        new ToggleStretch(12_000, 20_000, true),
                        new ToggleStretch(24_500, 40_000, true));
        assertThat(ToggleStretch.of(List.of(), 0, 40_000)).isEmpty();
        assertThatThrownBy(() -> new ToggleMark(1, true, -1)).isInstanceOf(IllegalArgumentException.class);
    }

    /// 60/s off and 110/s on, one minute, switched each 10 s, off first; kinds as a generator would state them.
    private static FrameLog log(boolean kinds, double onFps) {
        SplittableRandom random = new SplittableRandom(3);
        List<Double> at = new ArrayList<>();
        List<FrameKind> kind = new ArrayList<>();
        double now = 0;
        while (now < MINUTE) {
            boolean on = (int) (now / 10_000) % 2 == 1;
            at.add(now);
            kind.add(on && at.size() % 2 == 0 ? FrameKind.GENERATED : FrameKind.RENDERED);
            now += 1000 / (on ? onFps : 60) * (0.85 + 0.3 * random.nextDouble());
        }
        FrameLog.Builder log = FrameLog.presentedAt(
                at.stream().mapToDouble(Double::doubleValue).toArray(), at.size());
        byte[] codes = new byte[kind.size()];
        for (int i = 0; i < codes.length; i++) {
            codes[i] = kind.get(i).code();
        }
        return (kinds ? log.kinds(codes) : log).build();
    }

    @Test
    void switchesAreFoundByKindsAndByRate() {
        for (List<ToggleMark> marks : List.of(Switches.byKinds(log(true, 110)), Switches.byRate(log(false, 110)))) {
            assertThat(marks).hasSize(5);
            for (int i = 0; i < marks.size(); i++) {
                assertThat(marks.get(i).atMs()).isCloseTo((i + 1) * 10_000, within(600.0));
                assertThat(marks.get(i).turnsOn()).isEqualTo(i % 2 == 0);
            }
        }
        assertThat(Switches.byRate(log(false, 61))).as("one level").isEmpty();
        assertThat(Switches.byKinds(log(false, 110))).isEmpty();
    }

    @Test
    void aLogIsComparedWithinItself() {
        FrameLog log = log(true, 110);
        ToggleComparison toggled = ToggleComparison.of(log, Switches.byKinds(log), AnalysisSettings.NONE);
        assertThat(toggled.stretches()).hasSize(6);
        ToggleFit presented = toggled.fits().get(Measure.PRESENTED);
        assertThat(presented.ratio().orNaN()).isCloseTo(110 / 60.0, within(0.03));
        assertThat(presented.ratioInterval().orElseThrow().contains(110 / 60.0)).isTrue();
        assertThat(toggled.fits()).doesNotContainKey(Measure.CLAIMED);
    }

    @Test
    void readingsAreCutAtTheirMarks() {
        List<Reading> readings = new ArrayList<>();
        for (int s = 0; s < 60; s += 2) {
            readings.add(Reading.of(s, s / 10 % 2 == 1 ? 90 : 60));
        }
        List<ToggleMark> marks = IntStream.range(1, 6)
                .mapToObj(i -> new ToggleMark(i * 10_000, i % 2 == 1, ToggleMark.SETTLES_MS))
                .toList();
        ReadingSeries series = new ReadingSeries(readings, List.of(), Figure.missing("none"), "", Map.of());
        ToggleComparison toggled = ToggleComparison.of(series, marks);
        assertThat(toggled.fits().get(Measure.CLAIMED).ratio().orNaN()).isCloseTo(1.5, within(1e-9));
    }

    @Test
    void marksOfThePadStandOnTheClockOfTheLog() {
        List<PadEntry> entries = List.of(
                new PadEntry.Marked(4000, PadMark.TOGGLE),
                new PadEntry.Marked(5000, PadMark.LAG),
                new PadEntry.Counted(6000, new TypedReading.Read(60, 60)),
                new PadEntry.Marked(9000, PadMark.TOGGLE));
        assertThat(PadSwitches.of(entries, -1500))
                .containsExactly(new ToggleMark(2500, true, 2000), new ToggleMark(7500, false, 2000));
    }
}
