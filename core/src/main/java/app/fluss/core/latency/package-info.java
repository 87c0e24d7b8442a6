/// From input to light: samples, their statistics, edges on sensor traces, camera counts.
///
/// Entry types: [app.fluss.core.latency.edge.EdgeDetection], [app.fluss.core.latency.LatencyFigures].
package app.fluss.core.latency;
