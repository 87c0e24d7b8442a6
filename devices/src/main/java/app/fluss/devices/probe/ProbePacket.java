package app.fluss.devices.probe;

import app.fluss.core.stream.TrafficShape;
import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.function.Supplier;

/// One packet of the probe's protocol; `docs/probe-protocol.md` has its layout. Whatever comes from the network is
/// parsed here and nowhere else: anything that is not exactly a packet is none.
sealed interface ProbePacket {
    /// First bytes of every packet.
    int MAGIC = 0x464C5031;

    /// Size that the client's packets before the code is proven are filled up to, so that no answer is larger.
    int ASKING_BYTES = 128;

    /// Largest packet, bytes.
    int MOST_BYTES = TrafficShape.PACKET_BYTES + 64;

    /// Kind of a packet of an image.
    byte VIDEO = 5;

    /// Before the mark of a stand-in in such a packet, bytes.
    int MARK_AT = Integer.BYTES + 1 + Long.BYTES;

    /// Client to host: asks for a cookie.
    ///
    /// @param nonce of the client
    record Hello(long nonce) implements ProbePacket {}

    /// Host to client: proves later that the client is where it says.
    ///
    /// @param nonce of the client
    /// @param cookie to send back
    record Cookie(long nonce, long cookie) implements ProbePacket {}

    /// Client to host: proves the code and says what to send.
    ///
    /// @param nonce of the client
    /// @param cookie of the host
    /// @param plan what to send
    /// @param proof of the code over all of these
    record Start(long nonce, long cookie, ProbePlan plan, long proof) implements ProbePacket {
        /// The bytes that the proof is over.
        static ByteBuffer proven(long nonce, long cookie, ProbePlan plan) {
            ByteBuffer bytes = ByteBuffer.allocate(ASKING_BYTES);
            bytes.putLong(nonce).putLong(cookie);
            putPlan(bytes, plan);
            return bytes.flip();
        }
    }

    /// Host to client: why not.
    ///
    /// @param nonce of the client
    /// @param reason why
    record Refused(long nonce, Reason reason) implements ProbePacket {}

    /// Why a host refuses.
    enum Reason {
        /// The code was not the right one.
        WRONG_CODE,
        /// Another probe is running.
        BUSY
    }

    /// Host to client: one packet of an image.
    ///
    /// @param session number of the session
    /// @param simulated whether a stand-in for a link passed it on
    /// @param sequence number of the packet
    /// @param sentNanos when it was sent, ns on the host's clock
    record Video(long session, boolean simulated, int sequence, long sentNanos) implements ProbePacket {}

    /// Client to host: an input, sent back at once.
    ///
    /// @param session number of the session
    /// @param sequence number of the input
    record Input(long session, int sequence) implements ProbePacket {}

    /// Host to client: an input that came back.
    ///
    /// @param session number of the session
    /// @param sequence number of the input
    record Echo(long session, int sequence) implements ProbePacket {}

    /// Host to client: that was all.
    ///
    /// @param session number of the session
    /// @param images that were sent
    record End(long session, int images) implements ProbePacket {}

    /// Marks a packet of an image as passed on by a stand-in; leaves any other as it is.
    static void markSimulated(byte[] bytes, int length) {
        if (length > MARK_AT && ByteBuffer.wrap(bytes).getInt() == MAGIC && bytes[Integer.BYTES] == VIDEO) {
            bytes[MARK_AT] = 1;
        }
    }

    private static void putPlan(ByteBuffer to, ProbePlan plan) {
        TrafficShape shape = plan.shape();
        to.putDouble(shape.fps())
                .putDouble(shape.bitRateMbps())
                .putDouble(shape.keyEveryS())
                .putDouble(shape.keyFactor())
                .put((byte) (shape.paced() ? 1 : 0))
                .putDouble(plan.seconds());
    }

    private static ProbePlan plan(ByteBuffer from) {
        return new ProbePlan(
                new TrafficShape(
                        from.getDouble(), from.getDouble(), from.getDouble(), from.getDouble(), from.get() == 1),
                from.getDouble());
    }

    /// Writes a packet.
    ///
    /// @param to is cleared first, and ready to be sent afterwards
    /// @param bytes that the packet is filled up to
    static void write(ProbePacket packet, ByteBuffer to, int bytes) {
        to.clear();
        to.putInt(MAGIC);
        switch (packet) {
            case Hello(long nonce) -> to.put((byte) 1).putLong(nonce);
            case Cookie(long nonce, long cookie) ->
                to.put((byte) 2).putLong(nonce).putLong(cookie);
            case Start(long nonce, long cookie, ProbePlan plan, long proof) -> {
                to.put((byte) 3).putLong(nonce).putLong(cookie).putLong(proof);
                putPlan(to, plan);
            }
            case Refused(long nonce, Reason reason) ->
                to.put((byte) 4).putLong(nonce).put((byte) (reason == Reason.BUSY ? 1 : 0));
            case Video(long session, boolean simulated, int sequence, long sentNanos) ->
                to.put(VIDEO)
                        .putLong(session)
                        .put((byte) (simulated ? 1 : 0))
                        .putInt(sequence)
                        .putLong(sentNanos);
            case Input(long session, int sequence) ->
                to.put((byte) 6).putLong(session).putInt(sequence);
            case Echo(long session, int sequence) ->
                to.put((byte) 7).putLong(session).putInt(sequence);
            case End(long session, int images) ->
                to.put((byte) 8).putLong(session).putInt(images);
        }
        to.position(Math.max(to.position(), bytes)).flip();
    }

    /// Reads a packet.
    ///
    /// @param from any bytes at all
    /// @return empty if it is none
    static Optional<ProbePacket> parse(ByteBuffer from) {
        if (from.remaining() < Integer.BYTES + 1 + Long.BYTES || from.getInt() != MAGIC) {
            return Optional.empty();
        }
        byte kind = from.get();
        long first = from.getLong();
        int left = from.remaining();
        return switch (kind) {
            case 1 -> of(left >= ASKING_BYTES - 13, () -> new Hello(first));
            case 2 -> of(left >= Long.BYTES, () -> new Cookie(first, from.getLong()));
            case 3 -> of(left >= ASKING_BYTES - 13, () -> start(first, from));
            case 4 -> of(left >= 1, () -> new Refused(first, from.get() == 1 ? Reason.BUSY : Reason.WRONG_CODE));
            case VIDEO ->
                of(
                        left >= 1 + Integer.BYTES + Long.BYTES,
                        () -> new Video(first, from.get() == 1, from.getInt(), from.getLong()));
            case 6 -> of(left >= Integer.BYTES, () -> new Input(first, from.getInt()));
            case 7 -> of(left >= Integer.BYTES, () -> new Echo(first, from.getInt()));
            case 8 -> of(left >= Integer.BYTES, () -> new End(first, from.getInt()));
            default -> Optional.empty();
        };
    }

    private static Start start(long nonce, ByteBuffer from) {
        long cookie = from.getLong();
        long proof = from.getLong();
        return new Start(nonce, cookie, plan(from), proof);
    }

    private static Optional<ProbePacket> of(boolean whole, Supplier<ProbePacket> packet) {
        try {
            return whole ? Optional.of(packet.get()) : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty(); // a plan that no probe may have
        }
    }
}
