package app.fluss.files.study;

import app.fluss.core.path.Judgement;
import app.fluss.core.reading.Impression;
import java.util.List;
import java.util.OptionalLong;

/// How a run was taken.
///
/// @param measuredAtMs when, ms since the start of 1970, if known
/// @param outcome whether it counts
/// @param reason why not; empty if it does
/// @param impression how it felt
public record Taking(OptionalLong measuredAtMs, Outcome outcome, String reason, Impression impression) {
    /// Of a log that came from somewhere: it counts, and nothing more is known.
    public static final Taking UNRECORDED = new Taking(OptionalLong.empty(), Outcome.KEPT, "", Impression.NONE);

    /// The same, measured at a time.
    public Taking at(long timeMs) {
        return new Taking(OptionalLong.of(timeMs), outcome, reason, impression);
    }

    /// The requirements of a run as they were judged before it, with their ids.
    ///
    /// @param requirement its id
    /// @param state met, not met or unknown
    /// @param seen what that rested on
    /// @param ticked whether that was the analyst's word
    public record Checked(String requirement, app.fluss.core.path.Outcome.State state, String seen, boolean ticked) {
        /// As it is kept.
        public static List<Checked> of(List<Judgement> judged) {
            return judged.stream()
                    .map(one -> new Checked(
                            one.requirement().id(), one.state(), one.outcome().seen(), one.ticked()))
                    .toList();
        }
    }
}
