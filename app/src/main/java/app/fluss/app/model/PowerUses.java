package app.fluss.app.model;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Energy;
import app.fluss.core.measure.Figure;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Works out the power of the runs of a scene.
final class PowerUses {
    private PowerUses() {}

    /// @param run is looked at; only if its log has a power is anything worked out
    static List<PowerUse> of(Study study, Analyses analyses, Run run, List<Run> ofScene) throws StudyException {
        List<PowerUse> all = new ArrayList<>();
        double limit = run.setup().number(FactKey.POWER_LIMIT_W);
        boolean hasPower = false;
        for (Run other : ofScene) {
            Setup setup = other.setup();
            Analysis analysis = analyses.analysis(study, other);
            Optional<Energy> energy = Energy.of(
                    analysis, setup.number(FactKey.BATTERY_WH), setup.number(FactKey.BATTERY_USABLE_PCT) / 100);
            if (energy.isPresent()) {
                hasPower |= other.id() == run.id();
                double own = setup.number(FactKey.POWER_LIMIT_W);
                all.add(new PowerUse(
                        other.path().name() + ", " + other.name(),
                        setup.value(FactKey.POWER_SOURCE),
                        Figure.ofFinite(own, ModelText.POWER_LIMIT_NOT_STATED),
                        analysis.rates().delivered(),
                        energy.get(),
                        other.id() == run.id() || own == limit));
            }
        }
        return hasPower ? List.copyOf(all) : List.of();
    }
}
