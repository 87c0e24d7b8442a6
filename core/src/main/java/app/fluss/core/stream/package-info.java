/// How good is a link for a stream, what does the stream ask of it, and which picture fits? Entry types:
/// [app.fluss.core.stream.LinkQuality], [app.fluss.core.stream.FrameArrivals],
/// [app.fluss.core.stream.StreamBudget].
package app.fluss.core.stream;
