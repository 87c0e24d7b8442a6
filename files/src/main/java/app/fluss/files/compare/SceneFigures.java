package app.fluss.files.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.HashMap;
import java.util.Map;

/// The figures of the runs of one scene, each worked out once. One is made for each scene, for no run is of two.
public final class SceneFigures implements Pair.Figures {
    private final Study study;
    private final Map<Long, Analysis> known = new HashMap<>();

    /// Of a study.
    public SceneFigures(Study study) {
        this.study = study;
    }

    @Override
    public Analysis of(Run run) throws StudyException {
        Analysis found = known.get(run.id());
        if (found == null) {
            found = run.hasLog()
                    ? Analysis.of(study.log(run).all(), run.settings())
                    : Analysis.withoutLog(run.settings());
            known.put(run.id(), found);
        }
        return found;
    }
}
