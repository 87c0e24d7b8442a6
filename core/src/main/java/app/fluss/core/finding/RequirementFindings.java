package app.fluss.core.finding;

import app.fluss.core.path.Judgement;
import app.fluss.core.path.Outcome.State;
import app.fluss.core.path.Requirement;
import java.util.ArrayList;
import java.util.List;

/// What was not as it should be when a run was measured. Travels with the run.
final class RequirementFindings {
    private RequirementFindings() {}

    /// One finding for each requirement that was not met, and one for all that were not checked.
    static List<Finding> of(List<Judgement> judged) {
        List<Finding> found = new ArrayList<>();
        List<String> unknown = new ArrayList<>();
        for (Judgement judgement : judged) {
            Requirement requirement = judgement.requirement();
            if (judgement.state() == State.NOT_MET) {
                found.add(new Finding(
                        FindingCode.REQUIREMENT_NOT_MET,
                        requirement.id(),
                        FindingCode.REQUIREMENT_NOT_MET.severity(),
                        "%s Not met: %s."
                                .formatted(
                                        requirement.asks(), judgement.outcome().seen()),
                        requirement.why(),
                        requirement.remedy()));
            } else if (judgement.state() == State.UNKNOWN) {
                unknown.add(requirement.id().replace('-', ' '));
            }
        }
        if (!unknown.isEmpty()) {
            found.add(Finding.of(
                    FindingCode.REQUIREMENTS_UNKNOWN, "Not checked: %s.".formatted(String.join(", ", unknown))));
        }
        return List.copyOf(found);
    }
}
