package app.fluss.core.path;

import app.fluss.core.bench.Setup;
import app.fluss.core.path.Outcome.State;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/// Judges the requirements of a path before a run.
public final class Preflight {
    private Preflight() {}

    /// The requirements that a path has, those not met first, then the unknown ones.
    ///
    /// @param all every requirement there is
    /// @param now facts of this run
    /// @param baseline facts of the native run; [Setup#EMPTY] if there is none yet
    /// @param said what the analyst says of unknown ones, by their ids: whether they are met
    public static List<Judgement> judge(
            List<Requirement> all, Chain chain, Setup now, Setup baseline, Map<String, Boolean> said) {
        return all.stream()
                .filter(requirement -> requirement.appliesTo(chain))
                .map(requirement -> judge(requirement, now, baseline, said))
                .sorted(Comparator.comparing(Judgement::state))
                .toList();
    }

    private static Judgement judge(Requirement requirement, Setup now, Setup baseline, Map<String, Boolean> said) {
        Outcome outcome = requirement.needs().judge(now, baseline);
        @Nullable Boolean met = said.get(requirement.id());
        if (outcome.state() != State.UNKNOWN || met == null) {
            return new Judgement(requirement, outcome, false);
        }
        return new Judgement(requirement, met ? Outcome.met("you said so") : Outcome.notMet("you said so"), true);
    }
}
