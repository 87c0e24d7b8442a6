package app.fluss.core.display;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// How many samples of colour a signal carries.
public enum Chroma {
    /// Three samples for each pixel.
    FULL("4:4:4 or RGB", 3),
    /// Colour for every second pixel of a line.
    HALF("4:2:2", 2),
    /// Colour for every second pixel of every second line.
    QUARTER("4:2:0", 1.5);

    /// HDMI sends 4:2:2 with room for 12 bits a sample, whatever is used of it (HDMI 1.4, from memory).
    private static final int HDMI_HALF_BITS = 24;

    private final String label;
    private final double samples;

    Chroma(String label, double samples) {
        this.label = label;
        this.samples = samples;
    }

    /// The name in files and for people.
    public String label() {
        return label;
    }

    /// All names.
    public static List<String> labels() {
        return Arrays.stream(values()).map(Chroma::label).toList();
    }

    /// The one of that name, if there is one.
    public static Optional<Chroma> labelled(String label) {
        return Arrays.stream(values())
                .filter(chroma -> chroma.label.equals(label))
                .findFirst();
    }

    /// Bits that a pixel takes.
    ///
    /// @param bits a sample
    /// @param hdmi whether it goes over HDMI
    double bitsPerPixel(int bits, boolean hdmi) {
        return hdmi && this == HALF ? HDMI_HALF_BITS : samples * bits;
    }
}
