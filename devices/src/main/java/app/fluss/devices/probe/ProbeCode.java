package app.fluss.devices.probe;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Locale;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/// A one-time code that two people tell each other. Only proofs of it travel, never the code itself.
public final class ProbeCode {
    /// Letters and digits that are not taken for each other.
    private static final String ALPHABET = "23456789abcdefghjkmnpqrstuvwxyz";

    private static final int LENGTH = 8;
    private static final int PROOF_BYTES = 16;

    private final String text;

    private ProbeCode(String text) {
        this.text = text;
    }

    /// A new code.
    static ProbeCode random() {
        SecureRandom random = new SecureRandom();
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            text.append(ALPHABET.charAt(random.nextInt(ALPHABET.length())));
        }
        return new ProbeCode(text.toString());
    }

    /// A code as it was typed: letter case, spaces and hyphens aside.
    ///
    /// @throws IllegalArgumentException if it cannot be a code, with words for the user
    public static ProbeCode typed(String typed) {
        String text = typed.toLowerCase(Locale.ROOT).replace(" ", "").replace("-", "");
        if (text.length() != LENGTH || !text.chars().allMatch(c -> ALPHABET.indexOf(c) >= 0)) {
            throw new IllegalArgumentException(
                    "a code has %d letters and digits, such as %s: it is on the host's screen"
                            .formatted(LENGTH, "abcd-2345"));
        }
        return new ProbeCode(text);
    }

    /// What proves the knowledge of the code for some bytes.
    long proof(ByteBuffer bytes) {
        return ByteBuffer.wrap(keyed(text.getBytes(StandardCharsets.US_ASCII), bytes))
                .getLong();
    }

    /// The number that the packets of a session carry. Who does not know the code cannot make it.
    long session(long nonce, long cookie) {
        ByteBuffer bytes = ByteBuffer.allocate(2 * Long.BYTES + 1);
        bytes.putLong(nonce).putLong(cookie).put((byte) 's').flip();
        return proof(bytes);
    }

    /// A keyed digest, SHA-256.
    static byte[] keyed(byte[] key, ByteBuffer bytes) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(key, "HmacSHA256"));
            mac.update(bytes.duplicate());
            byte[] digest = new byte[PROOF_BYTES];
            System.arraycopy(mac.doFinal(), 0, digest, 0, PROOF_BYTES);
            return digest;
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java has HmacSHA256", e);
        }
    }

    /// In two halves, for reading aloud.
    @Override
    public String toString() {
        return text.substring(0, LENGTH / 2) + "-" + text.substring(LENGTH / 2);
    }
}
