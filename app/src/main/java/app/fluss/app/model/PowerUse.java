package app.fluss.app.model;

import app.fluss.core.measure.Energy;
import app.fluss.core.measure.Figure;
import java.util.Optional;

/// What a run took from the socket or the battery.
///
/// @param name of the run and its path
/// @param source mains or battery; empty if it is not stated
/// @param limitW the limit that was set, W
/// @param deliveredFps delivered rate, /s
/// @param energy power, and what an image took
/// @param comparable whether its limit is that of the run that is looked at, so that their rates may be held together
public record PowerUse(
        String name, Optional<String> source, Figure limitW, Figure deliveredFps, Energy energy, boolean comparable) {}
