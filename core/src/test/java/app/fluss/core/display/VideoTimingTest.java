package app.fluss.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.display.DisplayLink.Fit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Totals and clocks of VESA CVT 1.2 (the rows that another open implementation prints alike) and CTA-861 (from
/// memory);
/// payloads of HDMI and DisplayPort (from memory).
class VideoTimingTest {
    @ParameterizedTest
    @CsvSource({
        "CVT, 1280, 720, 60, 1664, 748, 74.5, 59.8551",
        "CVT, 1920, 1080, 60, 2576, 1120, 173, 59.9628",
        "CVT, 1920, 1080, 120, 2656, 1160, 369.5, 119.9302",
        "CVT, 2560, 1440, 60, 3488, 1493, 312.25, 59.9606",
        "CVT, 2560, 1440, 144, 3584, 1568, 808.75, 143.9131",
        "CVT, 2560, 1440, 165, 3584, 1588, 938.5, 164.8981",
        "CVT, 3840, 2160, 60, 5312, 2237, 712.75, 59.9809",
        "CVT, 3840, 2160, 120, 5392, 2316, 1498.25, 119.9764",
        "RB, 1280, 720, 60, 1440, 741, 64, 59.9790",
        "RB, 1920, 1080, 60, 2080, 1111, 138.5, 59.9339",
        "RB, 1920, 1080, 120, 2080, 1144, 285.5, 119.9822",
        "RB, 2560, 1440, 165, 2720, 1559, 699.5, 164.9577",
        "RB, 3840, 2160, 60, 4000, 2222, 533.25, 59.9966",
        "RB, 3840, 2160, 120, 4000, 2287, 1097.75, 119.9989",
        "RB2, 1280, 720, 60, 1360, 741, 60.465, 59.9994",
        "RB2, 1920, 1080, 60, 2000, 1111, 133.32, 60",
        "RB2, 2560, 1440, 144, 2640, 1543, 586.586, 143.9998",
        "RB2, 3840, 2160, 60, 3920, 2222, 522.614, 60",
        "RB2, 3840, 2160, 120, 3920, 2287, 1075.804, 119.9999",
        "CTA, 1280, 720, 60, 1650, 750, 74.25, 60",
        "CTA, 1920, 1080, 120, 2200, 1125, 297, 120",
        "CTA, 3840, 2160, 60, 4400, 2250, 594, 60",
        "CTA, 3840, 2160, 120, 4400, 2250, 1188, 120",
    })
    void totalsAndClocksAreThoseOfTheStandards(
            String timing,
            int width,
            int height,
            double hz,
            int totalWidth,
            int totalHeight,
            double mhz,
            double refresh) {
        VideoTiming found = switch (timing) {
            case "CVT" -> VideoTiming.cvt(width, height, hz);
            case "RB" -> VideoTiming.cvtReduced(width, height, hz);
            case "RB2" -> VideoTiming.cvtReduced2(width, height, hz);
            default -> VideoTiming.cta(width, height, hz).orElseThrow();
        };
        assertThat(found.totalWidthPx()).isEqualTo(totalWidth);
        assertThat(found.totalHeightPx()).isEqualTo(totalHeight);
        assertThat(found.clockMhz()).isCloseTo(mhz, within(1e-9));
        assertThat(found.refreshHz()).isCloseTo(refresh, within(5e-5));
    }

    @ParameterizedTest
    @CsvSource({"CTA, 1920, 1080, 60, 16.0000", "RB2, 2560, 1440, 144, 6.4809", "CTA, 3840, 2160, 120, 8.0000"})
    void theActiveLinesAreScannedOutInTheirShareOfTheRefresh(String timing, int w, int h, double hz, double ms) {
        VideoTiming found =
                timing.equals("CTA") ? VideoTiming.cta(w, h, hz).orElseThrow() : VideoTiming.cvtReduced2(w, h, hz);
        assertThat(found.scanOutMs()).isCloseTo(ms, within(1e-4));
    }

    @Test
    void theConsumerTimingAlsoRunsAtThe1001thRate() {
        assertThat(VideoTiming.cta(3840, 2160, 60 / 1.001)).isPresent();
        assertThat(VideoTiming.cta(2560, 1440, 60)).isEmpty();
    }

    /// 3840 × 2160: needed Gbit/s against payload.
    @ParameterizedTest
    @CsvSource({
        "TMDS_340, 8.160, TOO_MUCH, TOO_MUCH, TOO_MUCH, TOO_MUCH",
        "TMDS_600, 14.400, FITS, TOO_MUCH, TOO_MUCH, TOO_MUCH",
        "FRL_9, 8.000, TOO_MUCH, TOO_MUCH, TOO_MUCH, TOO_MUCH",
        "FRL_18, 16.000, FITS, ACTIVE_ONLY, TOO_MUCH, TOO_MUCH",
        "FRL_24, 21.333, FITS, FITS, TOO_MUCH, TOO_MUCH",
        "FRL_32, 28.444, FITS, FITS, ACTIVE_ONLY, TOO_MUCH",
        "FRL_40, 35.556, FITS, FITS, FITS, ACTIVE_ONLY",
        "FRL_48, 42.667, FITS, FITS, FITS, FITS",
        "HBR, 8.640, TOO_MUCH, TOO_MUCH, TOO_MUCH, TOO_MUCH",
        "HBR2, 17.280, FITS, FITS, TOO_MUCH, TOO_MUCH",
        "HBR3, 25.920, FITS, FITS, FITS, TOO_MUCH",
        "UHBR10, 38.788, FITS, FITS, FITS, FITS",
        "UHBR13, 52.364, FITS, FITS, FITS, FITS",
        "UHBR20, 77.576, FITS, FITS, FITS, FITS",
    })
    void cablesCarryWhatTheirPayloadSays(DisplayLink link, double payload, Fit a, Fit b, Fit c, Fit d) {
        assertThat(link.payloadGigabits()).isCloseTo(payload, within(5e-4));
        assertThat(link.fit(3840, 2160, 60, 8, Chroma.FULL)).isEqualTo(a);
        assertThat(link.fit(3840, 2160, 60, 10, Chroma.FULL)).isEqualTo(b);
        assertThat(link.fit(3840, 2160, 120, 8, Chroma.FULL)).isEqualTo(c);
        assertThat(link.fit(3840, 2160, 120, 10, Chroma.FULL)).isEqualTo(d);
    }

    /// 2160p60 over HDMI 2.0 in 10 bits goes with 4:2:2 and 4:2:0 and not with 4:4:4; over HDMI 1.4 only with 4:2:0 in
    /// 8
    /// bits (HDMI 2.0, table of formats, from memory). 594 MHz × 24, 15 and 12 bits.
    @Test
    void fewerColourSamplesTakeLess() {
        assertThat(DisplayLink.TMDS_600.fit(3840, 2160, 60, 10, Chroma.FULL)).isEqualTo(Fit.TOO_MUCH);
        assertThat(DisplayLink.TMDS_600.fit(3840, 2160, 60, 10, Chroma.HALF)).isEqualTo(Fit.FITS);
        assertThat(DisplayLink.TMDS_600.fit(3840, 2160, 60, 10, Chroma.QUARTER)).isEqualTo(Fit.FITS);
        assertThat(DisplayLink.TMDS_340.fit(3840, 2160, 60, 8, Chroma.HALF)).isEqualTo(Fit.TOO_MUCH);
        assertThat(DisplayLink.TMDS_340.fit(3840, 2160, 60, 8, Chroma.QUARTER)).isEqualTo(Fit.FITS);
        assertThat(DisplayLink.HBR2.fit(3840, 2160, 60, 10, Chroma.HALF)).isEqualTo(Fit.FITS);
        assertThat(Chroma.labelled("4:2:2")).contains(Chroma.HALF);
    }

    @Test
    void whatAModeNeedsCountsItsBlanking() {
        VideoTiming mode = VideoTiming.cvtReduced2(3840, 2160, 60);
        assertThat(mode.gigabits(24)).isCloseTo(12.5427, within(5e-5));
        assertThat(mode.activeGigabits(24)).isCloseTo(11.9439, within(5e-4));
    }

    /// CTA-861 VIC 19, 31 to 34, 64, 93 to 96 and 117 (from memory; clock / totals = refresh).
    @ParameterizedTest
    @CsvSource({
        "1280, 720, 50, 1980, 750, 74.25", "1920, 1080, 50, 2640, 1125, 148.5", "1920, 1080, 24, 2750, 1125, 74.25",
        "1920, 1080, 25, 2640, 1125, 74.25", "1920, 1080, 30, 2200, 1125, 74.25", "1920, 1080, 100, 2640, 1125, 297",
        "3840, 2160, 24, 5500, 2250, 297", "3840, 2160, 25, 5280, 2250, 297", "3840, 2160, 30, 4400, 2250, 297",
        "3840, 2160, 50, 5280, 2250, 594", "3840, 2160, 100, 5280, 2250, 1188"
    })
    void consumerTimingsOfOtherRates(int width, int height, double hz, int total, int lines, double mhz) {
        VideoTiming timing = VideoTiming.cta(width, height, hz).orElseThrow();
        assertThat(timing).isEqualTo(new VideoTiming(width, height, total, lines, mhz));
        assertThat(timing.refreshHz()).isCloseTo(hz, within(1e-9));
        assertThat(VideoTiming.cta(width, height, hz * 1000 / 1001)).contains(timing);
    }

    /// 3840x2160@30 at 10 bits RGB needs 8.91 Gbit/s, @50 17.82: more than TMDS 340 and 600 MHz carry (derived).
    @Test
    void tenBitsNeedMoreThanTheOldLinks() {
        assertThat(VideoTiming.cta(3840, 2160, 30).orElseThrow().gigabits(30)).isCloseTo(8.91, within(1e-9));
        assertThat(VideoTiming.cta(3840, 2160, 50).orElseThrow().gigabits(30)).isCloseTo(17.82, within(1e-9));
    }

    /// The second version of reduced blanking knows no cells of 8 pixels: 1366 stays 1366.
    @Test
    void reducedBlankingTwoHasNoCells() {
        assertThat(VideoTiming.cvtReduced2(1366, 768, 60).totalWidthPx()).isEqualTo(1446);
        assertThat(VideoTiming.cvtReduced(1366, 768, 60).totalWidthPx()).isEqualTo(1360 + 160);
    }
}
