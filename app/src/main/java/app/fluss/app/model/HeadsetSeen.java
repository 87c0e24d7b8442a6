package app.fluss.app.model;

import app.fluss.core.vr.Reprojection;
import java.util.List;

/// What a headset showed of a run.
///
/// @param whole of the whole run
/// @param sections of each of its marked stretches, in their order
public record HeadsetSeen(Reprojection whole, List<Reprojection> sections) {}
