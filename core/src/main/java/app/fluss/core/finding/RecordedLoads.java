package app.fluss.core.finding;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Limits;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What loads, power and clocks on a recording show of a run whose log does not have them.
final class RecordedLoads {
    private static final double FIRST = 0.1;
    private static final double LAST = 0.75;

    private final Analysis run;
    private final Map<String, OverlaySeries> numbers;

    private RecordedLoads(Analysis run, Map<String, OverlaySeries> numbers) {
        this.run = run;
        this.numbers = numbers;
    }

    static List<Finding> of(Analysis run, Map<String, OverlaySeries> numbers) {
        RecordedLoads loads = new RecordedLoads(run, numbers);
        List<Finding> found = new ArrayList<>();
        loads.full().ifPresent(found::add);
        loads.cpu().ifPresent(found::add);
        loads.clock().ifPresent(found::add);
        return found;
    }

    /// A number of the recording that the log has no channel for.
    private Optional<OverlaySeries> series(OverlayKind kind) {
        boolean logged =
                kind.channel().map(channel -> run.slice().log().has(channel)).orElse(false);
        return numbers.entrySet().stream()
                .filter(one -> !logged && OverlayKind.of(one.getKey()) == kind)
                .map(Map.Entry::getValue)
                .findFirst();
    }

    private double mean(OverlayKind kind) {
        return series(kind).map(series -> series.mean().orNaN()).orElse(Double.NaN);
    }

    private Optional<Finding> full() {
        double load = mean(OverlayKind.GPU_LOAD);
        return run.settings().multiplier() > 1 && load >= Thresholds.GPU_FULL_PCT
                ? Optional.of(Finding.of(
                        FindingCode.GPU_FULL,
                        "The GPU is loaded to %s %% on average with generation on, by the recording."
                                .formatted(RunFindings.number(load, 0))))
                : Optional.empty();
    }

    /// All of the CPU is busy while the GPU is not. One busy thread does not show in its load.
    private Optional<Finding> cpu() {
        double load = mean(OverlayKind.CPU_LOAD);
        double free = series(OverlayKind.GPU_LOAD)
                .map(series -> series.shareBelow(Limits.FULL_LOAD_PCT).orNaN())
                .orElse(Double.NaN);
        return load >= Limits.FULL_LOAD_PCT && free > Thresholds.MOST_FRAMES
                ? Optional.of(Finding.of(
                        FindingCode.CPU_LIMIT,
                        "By the recording the CPU is loaded to %s %%, while the GPU has room for %s %% of the time."
                                .formatted(RunFindings.number(load, 0), RunFindings.number(100 * free, 0))))
                : Optional.empty();
    }

    private Optional<Finding> clock() {
        Optional<OverlaySeries> load = series(OverlayKind.GPU_LOAD);
        double before = load.map(series -> series.median(0, FIRST).orNaN()).orElse(Double.NaN);
        double after = load.map(series -> series.median(LAST, 1).orNaN()).orElse(Double.NaN);
        if (!(after >= before - Thresholds.LOAD_STAYS_PCT)) {
            return Optional.empty();
        }
        return fall(OverlayKind.GPU_CLOCK, after).or(() -> fall(OverlayKind.POWER, after));
    }

    private Optional<Finding> fall(OverlayKind kind, double load) {
        return series(kind)
                .flatMap(series -> SensorFindings.fall(
                        kind.channel().orElseThrow(),
                        series.median(0, FIRST).orNaN(),
                        series.median(LAST, 1).orNaN(),
                        load));
    }
}
