package app.fluss.core.finding;

import app.fluss.core.frame.ImportNotes;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.chain.Unexplained;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.measure.Analysis;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.path.Judgement;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.core.vr.Reprojection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Everything known of a run that a finding can rest on.
///
/// @param analysis its figures
/// @param notes what the importer met in its log
/// @param cardMemoryMb memory of the card that draws, MB; NaN if not stated
/// @param ways what of it was generated, as far as is known
/// @param requirements as they were judged before it
/// @param latency what was measured
/// @param unexplained measured latency less what the stages add up to
/// @param clip a clip of its game
/// @param recorded numbers that stand on a recording of it
/// @param blame what its hitches at a stream's client come from
/// @param probe of its link
/// @param headset what a headset showed of it
public record KnownOfRun(
        Analysis analysis,
        Optional<ImportNotes> notes,
        double cardMemoryMb,
        WaysToKnow ways,
        List<Judgement> requirements,
        Optional<Latency> latency,
        Optional<Unexplained> unexplained,
        Optional<Clip> clip,
        Optional<Recorded> recorded,
        Optional<Blamed> blame,
        Optional<Probe> probe,
        Optional<Reprojection> headset) {
    /// Keeps a copy.
    public KnownOfRun {
        requirements = List.copyOf(requirements);
    }

    /// A run of which only the log is known.
    public static KnownOfRun log(Analysis analysis, Optional<ImportNotes> notes, double cardMemoryMb) {
        return new KnownOfRun(
                analysis,
                notes,
                cardMemoryMb,
                WaysToKnow.of(analysis, Optional.empty()),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /// Measured latency.
    ///
    /// @param open trials that can be read in two ways and that nobody has judged
    public record Latency(Measurement measured, LatencyFigures figures, List<Trial> open) {
        /// Keeps a copy.
        public Latency {
            open = List.copyOf(open);
        }
    }

    /// A counted clip.
    ///
    /// @param fps its pictures a second
    public record Clip(PictureCount count, double fps) {}

    /// Numbers that stand on a recording.
    ///
    /// @param numbers what each showed, by its name
    /// @param missing what of the recording could not be read, in words; empty if nothing
    public record Recorded(Map<String, OverlaySeries> numbers, String missing) {
        /// Keeps a copy, in the same order.
        public Recorded {
            numbers = Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
        }
    }

    /// Hitches at a stream's client.
    public record Blamed(List<ClientHitch> hitches, Alignment alignment) {}

    /// A probe of the link.
    ///
    /// @param bufferMs what the client holds back, ms; NaN if it is not stated
    public record Probe(ProbeReport report, double bufferMs) {}
}
