package app.fluss.files.study;

import app.fluss.core.stream.ProbeTrace;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.log.ImportedLog;
import java.nio.file.Path;

/// What a run rests on, with the file as it came.
public sealed interface RunEvidence {
    /// The file as it came.
    Path raw();

    /// A frame log.
    ///
    /// @param raw the file as it came
    /// @param imported what was read from it
    record Log(Path raw, ImportedLog imported) implements RunEvidence {}

    /// The frame log of a stream's host; that of its client is the run's own.
    ///
    /// @param raw the file as it came
    /// @param imported what was read from it
    record HostLog(Path raw, ImportedLog imported) implements RunEvidence {}

    /// A probe of the link.
    ///
    /// @param raw the file as it came
    /// @param trace what was read from it
    record Probe(Path raw, ProbeTrace trace) implements RunEvidence {}

    /// What a counter or a tool said.
    ///
    /// @param raw the file as it came
    /// @param claim what was read from it
    record Said(Path raw, Claim claim) implements RunEvidence {}

    /// Measured latency.
    ///
    /// @param raw the file as it came
    /// @param reading what was read from it
    record Latency(Path raw, LatencyReading reading) implements RunEvidence {}
}
