package app.fluss.core.stream;

/// When each packet of a test was sent and came in, by its sequence number.
///
/// Two clocks may be meant: the sender's for sending, the receiver's for receiving. Numbers that are not in the
/// log between its first and its last count as sent and lost. Immutable, on the promise of whoever built it not to
/// touch the arrays again.
public final class PacketLog {
    private final long[] sequence;
    private final double[] sentMs;
    private final double[] receivedMs;

    /// The arrays are taken over; all have the same length.
    ///
    /// @param sequence ascending, none twice
    /// @param sentMs when it was sent, ms on the sender's clock
    /// @param receivedMs when it came in, ms on the receiver's clock; NaN if it never did
    /// @throws IllegalArgumentException if lengths differ, or numbers do not ascend
    public PacketLog(long[] sequence, double[] sentMs, double[] receivedMs) {
        if (sentMs.length != sequence.length || receivedMs.length != sequence.length) {
            throw new IllegalArgumentException("sequence, sentMs and receivedMs must be equally long, got %d, %d and %d"
                    .formatted(sequence.length, sentMs.length, receivedMs.length));
        }
        for (int i = 1; i < sequence.length; i++) {
            if (sequence[i] <= sequence[i - 1]) {
                throw new IllegalArgumentException(
                        "sequence must ascend, got %d after %d".formatted(sequence[i], sequence[i - 1]));
            }
        }
        this.sequence = sequence;
        this.sentMs = sentMs;
        this.receivedMs = receivedMs;
    }

    /// Number of packets in the log.
    public int size() {
        return sequence.length;
    }

    /// Number of the packet at a 0-based index.
    public long sequence(int index) {
        return sequence[index];
    }

    /// When it was sent, ms on the sender's clock.
    public double sentMs(int index) {
        return sentMs[index];
    }

    /// When it came in, ms on the receiver's clock; NaN if it never did.
    public double receivedMs(int index) {
        return receivedMs[index];
    }

    /// Whether it came in.
    public boolean cameIn(int index) {
        return !Double.isNaN(receivedMs[index]);
    }

    /// When they came in, as a column that only is read.
    double[] receivedColumn() {
        return receivedMs;
    }

    /// Packets sent: `highest - lowest + 1` as in RFC 3550, appendix A.3 (from memory).
    public long sent() {
        return sequence.length == 0 ? 0 : sequence[sequence.length - 1] - sequence[0] + 1;
    }
}
