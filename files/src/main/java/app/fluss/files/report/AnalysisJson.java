package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Limits;
import app.fluss.core.measure.Lows;
import app.fluss.core.measure.MotionTiming;
import app.fluss.core.measure.Pacing;
import app.fluss.core.measure.Rates;
import app.fluss.core.measure.Spread;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.MappedColumn;
import app.fluss.files.log.Role;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.node.ObjectNode;

/// One analysed log as JSON.
public final class AnalysisJson {
    private AnalysisJson() {}

    /// The figures and findings of a log.
    ///
    /// @param file the log's name
    public static ObjectNode of(String file, ImportedLog imported, Analysis run, List<Finding> findings) {
        ObjectNode node = Json.object();
        node.put("file", file);
        node.put("frames", run.slice().size());
        node.put("duration_s", run.durationSeconds());
        mapping(node.putObject("mapping"), imported);
        rates(node.putObject("rates"), run.rates());
        frameTimes(node.putObject("frame_time_ms"), run.spread());
        ObjectNode lows = node.putObject("lows_fps");
        low(lows.putObject("one_percent"), run.onePercentLow());
        low(lows.putObject("tenth_percent"), run.tenthPercentLow());
        pacing(node.putObject("pacing"), run);
        refresh(node, run);
        motion(node.putObject("motion_timing_ms"), run.motion());
        limit(node.putObject("limit"), run.limits());
        generated(node.putObject("generated_share"), WaysToKnow.of(run, Optional.empty()));
        Json.put(node, "headroom_share", run.headroom());
        Json.putFindings(node, findings);
        return node;
    }

    private static void mapping(ObjectNode node, ImportedLog imported) {
        for (MappedColumn column : imported.mapping().columns()) {
            if (column.role() != Role.IGNORED) {
                String unit = column.role().isTime() ? ", " + column.unit().symbol() : "";
                node.put(column.name(), column.role().label() + unit);
            }
        }
    }

    private static void rates(ObjectNode node, Rates rates) {
        Json.put(node, "claimed_fps", rates.claimed());
        Json.put(node, "rendered_fps", rates.rendered());
        Json.put(node, "presented_fps", rates.presented());
        Json.put(node, "delivered_fps", rates.delivered());
    }

    private static void frameTimes(ObjectNode node, Spread spread) {
        Json.put(node, "mean", spread.mean());
        Json.put(node, "sd", spread.sd());
        Json.put(node, "median", spread.median());
        Json.put(node, "mad", spread.mad());
        Json.put(node, "iqr", spread.iqr());
        Json.put(node, "p5", spread.p5());
        Json.put(node, "p95", spread.p95());
        Json.put(node, "p99", spread.p99());
        Json.put(node, "p999", spread.p999());
        Json.put(node, "min", spread.min());
        Json.put(node, "max", spread.max());
        Json.put(node, "cv", spread.cv());
    }

    private static void low(ObjectNode node, Lows lows) {
        Json.put(node, "percentile", lows.percentile());
        Json.put(node, "slowest_mean", lows.slowestMean());
        Json.put(node, "time_weighted", lows.timeWeighted());
    }

    private static void pacing(ObjectNode node, Analysis run) {
        Pacing pacing = run.pacing();
        Json.put(node, "successive_difference_mean_ms", pacing.successiveDifferenceMean());
        Json.put(node, "rmssd_ms", pacing.rmssd());
        Json.put(node, "lag1_autocorrelation", pacing.lag1());
        if (run.times().size() > 0) {
            node.put("stutters", run.stutters().count());
            node.put("over_50_ms", run.stutters().over50());
            node.put("over_100_ms", run.stutters().over100());
        } else {
            node.putNull("stutters").putNull("over_50_ms").putNull("over_100_ms");
        }
        Json.put(node, "stutters_per_minute", run.stutters().perMinute());
        Json.put(node, "stutter_time_share", run.stutters().timeShare());
    }

    private static void refresh(ObjectNode node, Analysis run) {
        ObjectNode refresh = node.putObject("refresh");
        run.ledger()
                .ifPresentOrElse(
                        ledger -> {
                            refresh.put("hz", ledger.mode().refreshHz());
                            refresh.put("sync", ledger.mode().sync().label());
                            refresh.put("basis", ledger.basis().label());
                            ObjectNode holds = refresh.putObject("hold_counts");
                            ledger.holdCounts().forEach((hold, count) -> holds.put(hold.toString(), count));
                            refresh.put("lost", ledger.lost());
                            Json.put(refresh, "even_share", ledger.evenShare());
                            Json.put(refresh, "hold_deviation_refreshes", ledger.holdDeviation());
                        },
                        () -> List.of(
                                        "hz",
                                        "sync",
                                        "basis",
                                        "hold_counts",
                                        "lost",
                                        "even_share",
                                        "hold_deviation_refreshes")
                                .forEach(refresh::putNull));
    }

    private static void motion(ObjectNode node, MotionTiming motion) {
        Json.put(node, "mean_abs", motion.meanAbs());
        Json.put(node, "p95_abs", motion.p95Abs());
        Json.put(node, "rms", motion.rms());
    }

    private static void generated(ObjectNode node, WaysToKnow ways) {
        Json.put(node, "by_kind", ways.byKind());
        Json.put(node, "by_game_time", ways.byGameTime());
        Json.put(node, "repeated_by_game_time", ways.repeatedByGameTime());
    }

    private static void limit(ObjectNode node, Limits limits) {
        Json.put(node, "gpu", limits.gpu());
        Json.put(node, "cpu", limits.cpu());
        Json.put(node, "cap", limits.cap());
        Json.put(node, "mixed", limits.mixed());
        Json.put(node, "unknown", limits.unknown());
    }
}
