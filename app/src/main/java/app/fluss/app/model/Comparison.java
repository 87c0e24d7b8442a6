package app.fluss.app.model;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.generation.SectionFigures;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.vr.Reprojection;
import app.fluss.files.study.DeliveryPath;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A path of a scene against the native one.
///
/// @param path the path
/// @param runs what was compared
/// @param findings what Fluss noticed, worst first
/// @param latency what the path adds to the time from input to light
/// @param latencyEstimated whether that is from stages, because it was not measured on both sides
/// @param sections the same in each stretch that runs on both sides have marked
/// @param headset what a headset showed of the first run on the path; empty without one
/// @param hitches how many hitches of the first run's stream each cause has; empty without a stream or its host's log
/// @param simulated whether any of the runs is simulated
public record Comparison(
        DeliveryPath path,
        RunComparison runs,
        List<Finding> findings,
        LatencyDifference latency,
        boolean latencyEstimated,
        List<SectionFigures> sections,
        Optional<Reprojection> headset,
        Optional<Map<Cause, Integer>> hitches,
        boolean simulated) {}
