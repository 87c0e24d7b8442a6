package app.fluss.app.theme;

import app.fluss.files.draw.Palette;
import java.util.Arrays;
import java.util.Optional;

/// Where light and dark come from.
public enum Appearance {
    /// What the system says.
    SYSTEM("as the system", Optional.empty()),
    /// Light.
    LIGHT("light", Optional.of(Palette.LIGHT)),
    /// Dark.
    DARK("dark", Optional.of(Palette.DARK)),
    /// Black on white.
    LIGHT_CONTRAST("light, high contrast", Optional.of(Palette.LIGHT_CONTRAST)),
    /// White on black.
    DARK_CONTRAST("dark, high contrast", Optional.of(Palette.DARK_CONTRAST));

    private final String title;

    @SuppressWarnings("ImmutableEnumChecker") // an Optional of an enum, which the checker cannot see through
    private final Optional<Palette> palette;

    Appearance(String title, Optional<Palette> palette) {
        this.title = title;
        this.palette = palette;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// The palette; empty where the system says which.
    public Optional<Palette> palette() {
        return palette;
    }

    /// The one that always has a palette.
    static Appearance of(Palette palette) {
        return Arrays.stream(values())
                .filter(appearance -> appearance.palette.equals(Optional.of(palette)))
                .findFirst()
                .orElseThrow();
    }
}
