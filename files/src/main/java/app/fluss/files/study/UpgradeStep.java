package app.fluss.files.study;

import java.io.IOException;
import java.sql.SQLException;
import java.util.List;

/// How a study of one version becomes one of the next.
interface UpgradeStep {
    /// The version that it starts from.
    int from();

    /// Copies what the older study holds into the tables of the next version.
    ///
    /// @param steps of the next version's database; the older one is attached to it as `old`
    /// @param notices what the user should know of it is added
    void copy(Steps steps, List<String> notices) throws SQLException, IOException, StudyException;
}
