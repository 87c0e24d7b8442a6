package app.fluss.core.stream;

import java.util.SplittableRandom;

/// A link with faults at work: packets go out one after the other at its rate, and come in after its delay and jitter,
/// in order but for those that may be overtaken. The same seed gives the same faults.
public final class ImpairedLink {
    private final Impairment impairment;
    private final SplittableRandom random;
    private double freeMs = Double.NEGATIVE_INFINITY;
    private double newestMs = Double.NEGATIVE_INFINITY;

    /// An idle link.
    public ImpairedLink(Impairment impairment, SplittableRandom random) {
        this.impairment = impairment;
        this.random = random;
    }

    /// When a packet that is ready can begin to go out, ms.
    public double beginMs(double readyMs) {
        return Math.max(readyMs, freeMs);
    }

    /// Sends a packet.
    ///
    /// @param readyMs when it is ready, ms
    /// @return when it comes in, ms; NaN if it is lost
    public double send(double readyMs, int bytes) {
        freeMs = beginMs(readyMs) + bytes * Byte.SIZE / (impairment.rateMbps() * 1000);
        boolean lost = random.nextDouble() < impairment.lossShare();
        double shape = impairment.jitterShape();
        double jitter = impairment.jitterMs() > 0 ? Gamma.next(random, shape) * impairment.jitterMs() / shape : 0;
        double arrival = freeMs + impairment.delayMs() + jitter;
        boolean mayBeOvertaken = random.nextDouble() < impairment.reorderShare();
        if (!mayBeOvertaken) {
            arrival = Math.max(arrival, newestMs);
            newestMs = arrival;
        }
        return lost ? Double.NaN : arrival;
    }
}
