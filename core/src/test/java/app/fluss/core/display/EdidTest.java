package app.fluss.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// A block laid out by hand after VESA Enhanced EDID (from memory): CTA-861 format 16 as its preferred timing.
class EdidTest {
    private static byte[] block() {
        byte[] block = new byte[128];
        for (int i = 1; i < 7; i++) {
            block[i] = (byte) 0xFF;
        }
        // 148.50 MHz; 1920 + 280 across; 1080 + 45 down.
        int[] timing = {
            14850 & 0xFF,
            14850 >> 8,
            1920 & 0xFF,
            280 & 0xFF,
            (1920 >> 8 << 4) | (280 >> 8),
            1080 & 0xFF,
            45,
            1080 >> 8 << 4
        };
        for (int i = 0; i < timing.length; i++) {
            block[54 + i] = (byte) timing[i];
        }
        block[72 + 3] = (byte) 0xFC;
        byte[] name = "Tideglass 24\n".getBytes(StandardCharsets.US_ASCII);
        System.arraycopy(name, 0, block, 72 + 5, name.length);
        return summed(block);
    }

    private static byte[] summed(byte[] block) {
        block[127] = 0;
        int sum = 0;
        for (byte b : block) {
            sum += b;
        }
        block[127] = (byte) -sum;
        return block;
    }

    @Test
    void nameAndPreferredTimingAreRead() {
        Edid edid = Edid.of(block()).orElseThrow();
        assertThat(edid.name()).contains("Tideglass 24");
        assertThat(edid.preferred()).isEqualTo(VideoTiming.cta(1920, 1080, 60));
    }

    @Test
    void anEmptyTimingIsNone() {
        byte[] block = block();
        block[54] = 0;
        block[55] = 0;
        assertThat(Edid.of(summed(block)).orElseThrow().preferred()).isEmpty();
    }

    @Test
    void whatIsNoBlockIsNothing() {
        assertThat(Edid.of(new byte[128])).isEqualTo(Optional.empty());
        assertThat(Edid.of(new byte[20])).isEmpty();
        byte[] wrongSum = block();
        wrongSum[100]++;
        assertThat(Edid.of(wrongSum)).isEmpty();
    }

    /// Whatever the bytes, there is an answer and no exception.
    @Test
    void bytesOfChanceAreSurvived() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 2000; i++) {
            byte[] block = block();
            for (int at = 54; at < 126; at++) {
                block[at] = (byte) random.nextInt();
            }
            assertThat(Edid.of(summed(block))).isPresent();
        }
    }

    /// CTA-861 format 5: 1920x1080 in two fields, 74.25 MHz, 2200 across, 562.5 lines a field (from memory).
    @Test
    void anInterlacedTimingIsAFrameOfTwoFields() {
        byte[] block = block();
        int[] timing = {7425 & 0xFF, 7425 >> 8, 1920 & 0xFF, 280 & 0xFF, (1920 >> 8 << 4) | (280 >> 8), 540 & 0xFF, 22};
        for (int i = 0; i < timing.length; i++) {
            block[54 + i] = (byte) timing[i];
        }
        block[61] = (byte) (540 >> 8 << 4);
        block[71] = (byte) 0x80;
        Edid edid = Edid.of(summed(block)).orElseThrow();
        assertThat(edid.isInterlaced()).isTrue();
        assertThat(edid.preferred().orElseThrow().heightPx()).isEqualTo(1080);
        assertThat(edid.preferred().orElseThrow().totalHeightPx()).isEqualTo(1125);
        assertThat(edid.preferred().orElseThrow().refreshHz()).isCloseTo(30, within(1e-9));
    }

    @Test
    void aNameEndsAtItsLineFeedAndRangesAndExtensionsAreRead() {
        byte[] block = block();
        System.arraycopy("Tideglass\nxyz".getBytes(StandardCharsets.US_ASCII), 0, block, 72 + 5, 13);
        block[90 + 3] = (byte) 0xFD;
        block[90 + 4] = 2;
        block[90 + 5] = 48;
        block[90 + 6] = 10;
        block[126] = 1;
        byte[] extension = new byte[128];
        extension[0] = 2;
        extension[1] = 3;
        extension[2] = 4;
        System.arraycopy(block, 54, extension, 4, 18);
        extension[4] = (byte) (29700 & 0xFF);
        extension[5] = (byte) (29700 >> 8);
        byte[] both = new byte[256];
        System.arraycopy(summed(block), 0, both, 0, 128);
        System.arraycopy(summed(extension), 0, both, 128, 128);
        Edid edid = Edid.of(both).orElseThrow();
        assertThat(edid.name()).contains("Tideglass");
        assertThat(edid.range()).as("10 and 255 more").contains(new Edid.Range(48, 265));
        assertThat(edid.timings()).hasSize(2);
        assertThat(edid.timings().getLast())
                .isEqualTo(VideoTiming.cta(1920, 1080, 120).orElseThrow());
        both[200]++;
        assertThat(Edid.of(both).orElseThrow().timings()).as("damaged").hasSize(1);
    }
}
