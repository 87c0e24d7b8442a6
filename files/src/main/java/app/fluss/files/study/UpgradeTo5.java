package app.fluss.files.study;

import java.sql.SQLException;
import java.util.List;

/// Version 4 knew no schools.
final class UpgradeTo5 implements UpgradeStep {
    @Override
    public int from() {
        return 4;
    }

    @Override
    public void copy(Steps steps, List<String> notices) throws SQLException {
        UpgradeStep.copyAllAlike(steps.sql());
    }
}
