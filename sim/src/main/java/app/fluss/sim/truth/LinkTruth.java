package app.fluss.sim.truth;

/// What happened on a link.
///
/// @param sent packets that were sent
/// @param lost packets that never came
/// @param jitterMs interarrival jitter at the end, RFC 3550 section 6.4.1, ms
public record LinkTruth(int sent, int lost, double jitterMs) {}
