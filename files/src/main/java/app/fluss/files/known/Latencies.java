package app.fluss.files.known;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.compare.Difference;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.UncertaintyBudget;
import app.fluss.core.latency.chain.ChainEstimate;
import app.fluss.core.latency.chain.ChainMeans;
import app.fluss.core.latency.chain.ChainModel;
import app.fluss.core.latency.chain.Generation;
import app.fluss.core.latency.chain.LatencyStage;
import app.fluss.core.latency.chain.StatedPath;
import app.fluss.core.latency.chain.StreamStages;
import app.fluss.core.latency.chain.Unexplained;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.files.compare.Pair;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// Works the latency of a run out.
public final class Latencies {
    private static final double HALF = 0.5;
    private static final double[] SHARES = {0.1, 0.5, 0.9};

    private Latencies() {}

    /// Of a run.
    public static AnalysedLatency of(Study study, Run run, Analysis analysis) throws StudyException {
        Setup setup = run.setup();
        Optional<AnalysedLatency.Measured> measured = measured(study, run);
        Optional<StoredLatency> stored = measured.map(AnalysedLatency.Measured::stored);
        Optional<ChainModel> model = model(study, run, setup, analysis);
        double threshold = stored.map(
                        latency -> latency.measurement().settings().threshold())
                .orElse(HALF);
        Optional<ChainEstimate> estimate = model.map(known -> ChainEstimate.of(known, threshold));
        Optional<Unexplained> unexplained = measured.flatMap(seen -> estimate.flatMap(
                stages -> unexplained(seen, stages, analysis, run.display().orElseThrow())));
        return new AnalysedLatency(
                measured,
                estimate,
                model.isPresent() ? "" : noEstimate(run),
                model.map(Latencies::shares).orElse(List.of()),
                model.map(ChainModel::headMs).orElseGet(() -> Figure.missing(noEstimate(run))),
                unexplained);
    }

    /// What was measured of a run; empty if nothing was.
    static Optional<AnalysedLatency.Measured> measured(Study study, Run run) throws StudyException {
        return study.evidence(run, EvidenceKinds.LATENCY).map(latency -> measured(latency, run.setup(), run));
    }

    private static List<Double> shares(ChainModel model) {
        if (!(model.generation() instanceof Generation.Interpolation)) {
            return List.of();
        }
        return Arrays.stream(SHARES)
                .mapToObj(share -> ChainEstimate.totalMeanMs(model, share))
                .toList();
    }

    private static String noEstimate(Run run) {
        return run.grade().hasLog()
                ? "State the display mode of this run: without it the wait for the display is unknown."
                : "Stages are estimated from a frame log, and this run has none.";
    }

    private static Optional<ChainModel> model(Study study, Run run, Setup setup, Analysis analysis)
            throws StudyException {
        if (run.display().isEmpty() || !run.grade().hasLog()) {
            return Optional.empty();
        }
        // A stream's host knows the game's work, its client when images were shown.
        Optional<FrameLog> host = study.evidence(run, EvidenceKinds.HOST_LOG);
        Optional<ChainModel> stated = StatedPath.of(
                run.path().chain(),
                setup,
                host.map(FrameLog::all).orElse(analysis.slice()),
                run.display().get(),
                run.capFps());
        Optional<double[]> sync = StatedPath.syncWaits(analysis.slice());
        Optional<double[]> decode = StreamStages.decode(analysis.slice().log());
        Optional<double[]> encode = host.flatMap(StreamStages::encode);
        return stated.map(model -> measured(model, LatencyStage.SYNC, sync))
                .map(model -> measured(model, LatencyStage.DECODE, decode))
                .map(model -> measured(model, LatencyStage.ENCODE, encode));
    }

    private static ChainModel measured(ChainModel model, LatencyStage stage, Optional<double[]> samples) {
        return samples.map(ms -> model.withMeasured(stage, ms)).orElse(model);
    }

    private static AnalysedLatency.Measured measured(StoredLatency latency, Setup setup, Run run) {
        double[] samples = latency.samplesMs();
        LatencyFigures figures = latency.figures();
        double scanMs = setup.value(FactKey.SENSOR_HEIGHT_PCT).isPresent()
                ? 0
                : run.display().map(DisplayMode::periodMs).orElse(0.0);
        UncertaintyBudget budget = UncertaintyBudget.of(
                figures,
                latency.measurement().rateHz(),
                UncertaintyBudget.thresholdMs(
                        setup.number(FactKey.RESPONSE_MS),
                        latency.measurement().settings().threshold()),
                scanMs,
                UncertaintyBudget.USUAL_CLOCK_SHARE);
        return new AnalysedLatency.Measured(
                latency, Arrays.stream(samples).boxed().toList(), figures, budget);
    }

    private static Optional<Unexplained> unexplained(
            AnalysedLatency.Measured seen, ChainEstimate stages, Analysis analysis, DisplayMode mode) {
        double rendered = analysis.rates().rendered().orNaN();
        return seen.figures().mean().isKnown()
                ? Optional.of(Unexplained.of(
                        seen.figures().mean().orNaN(),
                        seen.budget().expandedMs(),
                        stages,
                        1000 / rendered,
                        mode.periodMs()))
                : Optional.empty();
    }

    private static double[] samples(Study study, List<Run> runs) throws StudyException {
        List<double[]> all = new ArrayList<>();
        for (Run run : runs) {
            study.evidence(run, EvidenceKinds.LATENCY)
                    .map(StoredLatency::samplesMs)
                    .ifPresent(all::add);
        }
        return all.stream().flatMapToDouble(Arrays::stream).toArray();
    }

    /// The mean of the samples of runs, ms; missing unless every one of them has some.
    public static Figure measuredMeanMs(Study study, List<Run> runs) throws StudyException {
        for (Run run : runs) {
            if (!run.has(EvidenceKinds.LATENCY)) {
                return Figure.missing("latency was not measured for every run");
            }
        }
        return LatencyFigures.of(samples(study, runs)).mean();
    }

    /// The mean that the stages of a run add up to, ms.
    public static Figure estimatedMeanMs(Study study, Run run, Analysis analysis) throws StudyException {
        return model(study, run, run.setup(), analysis)
                .map(model -> Figure.of(ChainEstimate.totalMeanMs(model, HALF)))
                .orElseGet(() -> Figure.missing(noEstimate(run)));
    }

    /// What one side adds to another, from the stages of their first runs.
    public static Difference estimatedDifference(Study study, List<Run> a, List<Run> b, Pair.Figures figures)
            throws StudyException {
        return LatencyDifference.estimated(
                added(means(study, a.getFirst(), figures), means(study, b.getFirst(), figures)));
    }

    /// What the stages of one run add to those of another, ms.
    public static Figure added(Optional<ChainMeans> before, Optional<ChainMeans> after) {
        return before.isPresent() && after.isPresent()
                ? after.get().addedTo(before.get())
                : Figure.missing("latency was not measured on both sides, and there is no estimate");
    }

    /// What the stages of a run add on average; empty where it cannot be had.
    public static Optional<ChainMeans> means(Study study, Run run, Pair.Figures figures) throws StudyException {
        return model(study, run, run.setup(), figures.of(run)).map(model -> ChainMeans.of(model, HALF));
    }
}
