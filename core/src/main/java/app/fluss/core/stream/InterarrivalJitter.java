package app.fluss.core.stream;

/// Interarrival jitter after RFC 3550, section 6.4.1: over packets in the order they came in, with S when each was
/// sent and R when it was received, `D = (R_i - R_(i-1)) - (S_i - S_(i-1))` and `J += (|D| - J) / 16`, from 0.
///
/// Neither clock's origin matters. Any unit goes in and comes out again.
public final class InterarrivalJitter {
    private static final double GAIN = 1.0 / 16;

    private double transitBefore = Double.NaN;
    private double jitter;

    /// Jitter before any packet.
    public InterarrivalJitter() {}

    /// Takes the next packet.
    ///
    /// @param sent when it was sent, by the sender's clock
    /// @param received when it came in, by the receiver's clock, not before the packet taken last
    public void add(double sent, double received) {
        double transit = received - sent;
        if (!Double.isNaN(transitBefore)) {
            jitter += GAIN * (Math.abs(transit - transitBefore) - jitter);
        }
        transitBefore = transit;
    }

    /// The jitter after the packets so far; 0 before the second.
    public double value() {
        return jitter;
    }
}
