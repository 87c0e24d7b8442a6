package app.fluss.app.model;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.finding.Finding;
import app.fluss.files.study.DeliveryPath;
import java.util.List;

/// A path of a scene against the native one.
///
/// @param path the path
/// @param runs what was compared
/// @param findings what Fluss noticed, worst first
/// @param simulated whether any of the runs is simulated
public record Comparison(DeliveryPath path, RunComparison runs, List<Finding> findings, boolean simulated) {}
