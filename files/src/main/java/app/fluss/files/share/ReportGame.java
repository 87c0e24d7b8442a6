package app.fluss.files.share;

import app.fluss.files.verdict.GameVerdicts;
import java.util.List;
import java.util.Map;

/// A game in a report. It holds no frames.
///
/// @param verdicts what follows for it
/// @param values what its page says, for the template
/// @param charts those on its page, in order
/// @param figures every figure of its runs and paths
/// @param runs its runs, those that do not count among them
record ReportGame(
        GameVerdicts verdicts,
        Map<String, Object> values,
        List<ReportChart> charts,
        FigureRows figures,
        List<MeasuredRun> runs) {}
