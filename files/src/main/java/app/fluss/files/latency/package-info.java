/// Latency measurements from files: sample lists, sensor traces, sound.
///
/// Entry type: [app.fluss.files.latency.LatencyFile].
package app.fluss.files.latency;
