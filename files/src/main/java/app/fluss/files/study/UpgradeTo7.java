package app.fluss.files.study;

import java.sql.SQLException;
import java.util.List;

/// Version 6 knew nothing of the person: no thresholds, no blind blocks, no drill.
final class UpgradeTo7 implements UpgradeStep {
    @Override
    public int from() {
        return 6;
    }

    @Override
    public void copy(Steps steps, List<String> notices) throws SQLException {
        UpgradeStep.copyAllAlike(steps.sql());
    }
}
