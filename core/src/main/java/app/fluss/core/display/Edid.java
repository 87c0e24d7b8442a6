package app.fluss.core.display;

import java.nio.charset.StandardCharsets;
import java.util.Optional;

/// What a display says of itself: the first block of VESA Enhanced EDID, release A (from memory).
///
/// @param name if it gives one
/// @param preferred its preferred timing, if it gives one
public record Edid(Optional<String> name, Optional<VideoTiming> preferred) {
    private static final int LENGTH = 128;
    private static final int[] BEGINS = {0x00, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0x00};
    private static final int FIRST_DESCRIPTOR = 54;
    private static final int DESCRIPTOR = 18;
    private static final int DESCRIPTORS = 4;
    private static final int NAME_TAG = 0xFC;
    private static final int NAME_AT = 5;

    /// Reads a block; empty if it is none, or its sum is not 0.
    public static Optional<Edid> of(byte[] block) {
        if (block.length < LENGTH || !beginsRight(block) || sum(block) != 0) {
            return Optional.empty();
        }
        Optional<String> name = Optional.empty();
        for (int i = 0; i < DESCRIPTORS; i++) {
            int at = FIRST_DESCRIPTOR + i * DESCRIPTOR;
            if (u8(block, at) == 0 && u8(block, at + 1) == 0 && u8(block, at + 3) == NAME_TAG) {
                String text = new String(block, at + NAME_AT, DESCRIPTOR - NAME_AT, StandardCharsets.US_ASCII).strip();
                name = text.isEmpty() ? Optional.empty() : Optional.of(text);
            }
        }
        return Optional.of(new Edid(name, timing(block, FIRST_DESCRIPTOR)));
    }

    private static boolean beginsRight(byte[] block) {
        for (int i = 0; i < BEGINS.length; i++) {
            if (u8(block, i) != BEGINS[i]) {
                return false;
            }
        }
        return true;
    }

    private static int sum(byte[] block) {
        int sum = 0;
        for (int i = 0; i < LENGTH; i++) {
            sum += block[i];
        }
        return sum & 0xFF;
    }

    private static Optional<VideoTiming> timing(byte[] block, int at) {
        double mhz = (u8(block, at) + 256 * u8(block, at + 1)) / 100.0;
        int width = u8(block, at + 2) + 16 * (u8(block, at + 4) & 0xF0);
        int widthBlank = u8(block, at + 3) + 256 * (u8(block, at + 4) & 0x0F);
        int height = u8(block, at + 5) + 16 * (u8(block, at + 7) & 0xF0);
        int heightBlank = u8(block, at + 6) + 256 * (u8(block, at + 7) & 0x0F);
        return mhz > 0 && width > 0 && height > 0
                ? Optional.of(new VideoTiming(width, height, width + widthBlank, height + heightBlank, mhz))
                : Optional.empty();
    }

    private static int u8(byte[] block, int at) {
        return block[at] & 0xFF;
    }
}
