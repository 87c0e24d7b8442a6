/// Probes a link with the traffic of a stream. Entry types: [app.fluss.devices.probe.ProbeServer] on the host,
/// [app.fluss.devices.probe.ProbeClient] on the client.
package app.fluss.devices.probe;
