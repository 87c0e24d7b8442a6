package app.fluss.app.model;

import app.fluss.core.path.Chain;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.PlannedStep;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Planned;
import app.fluss.files.study.SheetRow;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/// Changes of the plan.
public final class PlanEdits {
    private final Edits edits;

    PlanEdits(Edits edits) {
        this.edits = edits;
    }

    /// States how many kept runs of scenes on paths are wanted; 0 for none.
    public void want(Map<Planned.Cell, Integer> repeats) {
        edits.note(ModelText.CHANGING_PLAN, study -> study.plan().want(repeats));
    }

    /// States how sessions are planned.
    public void set(PlanSettings settings) {
        edits.note(ModelText.CHANGING_PLANS_SETTINGS, study -> study.plan().set(settings));
    }

    /// Replaces the open lines of the run sheet.
    ///
    /// @param planned is asked off the interface thread
    public void replaceOpen(Supplier<List<PlannedStep>> planned) {
        edits.note(ModelText.PLANNING_SESSION, study -> study.plan().replaceOpen(planned.get()));
    }

    /// Says that a line is done, or passed over.
    public void set(SheetRow row, SheetRow.State state) {
        edits.note(ModelText.MARKING_LINE, study -> study.plan().set(row, state));
    }

    /// Wants runs of several paths in a scene; those that are not there by name are made.
    ///
    /// @param paths by name
    /// @param repeats of each
    public void wantPaths(long sceneId, Map<String, Chain> paths, int repeats) {
        edits.note(ModelText.PLANNING_TAKE_APART, study -> {
            Map<Planned.Cell, Integer> wishes = new LinkedHashMap<>();
            for (Map.Entry<String, Chain> wanted : paths.entrySet()) {
                long path = study.bench().read().paths().stream()
                        .filter(one -> one.name().equals(wanted.getKey()))
                        .mapToLong(DeliveryPath::id)
                        .findFirst()
                        .orElse(-1);
                wishes.put(
                        new Planned.Cell(
                                sceneId, path >= 0 ? path : study.bench().addPath(wanted.getKey(), wanted.getValue())),
                        repeats);
            }
            study.plan().want(wishes);
        });
    }

    /// Wants runs of a path in a scene; the path is made if no path has these stages.
    ///
    /// @param done is told once it is planned
    public void wantPath(long sceneId, String name, Chain chain, int repeats, Runnable done) {
        edits.note(
                ModelText.PLANNING_PATH,
                study -> {
                    List<DeliveryPath> paths = study.bench().read().paths();
                    long path = paths.stream()
                            .filter(one -> one.chain().equals(chain))
                            .mapToLong(DeliveryPath::id)
                            .findFirst()
                            .orElse(-1);
                    study.plan()
                            .want(Map.of(
                                    new Planned.Cell(
                                            sceneId,
                                            path >= 0 ? path : study.bench().addPath(name, chain)),
                                    repeats));
                },
                done);
    }
}
