package app.fluss.files.study;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.Summary;
import app.fluss.files.overlay.RecordedNumbers;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/// Every kind of evidence there is.
public final class EvidenceKinds {
    /// The frames of the run.
    public static final EvidenceKind<ImportedLog, FrameLog> FRAME_LOG = new FrameLogKind();

    /// The frames of a stream's host; those of its client are the run's own.
    public static final EvidenceKind<ImportedLog, FrameLog> HOST_LOG = new HostLogKind();

    /// What a counter said, read now and then.
    public static final EvidenceKind<ReadingSeries, ReadingSeries> READINGS = ClaimKind.readings();

    /// The numbers that stand on the pictures of a recording.
    public static final EvidenceKind<RecordedNumbers, StoredNumbers> RECORDING = new RecordingKind();

    /// What a tool said of the whole run.
    public static final EvidenceKind<Summary, Summary> SUMMARY = ClaimKind.summary();

    /// Input to light.
    public static final EvidenceKind<LatencyReading, StoredLatency> LATENCY = new LatencyKind();

    /// A clip of the game, counted.
    public static final EvidenceKind<StoredPictures, StoredPictures> CLIP_COUNT = new ClipCountKind();

    /// How good the link of a stream was.
    public static final EvidenceKind<ProbeTrace, ProbeTrace> LINK_PROBE = new LinkProbeKind();

    /// All, in the order in which a file is asked what it is: any table could be a frame log, so that comes
    /// last.
    public static final List<EvidenceKind<?, ?>> ALL =
            List.of(RECORDING, LINK_PROBE, LATENCY, READINGS, SUMMARY, CLIP_COUNT, HOST_LOG, FRAME_LOG);

    private EvidenceKinds() {}

    /// What kind of evidence a file is.
    ///
    /// @return empty if it is none that can be told from its beginning
    /// @throws InputException if it is no table of text, and nothing else that is known
    public static Optional<EvidenceKind<?, ?>> of(Candidate file) throws IOException, InputException {
        for (EvidenceKind<?, ?> kind : ALL) {
            if (kind.tells(file)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }
}
