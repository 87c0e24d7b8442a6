package app.fluss.core.display;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What a display says of itself: VESA Enhanced EDID, release A, and the detailed timings of its CTA-861 extensions
/// (from memory).
///
/// @param name if it gives one
/// @param preferred its preferred timing, if it gives one; of an interlaced one the frame, which two fields make
/// @param isInterlaced whether that is sent in two fields
/// @param range refresh rates that it takes, if it says so
/// @param timings every detailed timing of all its blocks, the preferred one first
public record Edid(
        Optional<String> name,
        Optional<VideoTiming> preferred,
        boolean isInterlaced,
        Optional<Range> range,
        List<VideoTiming> timings) {
    /// Refresh rates, Hz.
    ///
    /// @param lowestHz the lowest
    /// @param highestHz the highest
    public record Range(int lowestHz, int highestHz) {}

    /// Keeps a copy.
    public Edid {
        timings = List.copyOf(timings);
    }

    private static final int LENGTH = 128;
    private static final int[] BEGINS = {0x00, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0x00};
    private static final int FIRST_DESCRIPTOR = 54;
    private static final int DESCRIPTOR = 18;
    private static final int DESCRIPTORS = 4;
    private static final int NAME_TAG = 0xFC;
    private static final int RANGE_TAG = 0xFD;
    private static final int CTA_TAG = 0x02;
    private static final int TEXT_AT = 5;
    private static final int FLAGS_AT = 17;
    private static final int INTERLACED = 0x80;
    private static final int RANGE_OFFSET = 255;

    /// Reads the blocks; empty if the first is none, or its sum is not 0. Extensions that are damaged or of another
    /// kind are passed over.
    public static Optional<Edid> of(byte[] blocks) {
        if (blocks.length < LENGTH || !beginsRight(blocks) || sum(blocks, 0) != 0) {
            return Optional.empty();
        }
        Optional<String> name = Optional.empty();
        Optional<Range> range = Optional.empty();
        List<VideoTiming> timings = new ArrayList<>();
        for (int i = 0; i < DESCRIPTORS; i++) {
            int at = FIRST_DESCRIPTOR + i * DESCRIPTOR;
            if (u8(blocks, at) != 0 || u8(blocks, at + 1) != 0) {
                timing(blocks, at).ifPresent(timings::add);
            } else if (u8(blocks, at + 3) == NAME_TAG) {
                name = text(blocks, at + TEXT_AT);
            } else if (u8(blocks, at + 3) == RANGE_TAG) {
                range = range(blocks, at);
            }
        }
        for (int block = LENGTH; block + LENGTH <= blocks.length; block += LENGTH) {
            if (u8(blocks, block) == CTA_TAG && sum(blocks, block) == 0) {
                extension(blocks, block, timings);
            }
        }
        Optional<VideoTiming> preferred = timing(blocks, FIRST_DESCRIPTOR);
        boolean interlaced = preferred.isPresent() && (u8(blocks, FIRST_DESCRIPTOR + FLAGS_AT) & INTERLACED) != 0;
        return Optional.of(new Edid(name, preferred, interlaced, range, timings));
    }

    private static void extension(byte[] blocks, int block, List<VideoTiming> timings) {
        int from = u8(blocks, block + 2);
        for (int at = Math.max(4, from); from > 0 && at + DESCRIPTOR < LENGTH; at += DESCRIPTOR) {
            timing(blocks, block + at).ifPresent(timings::add);
        }
    }

    /// A text ends at a line feed; what stands behind it is filling.
    private static Optional<String> text(byte[] blocks, int at) {
        String text = new String(blocks, at, DESCRIPTOR - TEXT_AT, StandardCharsets.US_ASCII);
        int end = text.indexOf('\n');
        String name = (end < 0 ? text : text.substring(0, end)).strip();
        return name.isEmpty() ? Optional.empty() : Optional.of(name);
    }

    private static Optional<Range> range(byte[] blocks, int at) {
        int offsets = u8(blocks, at + 4) & 0x03;
        int lowest = u8(blocks, at + 5) + (offsets == 3 ? RANGE_OFFSET : 0);
        int highest = u8(blocks, at + 6) + (offsets >= 2 ? RANGE_OFFSET : 0);
        return lowest > 0 && highest >= lowest ? Optional.of(new Range(lowest, highest)) : Optional.empty();
    }

    private static boolean beginsRight(byte[] block) {
        for (int i = 0; i < BEGINS.length; i++) {
            if (u8(block, i) != BEGINS[i]) {
                return false;
            }
        }
        return true;
    }

    private static int sum(byte[] block, int from) {
        int sum = 0;
        for (int i = from; i < from + LENGTH; i++) {
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
        if (!(mhz > 0 && width > 0 && height > 0)) {
            return Optional.empty();
        }
        // Lines are those of a field: two fields, with half a line more each, are a frame.
        boolean interlaced = (u8(block, at + FLAGS_AT) & INTERLACED) != 0;
        int lines = height + heightBlank;
        return Optional.of(new VideoTiming(
                width, interlaced ? 2 * height : height, width + widthBlank, interlaced ? 2 * lines + 1 : lines, mhz));
    }

    private static int u8(byte[] block, int at) {
        return block[at] & 0xFF;
    }
}
