package app.fluss.app.model;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.generation.SectionFigures;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.files.study.DeliveryPath;
import java.util.List;

/// A path of a scene against the native one.
///
/// @param path the path
/// @param runs what was compared
/// @param findings what Fluss noticed, worst first
/// @param latency what the path adds to the time from input to light
/// @param latencyEstimated whether that is from stages, because it was not measured on both sides
/// @param sections the same in each stretch that runs on both sides have marked
/// @param simulated whether any of the runs is simulated
public record Comparison(
        DeliveryPath path,
        RunComparison runs,
        List<Finding> findings,
        LatencyDifference latency,
        boolean latencyEstimated,
        List<SectionFigures> sections,
        boolean simulated) {}
