package app.fluss.core.display;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// The signal on a display's cable. Payload is raw rate times line code; packet headers and error correction,
/// about 2 % with FRL, are not deducted. Rates: HDMI 1.4, 2.0, 2.1, DisplayPort 1.2, 1.4, 2.1 (from memory).
public enum DisplayLink {
    /// HDMI 1.4.
    TMDS_340("HDMI TMDS 340 MHz", 10.2, 8.0 / 10),
    /// HDMI 2.0.
    TMDS_600("HDMI TMDS 600 MHz", 18, 8.0 / 10),
    /// HDMI 2.1, three lanes of 3 Gbit/s.
    FRL_9("HDMI FRL 9", 9, 16.0 / 18),
    /// HDMI 2.1, three lanes of 6 Gbit/s.
    FRL_18("HDMI FRL 18", 18, 16.0 / 18),
    /// HDMI 2.1, four lanes of 6 Gbit/s.
    FRL_24("HDMI FRL 24", 24, 16.0 / 18),
    /// HDMI 2.1, four lanes of 8 Gbit/s.
    FRL_32("HDMI FRL 32", 32, 16.0 / 18),
    /// HDMI 2.1, four lanes of 10 Gbit/s.
    FRL_40("HDMI FRL 40", 40, 16.0 / 18),
    /// HDMI 2.1, four lanes of 12 Gbit/s.
    FRL_48("HDMI FRL 48", 48, 16.0 / 18),
    /// DisplayPort, four lanes of 2.7 Gbit/s.
    HBR("DisplayPort HBR", 10.8, 8.0 / 10),
    /// DisplayPort 1.2.
    HBR2("DisplayPort HBR2", 21.6, 8.0 / 10),
    /// DisplayPort 1.4.
    HBR3("DisplayPort HBR3", 32.4, 8.0 / 10),
    /// DisplayPort 2, four lanes of 10 Gbit/s.
    UHBR10("DisplayPort UHBR10", 40, 128.0 / 132),
    /// DisplayPort 2, four lanes of 13.5 Gbit/s.
    UHBR13("DisplayPort UHBR13.5", 54, 128.0 / 132),
    /// DisplayPort 2, four lanes of 20 Gbit/s.
    UHBR20("DisplayPort UHBR20", 80, 128.0 / 132);

    private final String label;
    private final double rawGigabits;
    private final double code;

    DisplayLink(String label, double rawGigabits, double code) {
        this.label = label;
        this.rawGigabits = rawGigabits;
        this.code = code;
    }

    /// Whether a mode fits.
    public enum Fit {
        /// It does, without compression.
        FITS,
        /// Its pixels would, its blanking would not: some devices shorten the blanking, some do not.
        ACTIVE_ONLY,
        /// It does not, without compression.
        TOO_MUCH
    }

    /// The name in files and for people.
    public String label() {
        return label;
    }

    /// All names.
    public static List<String> labels() {
        return Arrays.stream(values()).map(DisplayLink::label).toList();
    }

    /// The link of that name, if there is one.
    public static Optional<DisplayLink> labelled(String label) {
        return Arrays.stream(values()).filter(link -> link.label.equals(label)).findFirst();
    }

    /// What it carries, Gbit/s.
    public double payloadGigabits() {
        return rawGigabits * code;
    }

    private boolean isDisplayPort() {
        return compareTo(HBR) >= 0;
    }

    /// TMDS sends the whole pixel clock; FRL may send less than the blanking asks.
    private boolean maySpareBlanking() {
        return compareTo(FRL_9) >= 0 && compareTo(FRL_48) <= 0;
    }

    /// Whether a mode fits without compression: HDMI with the consumer timing where there is one, else with
    /// reduced blanking; DisplayPort with the leanest of them. What compression on the cable would make fit is not
    /// judged.
    ///
    /// @param bits per channel, 8 or 10
    public Fit fit(int widthPx, int heightPx, double hz, int bits, Chroma chroma) {
        VideoTiming reduced = VideoTiming.cvtReduced2(widthPx, heightPx, hz);
        VideoTiming hdmi =
                VideoTiming.cta(widthPx, heightPx, hz).orElseGet(() -> VideoTiming.cvtReduced(widthPx, heightPx, hz));
        double bitsPerPixel = chroma.bitsPerPixel(bits, !isDisplayPort());
        double needed = (isDisplayPort() ? reduced : hdmi).gigabits(bitsPerPixel);
        if (needed <= payloadGigabits()) {
            return Fit.FITS;
        }
        return maySpareBlanking() && hdmi.activeGigabits(bitsPerPixel) <= payloadGigabits()
                ? Fit.ACTIVE_ONLY
                : Fit.TOO_MUCH;
    }
}
