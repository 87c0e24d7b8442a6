package app.fluss.files.study;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import java.util.Map;
import java.util.OptionalLong;

/// Something that stands on the bench.
///
/// @param id its number in the study
/// @param part what it is
/// @param parent what it belongs to: the display of a picture mode
/// @param name what the analyst calls it
/// @param inUse whether it takes part in the runs that are measured now; one of each part does
/// @param facts what is known of it
public record Item(long id, BenchPart part, OptionalLong parent, String name, boolean inUse, Map<FactKey, Fact> facts) {
    /// Keeps a copy.
    public Item {
        facts = Map.copyOf(facts);
    }
}
