package app.fluss.app.theme;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import javafx.scene.paint.Color;

/// The colours of Fluss, by role: water and slate with one warm accent. The only place where colours are
/// written down; style sheets get them as `-fluss-…` tokens. Every meaning that a colour has is also carried by
/// a shape.
public enum Palette {
    /// For bright rooms.
    LIGHT(
            "#EEF3F4", "#FBFDFD", "#E1E9EB", "#14262E", "#52666F", "#CBD7DB", "#17697A", "#8CC3CB", "#B9C7CC",
            "#AE4913", "#D5E7EA"),
    /// For dark rooms.
    DARK(
            "#0E181D", "#15232A", "#1C2E37", "#E4EDF0", "#93A9B3", "#2B404A", "#5FC0D0", "#2F7583", "#3D5560",
            "#F2A25C", "#1F3F48");

    @SuppressWarnings("ImmutableEnumChecker") // an unmodifiable map, which the checker cannot see
    private final Map<Role, Color> colours;

    Palette(String... hex) {
        Map<Role, Color> byRole = new LinkedHashMap<>();
        Role[] roles = Role.values();
        for (int i = 0; i < roles.length; i++) {
            byRole.put(roles[i], Color.web(hex[i]));
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
        BAND;

        private String token() {
            return "-fluss-" + name().toLowerCase(Locale.ROOT);
        }
    }

    /// The colour for a role.
    public Color get(Role role) {
        return Objects.requireNonNull(colours.get(role));
    }

    /// The tokens as an inline style for the root, with the theme library's tokens mapped onto ours.
    public String style() {
        String own = colours.entrySet().stream()
                .map(entry -> entry.getKey().token() + ": " + web(entry.getValue()) + ";")
                .collect(Collectors.joining(" "));
        return own
                + " -color-bg-default: -fluss-surface; -color-bg-subtle: -fluss-raised; -color-bg-inset: -fluss-ground;"
                + " -color-bg-overlay: -fluss-surface; -color-fg-default: -fluss-ink; -color-fg-muted: -fluss-muted;"
                + " -color-fg-subtle: -fluss-muted; -color-border-default: -fluss-line; -color-border-muted: -fluss-line;"
                + " -color-border-subtle: -fluss-line; -color-accent-fg: -fluss-water; -color-accent-emphasis: -fluss-water;"
                + " -color-accent-muted: -fluss-band; -color-accent-subtle: -fluss-band;"
                + " -color-danger-fg: -fluss-warm; -color-danger-emphasis: -fluss-warm;";
    }

    private static String web(Color colour) {
        return "#%02X%02X%02X"
                .formatted(
                        Math.round(colour.getRed() * 255),
                        Math.round(colour.getGreen() * 255),
                        Math.round(colour.getBlue() * 255));
    }
}
