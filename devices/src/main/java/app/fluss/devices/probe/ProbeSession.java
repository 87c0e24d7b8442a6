package app.fluss.devices.probe;

import java.nio.ByteBuffer;

/// What both sides know of a session once the code is proven.
final class ProbeSession {
    private ProbeSession() {}

    /// The number that its packets carry. Who does not know the code cannot make it.
    static long number(ProbeCode code, long nonce, long cookie) {
        ByteBuffer bytes = ByteBuffer.allocate(2 * Long.BYTES + 1);
        bytes.putLong(nonce).putLong(cookie).put((byte) 's').flip();
        return code.proof(bytes);
    }
}
