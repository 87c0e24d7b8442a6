package app.fluss.core.reading;

import java.util.Arrays;
import java.util.Optional;

/// What can be marked with a single key while a scene runs.
public enum PadMark {
    /// The worst moment so far.
    WORST('W', "worst here"),
    /// The interface flickers.
    FLICKER('F', "interface flickers"),
    /// Edges trail or double.
    GHOSTING('G', "ghosting"),
    /// Input comes late.
    LAG('L', "lag felt"),
    /// A hitch was seen.
    HITCH('H', "hitch"),
    /// The path was switched on or off.
    TOGGLE('T', "path switched"),
    /// A new section of the scene begins.
    SECTION('S', "section");

    private final char key;
    private final String title;

    PadMark(char key, String title) {
        this.key = key;
        this.title = title;
    }

    /// The key.
    public char key() {
        return key;
    }

    /// What it means, for people.
    public String title() {
        return title;
    }

    /// The mark of a key, whatever its case.
    public static Optional<PadMark> of(char typed) {
        char upper = Character.toUpperCase(typed);
        return Arrays.stream(values()).filter(mark -> mark.key == upper).findFirst();
    }
}
