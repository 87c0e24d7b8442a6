package app.fluss.core.display;

import java.util.List;
import java.util.Optional;

/// A video mode with its blanking. Sources: VESA Coordinated Video Timings 1.2 (CRT blanking, reduced blanking 1 and
/// 2), by its formula; CTA-861 totals (from memory). Panels may carry timings of their own.
///
/// @param widthPx active pixels across, 1 or more
/// @param heightPx active lines, 1 or more
/// @param totalWidthPx with horizontal blanking
/// @param totalHeightPx with vertical blanking
/// @param clockMhz pixel clock, above 0
public record VideoTiming(int widthPx, int heightPx, int totalWidthPx, int totalHeightPx, double clockMhz) {
    private static final int CELL_PX = 8;
    private static final int FRONT_PORCH_LINES = 3;
    private static final int BACK_PORCH_LINES = 6;
    private static final double SYNC_AND_BACK_US = 550;
    private static final double REDUCED_BLANK_US = 460;
    private static final double CLOCK_STEP_MHZ = 0.25;
    private static final double CLOCK_STEP_2_MHZ = 0.001;

    /// CTA-861 formats 4, 16, 19, 31 to 34, 63, 64, 93 to 97, 117 and 118; each also runs at 1000/1001 of its rate.
    private static final List<VideoTiming> CTA = List.of(
            new VideoTiming(1280, 720, 1980, 750, 74.25),
            new VideoTiming(1280, 720, 1650, 750, 74.25),
            new VideoTiming(1920, 1080, 2750, 1125, 74.25),
            new VideoTiming(1920, 1080, 2640, 1125, 74.25),
            new VideoTiming(1920, 1080, 2200, 1125, 74.25),
            new VideoTiming(1920, 1080, 2640, 1125, 148.5),
            new VideoTiming(1920, 1080, 2200, 1125, 148.5),
            new VideoTiming(1920, 1080, 2640, 1125, 297),
            new VideoTiming(1920, 1080, 2200, 1125, 297),
            new VideoTiming(3840, 2160, 5500, 2250, 297),
            new VideoTiming(3840, 2160, 5280, 2250, 297),
            new VideoTiming(3840, 2160, 4400, 2250, 297),
            new VideoTiming(3840, 2160, 5280, 2250, 594),
            new VideoTiming(3840, 2160, 4400, 2250, 594),
            new VideoTiming(3840, 2160, 5280, 2250, 1188),
            new VideoTiming(3840, 2160, 4400, 2250, 1188));

    /// @throws IllegalArgumentException outside the ranges
    public VideoTiming {
        if (!(widthPx >= 1 && heightPx >= 1 && totalWidthPx >= widthPx && totalHeightPx >= heightPx && clockMhz > 0)) {
            throw new IllegalArgumentException("no such mode: %d x %d in %d x %d at %s MHz"
                    .formatted(widthPx, heightPx, totalWidthPx, totalHeightPx, clockMhz));
        }
    }

    /// CRT blanking.
    ///
    /// @param hz nominal refresh rate, above 0
    public static VideoTiming cvt(int widthPx, int heightPx, double hz) {
        int width = wholeCells(widthPx);
        double lineUs = (1e6 / hz - SYNC_AND_BACK_US) / (heightPx + FRONT_PORCH_LINES);
        int syncLines = syncLines(widthPx, heightPx);
        int syncAndBack = Math.max((int) (SYNC_AND_BACK_US / lineUs) + 1, syncLines + BACK_PORCH_LINES);
        double duty = Math.max(20, 30 - 300 * lineUs / 1000);
        int step = 2 * CELL_PX;
        int blank = step * (int) (width * duty / (100 - duty) / step);
        int total = width + blank;
        return new VideoTiming(
                widthPx,
                heightPx,
                total,
                heightPx + syncAndBack + FRONT_PORCH_LINES,
                floored(total / lineUs, CLOCK_STEP_MHZ));
    }

    /// Reduced blanking.
    public static VideoTiming cvtReduced(int widthPx, int heightPx, double hz) {
        int fewestLines = FRONT_PORCH_LINES + syncLines(widthPx, heightPx) + BACK_PORCH_LINES;
        return reduced(widthPx, heightPx, hz, wholeCells(widthPx) + 160, fewestLines, CLOCK_STEP_MHZ);
    }

    /// Reduced blanking, second version, which has no cells of 8 pixels.
    public static VideoTiming cvtReduced2(int widthPx, int heightPx, double hz) {
        return reduced(widthPx, heightPx, hz, widthPx + 80, 15, CLOCK_STEP_2_MHZ);
    }

    private static VideoTiming reduced(
            int widthPx, int heightPx, double hz, int totalWidthPx, int fewestLines, double clockStepMhz) {
        double lineUs = (1e6 / hz - REDUCED_BLANK_US) / heightPx;
        int blankLines = Math.max((int) (REDUCED_BLANK_US / lineUs) + 1, fewestLines);
        int height = heightPx + blankLines;
        double clockMhz = floored(hz * totalWidthPx * height / 1e6, clockStepMhz);
        return new VideoTiming(widthPx, heightPx, totalWidthPx, height, clockMhz);
    }

    /// The consumer timing of a mode, if there is one at this rate or at 1000/1001 of it.
    public static Optional<VideoTiming> cta(int widthPx, int heightPx, double hz) {
        return CTA.stream()
                .filter(mode -> mode.widthPx == widthPx
                        && mode.heightPx == heightPx
                        && Math.abs(mode.refreshHz() / hz - 1) < 0.002)
                .findFirst();
    }

    private static int wholeCells(int widthPx) {
        return widthPx / CELL_PX * CELL_PX;
    }

    private static double floored(double mhz, double step) {
        // A clock that lies on a step must not fall to the one below by the rounding of binary fractions.
        return Math.floor(mhz / step + 1e-9) * step;
    }

    private static int syncLines(int widthPx, int heightPx) {
        long w = widthPx;
        long h = heightPx;
        if (w * 3 == h * 4) {
            return 4;
        } else if (w * 9 == h * 16) {
            return 5;
        } else if (w * 10 == h * 16) {
            return 6;
        } else if (w * 4 == h * 5 || w * 9 == h * 15) {
            return 7;
        }
        return 10;
    }

    /// Refresh rate, Hz.
    public double refreshHz() {
        return clockMhz * 1e6 / totalWidthPx / totalHeightPx;
    }

    /// Lines a second, kHz.
    public double lineKhz() {
        return clockMhz * 1000 / totalWidthPx;
    }

    /// Time from the first to the last active line, ms.
    public double scanOutMs() {
        return heightPx / lineKhz();
    }

    /// What a signal needs, blanking included, Gbit/s.
    ///
    /// @param bitsPerPixel 24 for three channels of 8 bits
    public double gigabits(double bitsPerPixel) {
        return clockMhz * bitsPerPixel / 1000;
    }

    /// What its pixels alone need, Gbit/s.
    ///
    /// @param bitsPerPixel 24 for three channels of 8 bits
    public double activeGigabits(double bitsPerPixel) {
        return gigabits(bitsPerPixel) * widthPx / totalWidthPx * heightPx / totalHeightPx;
    }
}
