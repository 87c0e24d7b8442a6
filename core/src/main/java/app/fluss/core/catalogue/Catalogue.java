package app.fluss.core.catalogue;

import app.fluss.core.compare.GenerationMeasure;
import app.fluss.core.generation.WaysMeasure;
import app.fluss.core.latency.LatencyMeasure;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Measure;
import app.fluss.core.picture.ClipMeasure;
import app.fluss.core.stream.LinkMeasure;
import app.fluss.core.stream.ProbeMeasure;
import app.fluss.core.vr.HeadsetMeasure;
import java.util.List;

/// Every figure of Fluss, by the result that it belongs to.
public final class Catalogue {
    /// All of them.
    public static final List<Family> FAMILIES = List.of(
            family("A run", "fluss analyze LOG --json", Measure.values()),
            family("What was generated", "fluss analyze LOG --json", WaysMeasure.values()),
            family("A path against the native one", "fluss compare A --against B --json", GenerationMeasure.values()),
            family("Latency", "fluss latency FILE --json", LatencyMeasure.values()),
            family("A clip of the game", "fluss video CLIP --json", ClipMeasure.values()),
            family("A headset", "fluss vr LOG --json", HeadsetMeasure.values()),
            family("Packets of a link", "fluss probe analyze TRACE --json", LinkMeasure.values()),
            family("A link probe", "fluss probe analyze PROBE --json", ProbeMeasure.values()));

    private Catalogue() {}

    /// The figures of one kind of result.
    ///
    /// @param title what it is a result of
    /// @param command that prints them
    public record Family(String title, String command, List<Described> figures) {
        /// Keeps a copy.
        public Family {
            figures = List.copyOf(figures);
        }
    }

    private static Family family(String title, String command, Described... figures) {
        return new Family(title, command, List.of(figures));
    }
}
