package app.fluss.files.study;

import app.fluss.core.feel.drill.Round;
import java.time.Instant;

/// A round of the drill, as it was played.
///
/// @param id its number; 0 for one that is not kept yet
/// @param person who played it
/// @param scenario that was simulated
/// @param seed of the run: with it the same run can be made again
/// @param round what was there and what was said
/// @param doneAt when
public record DrillRound(long id, String person, String scenario, long seed, Round round, Instant doneAt) {}
