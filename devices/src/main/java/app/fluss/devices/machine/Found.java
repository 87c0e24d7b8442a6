package app.fluss.devices.machine;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import java.util.Map;

/// A part of this machine and what it says of itself.
///
/// @param part rig or display
/// @param name proposed
/// @param facts only those that could be read
public record Found(BenchPart part, String name, Map<FactKey, String> facts) {
    /// Keeps a copy.
    public Found {
        facts = Map.copyOf(facts);
    }
}
