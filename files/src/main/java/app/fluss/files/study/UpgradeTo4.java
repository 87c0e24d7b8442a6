package app.fluss.files.study;

import app.fluss.core.measure.Claimed;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;

/// Version 3 took the plain mean of readings, whatever time each of them stood, and knew no runs whose path is
/// switched
/// on and off.
final class UpgradeTo4 implements UpgradeStep {
    @Override
    public int from() {
        return 3;
    }

    @Override
    public void copy(Steps steps, List<String> notices) throws SQLException, IOException, StudyException {
        Sql sql = steps.sql();
        UpgradeStep.copyAllAlike(sql);
        EvidenceKind.Kept kept = new EvidenceShelf(steps).kept();
        for (Attached readings : EvidenceKinds.READINGS.attached(sql, "")) {
            try {
                takeMean(
                        sql,
                        readings,
                        EvidenceKinds.READINGS.load(kept, readings).claimed());
            } catch (StudyException e) {
                if (!(e.getCause() instanceof InputException)) {
                    throw e;
                }
                notices.add("%s keeps its figures as they were: %s".formatted(readings.fileName(), e.getMessage()));
            }
        }
    }

    private static void takeMean(Sql sql, Attached readings, Claimed said) throws SQLException {
        sql.run(
                "UPDATE readings SET mean_fps = ?, base_fps = ? WHERE id = ?",
                Sql.orNull(said.mean().orNaN()),
                Sql.orNull(said.base().orNaN()),
                readings.id());
    }
}
