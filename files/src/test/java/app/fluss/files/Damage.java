package app.fluss.files;

import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.SplittableRandom;

/// Damage to whole files, and how clips are read to the end.
final class Damage {
    private Damage() {}

    /// A few bytes of other values, more of them in the head, numbers at their bounds, parts left out, doubled or cut
    /// off.
    static byte[] of(byte[] whole, SplittableRandom random) {
        byte[] bytes = whole.clone();
        for (int change = random.nextInt(1, 6); change > 0 && bytes.length > 8; change--) {
            int at = random.nextInt(random.nextBoolean() ? Math.min(80, bytes.length - 4) : bytes.length - 4);
            switch (random.nextInt(7)) {
                case 0 -> bytes[at] = (byte) random.nextInt();
                case 1 -> bytes[at] ^= (byte) (1 << random.nextInt(8));
                case 2 -> ByteBuffer.wrap(bytes).putInt(at, random.nextBoolean() ? -1 : Integer.MAX_VALUE);
                case 3 -> bytes = Arrays.copyOf(bytes, at + 1);
                case 4 -> bytes[at] = (byte) "9-{}[],;\"\n\0e".charAt(random.nextInt(12));
                case 5 -> {
                    int count = random.nextInt(1, 40);
                    byte[] longer = Arrays.copyOf(bytes, bytes.length + count);
                    System.arraycopy(
                            bytes,
                            at,
                            longer,
                            Math.min(at + count, bytes.length),
                            bytes.length - Math.min(at + count, bytes.length));
                    bytes = longer;
                }
                default -> {
                    int count = Math.min(random.nextInt(1, 40), bytes.length - at);
                    System.arraycopy(bytes, at + count, bytes, at, bytes.length - at - count);
                    bytes = Arrays.copyOf(bytes, bytes.length - count);
                }
            }
        }
        return bytes;
    }

    /// Every picture of a clip.
    static void readClip(Path file) throws IOException, InputException {
        try (Clip clip = ClipFile.open(file)) {
            byte[] luma = new byte[Math.multiplyExact(clip.width(), clip.height())];
            for (int i = 0; i < clip.size(); i++) {
                clip.luma(i, luma);
            }
        }
    }
}
