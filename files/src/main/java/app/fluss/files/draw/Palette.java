package app.fluss.files.draw;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

/// The colours of Fluss, by role: water and slate with one warm accent. The only place where colours are
/// written down. Every meaning that a colour has is also carried by a shape.
public enum Palette {
    /// For bright rooms, and on paper.
    LIGHT(
            false, 0xEEF3F4, 0xFBFDFD, 0xE1E9EB, 0x14262E, 0x52666F, 0xCBD7DB, 0x17697A, 0x8CC3CB, 0xB9C7CC, 0xAE4913,
            0xD5E7EA),
    /// For dark rooms.
    DARK(
            true, 0x0E181D, 0x15232A, 0x1C2E37, 0xE4EDF0, 0x93A9B3, 0x2B404A, 0x5FC0D0, 0x2F7583, 0x3D5560, 0xF2A25C,
            0x1F3F48),
    /// Light, for eyes that want more contrast: black on white, and lines that can be seen.
    LIGHT_CONTRAST(
            false, 0xFFFFFF, 0xFFFFFF, 0xE4EDF0, 0x000000, 0x2B3A41, 0x5C7079, 0x004A5A, 0x5FA9B5, 0x7C8D95, 0x7A2C00,
            0xCFE6EA),
    /// Dark, for eyes that want more contrast: white on black, and lines that can be seen.
    DARK_CONTRAST(
            true, 0x000000, 0x000000, 0x1A2A32, 0xFFFFFF, 0xCFDCE2, 0x8BA0AA, 0x7FE3F2, 0x2F93A5, 0x6F8792, 0xFFB877,
            0x123B44);

    private final boolean dark;

    @SuppressWarnings("ImmutableEnumChecker") // an unmodifiable map, which the checker cannot see
    private final Map<Role, Integer> colours;

    Palette(boolean dark, int... rgb) {
        this.dark = dark;
        Map<Role, Integer> byRole = new EnumMap<>(Role.class);
        Role[] roles = Role.values();
        for (int i = 0; i < roles.length; i++) {
            byRole.put(roles[i], rgb[i]);
        }
        colours = Collections.unmodifiableMap(byRole);
    }

    /// What a colour is for.
    public enum Role {
        /// Behind everything.
        GROUND,
        /// Panels.
        SURFACE,
        /// Panels within panels, and what is under the pointer.
        RAISED,
        /// Text and marks.
        INK,
        /// Text of less weight.
        MUTED,
        /// Lines and borders.
        LINE,
        /// Rendered images, and what is chosen.
        WATER,
        /// Generated images.
        FOAM,
        /// Held images.
        SLATE,
        /// What wants attention: lost images, stutters, faults.
        WARM,
        /// The band between the 5 % and 95 % quantile.
        BAND
    }

    /// Whether its ground is dark.
    public boolean isDark() {
        return dark;
    }

    /// Light for dark and dark for light, of the same contrast.
    public Palette turned() {
        return switch (this) {
            case LIGHT -> DARK;
            case DARK -> LIGHT;
            case LIGHT_CONTRAST -> DARK_CONTRAST;
            case DARK_CONTRAST -> LIGHT_CONTRAST;
        };
    }

    /// The colour for a role, as 0xRRGGBB.
    public int rgb(Role role) {
        return Objects.requireNonNull(colours.get(role));
    }

    /// The same as style sheets write it.
    public String hex(Role role) {
        return "#%06X".formatted(rgb(role));
    }
}
