package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Method;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Terms;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Logs;
import app.fluss.core.measure.SyncMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FindingsTest {
    private static final AnalysisSettings ON_120 = AnalysisSettings.NONE
            .withDisplay(new DisplayMode(120, SyncMode.FIFO))
            .withMultiplier(2);

    /// A log of `rate` images/s for 20 s, every second one generated, with game times by `contentStep` images.
    private static FrameLog generated(double rate, String pattern, int contentStep) {
        int n = (int) (rate * 20);
        double[] at = new double[n];
        double[] content = new double[n];
        for (int i = 0; i < n; i++) {
            at[i] = i * 1000 / rate;
            content[i] = (i / contentStep * contentStep) * 1000 / rate;
        }
        return FrameLog.presentedAt(at, n)
                .channel(Channel.DISPLAYED, at)
                .channel(Channel.CONTENT, content)
                .kinds(Logs.kinds(pattern, n))
                .build();
    }

    private static List<String> codes(FrameLog log, AnalysisSettings settings) {
        return RunFindings.of(Analysis.of(log.all(), settings)).stream()
                .map(Finding::code)
                .toList();
    }

    @Test
    void staysSilentOnAnHonestRun() {
        List<String> codes = codes(generated(120, "RG", 1), ON_120.withClaimed(Figure.of(120)));
        assertThat(codes)
                .doesNotContain(
                        "counter-blind", "phantom-images", "above-refresh", "generation-off", "multiplier-short")
                .doesNotContain("base-low", "refresh-mismatch");
    }

    @Test
    void noticesEachCounterFault() {
        assertThat(codes(generated(120, "RG", 1), ON_120.withClaimed(Figure.of(60.4))))
                .contains("counter-blind");
        assertThat(codes(generated(120, "RG", 2), ON_120)).contains("phantom-images");
        assertThat(codes(generated(240, "RG", 1), ON_120)).contains("above-refresh");
        assertThat(codes(generated(60, "R", 1), ON_120)).contains("generation-off");
        assertThat(codes(generated(90, "RRG", 1), ON_120)).contains("multiplier-short");
        assertThat(codes(generated(70, "RG", 1), ON_120)).contains("base-low");
    }

    /// A display that takes every image in turn holds the game to its rate; more than that is another mode.
    @Test
    void moreImagesThanADisplayCanTakeInTurnDoubtTheSyncMode() {
        assertThat(aboveRefresh(SyncMode.FIFO)).contains("the sync mode was another one");
        assertThat(aboveRefresh(SyncMode.LATEST)).contains("shows at most 120").doesNotContain("sync mode");
    }

    private static String aboveRefresh(SyncMode sync) {
        AnalysisSettings settings = AnalysisSettings.NONE.withDisplay(new DisplayMode(120, sync));
        return RunFindings.of(Analysis.of(generated(240, "RG", 1).all(), settings)).stream()
                .filter(finding -> finding.code().equals("above-refresh"))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @Test
    void doubtsARefreshRateThatTheDisplayTimesDoNotFit() {
        double[] at = new double[2000];
        Arrays.setAll(at, i -> i * 1000.0 / 97);
        FrameLog log = Logs.shown(at, at, at);
        assertThat(codes(log, AnalysisSettings.NONE.withDisplay(new DisplayMode(144, SyncMode.FIFO))))
                .contains("refresh-mismatch");
    }

    @Test
    void everyMissingFigureHasAReason() {
        List<Finding> findings =
                RunFindings.of(Analysis.of(Logs.presentedAt(0, 10, 20).all(), AnalysisSettings.NONE));
        assertThat(findings).filteredOn(f -> f.code().equals("figure-missing")).hasSizeGreaterThan(2);
        assertThat(findings).allSatisfy(f -> assertThat(f.text()).isNotBlank().doesNotContain("NaN"));
    }

    @Test
    void comparisonNamesBaseCostConfoundsAndForgottenScale() {
        Analysis off = Analysis.of(generated(100, "R", 1).all(), ON_120);
        Analysis on = Analysis.of(generated(110, "RG", 1).all(), ON_120);
        List<Confound> confounds = List.of(
                new Confound("render_scale", "100 %", "150 %", Confound.Kind.BETWEEN),
                new Confound("driver", "5", "6", Confound.Kind.BETWEEN),
                new Confound("quality", "high", "", Confound.Kind.NOT_RECORDED),
                new Confound("recorder", "", "off", Confound.Kind.NOT_RECORDED));
        List<Finding> found = ComparisonFindings.of(RunComparison.of(
                List.of(off), List.of(on), Terms.PLAIN.withMultiplier(2).withConfounds(confounds)));
        List<String> codes = found.stream().map(Finding::code).toList();
        assertThat(codes).contains("base-collapse", "no-need", "scale-changed", "confound", "few-runs", "base-low");
        assertThat(found)
                .filteredOn(finding -> finding.code().equals("confound"))
                .extracting(Finding::seen)
                .containsExactlyInAnyOrder(
                        "Graphics driver differs between the sides: 5 against 6.",
                        "Not recorded for every run: quality, background recording.");
    }

    @Test
    void threeRunsASideHaveAnIntervalOfTheirOwn() {
        List<Analysis> off = List.of(run(60), run(61), run(62));
        List<Analysis> on = List.of(run(100), run(101), run(102));
        RunComparison comparison = RunComparison.of(off, on, Terms.PLAIN.withMultiplier(2));
        assertThat(comparison.measures().values())
                .filteredOn(one -> one.interval().isPresent())
                .isNotEmpty()
                .allSatisfy(one -> assertThat(one.method()).isEqualTo(Method.WELCH));
        assertThat(ComparisonFindings.of(comparison)).noneMatch(f -> f.code().equals("few-runs"));
    }

    private static Analysis run(double rate) {
        return Analysis.of(generated(rate, "RG", 1).all(), ON_120);
    }

    @Test
    void aGeneratorThatTakesSomethingElseForItsBaseIsFound() {
        FrameLog log = FrameLog.presentedAt(new double[] {0, 10, 20, 30, 40}, 5).build();
        AnalysisSettings settings = AnalysisSettings.NONE.asNative();
        assertThat(codes(log, settings.withBase(Figure.of(60)))).contains("base-mismatch");
        assertThat(codes(log, settings.withBase(Figure.of(98)))).doesNotContain("base-mismatch");
        assertThat(codes(log, settings)).doesNotContain("base-mismatch");
    }

    @Test
    void whatHasNoLogSaysSoOnceAndNothingElse() {
        Analysis read =
                Analysis.withoutLog(AnalysisSettings.NONE.withGrade(Grade.D).withClaimed(Figure.of(70)));
        assertThat(RunFindings.of(read)).singleElement().satisfies(finding -> {
            assertThat(finding.code()).isEqualTo("no-frame-log");
            assertThat(finding.seen()).contains("readings of a counter", "grade D");
        });
        RunComparison comparison = RunComparison.of(List.of(read), List.of(read), Terms.PLAIN);
        assertThat(ComparisonFindings.of(comparison))
                .extracting(Finding::code)
                .containsExactlyInAnyOrder("weak-evidence", "few-runs", "no-bracket");
    }

    /// A stream sends fewer images than the game draws; no generator is to blame for it.
    @Test
    void aPathThatMakesNoImagesHasNoGeneratorThatTakesTooMuch() {
        Analysis native110 = Analysis.of(generated(110, "R", 1).all(), AnalysisSettings.NONE.asNative());
        Analysis stream = Analysis.of(generated(60, "R", 1).all(), AnalysisSettings.NONE.withMultiplier(1));
        Analysis doubled = Analysis.of(generated(120, "RG", 1).all(), AnalysisSettings.NONE.withMultiplier(2));
        assertThat(comparisonCodes(native110, stream, 1)).doesNotContain("base-collapse");
        assertThat(comparisonCodes(native110, doubled, 2)).contains("base-collapse");
    }

    private static List<String> comparisonCodes(Analysis a, Analysis b, double multiplier) {
        return ComparisonFindings.of(RunComparison.of(List.of(a), List.of(b), Terms.PLAIN.withMultiplier(multiplier)))
                .stream()
                .map(Finding::code)
                .toList();
    }

    /// Native runs that fall by 0.5 images/s from run to run, and a path late in the session that changes nothing.
    @Test
    void aDifferenceWithinTheDriftIsDoubted() {
        double[] off = {0.1, -0.2, 0.15, -0.1, 0.2, -0.15, 0.05};
        List<Analysis> baseline = new ArrayList<>();
        List<Analysis> path = new ArrayList<>();
        for (int i = 0; i < off.length; i++) {
            baseline.add(timed(100 - 0.5 * i + off[i], 10 * i));
            path.add(timed(96.5 - 0.5 * i - off[i], 70 + 10 * i));
        }
        baseline.add(timed(93, 140));
        assertThat(drift(baseline, path))
                .singleElement()
                .satisfies(seen -> assertThat(seen).contains("moved by itself"));
        List<Analysis> steady = IntStream.range(0, 8)
                .mapToObj(i -> timed(100 + off[i % 7], i == 7 ? 140 : 10 * i))
                .toList();
        assertThat(drift(steady, path)).isEmpty();
    }

    private static List<String> drift(List<Analysis> baseline, List<Analysis> path) {
        return ComparisonFindings.of(RunComparison.of(baseline, path, Terms.PLAIN.withMultiplier(1))).stream()
                .filter(finding -> finding.code().equals("drift"))
                .map(Finding::seen)
                .toList();
    }

    private static Analysis timed(double rate, int minutes) {
        return Analysis.of(
                generated(rate, "R", 1).all(), AnalysisSettings.NONE.asNative().measuredAt(minutes * 60_000L));
    }
}
