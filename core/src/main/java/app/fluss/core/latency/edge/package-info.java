/// When did the input begin, and when did the light answer? Entry types:
/// [app.fluss.core.latency.edge.EdgeDetection], [app.fluss.core.latency.edge.Signal].
package app.fluss.core.latency.edge;
