package app.fluss.files.known;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.RefreshRates;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.path.StageKind;
import app.fluss.core.vr.Reprojection;
import app.fluss.files.study.Run;
import java.util.List;
import java.util.Optional;

/// Runs that were seen in a headset.
public final class Worn {
    private Worn() {}

    /// Whether a run was: its path or its facts say so, and it has a log.
    public static boolean is(Run run) {
        boolean stated = !Double.isNaN(run.setup().number(FactKey.HEADSET_HZ));
        return run.hasLog() && (run.path().chain().has(StageKind.VR_REPROJECTION) || stated);
    }

    /// The refresh rates that a run could have had: those that are stated of its headset, else the one at which it was
    /// measured, Hz; empty if nothing is stated.
    public static List<Double> refreshRates(Run run) {
        List<Double> stated = RefreshRates.of(run.setup(), FactKey.HEADSET_REFRESH_LIST, FactKey.HEADSET_HZ);
        return stated.isEmpty()
                ? run.display().map(DisplayMode::refreshHz).stream().toList()
                : List.copyOf(stated);
    }

    /// What was shown of it.
    ///
    /// @param analysis of it, or of a stretch of it
    /// @return empty if it was not seen in a headset, or the refresh rate is not stated
    public static Optional<Reprojection> of(Run run, Analysis analysis) {
        return analysis.ledger()
                .filter(_ -> is(run))
                .map(ledger -> Reprojection.of(analysis.slice().log(), ledger));
    }
}
