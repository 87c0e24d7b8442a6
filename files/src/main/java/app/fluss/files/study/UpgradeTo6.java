package app.fluss.files.study;

import java.sql.SQLException;
import java.util.List;

/// Version 5 knew no numbers read from recordings.
final class UpgradeTo6 implements UpgradeStep {
    @Override
    public int from() {
        return 5;
    }

    @Override
    public void copy(Steps steps, List<String> notices) throws SQLException {
        UpgradeStep.copyAllAlike(steps.sql());
    }
}
