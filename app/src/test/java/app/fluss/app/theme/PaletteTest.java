package app.fluss.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Palette.Role;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PaletteTest {
    /// Contrast ratio after WCAG 2.2, section 1.4.3 (from memory): (L1 + 0.05) / (L2 + 0.05).
    private static double contrast(Color a, Color b) {
        double la = luminance(a);
        double lb = luminance(b);
        return (Math.max(la, lb) + 0.05) / (Math.min(la, lb) + 0.05);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    @ParameterizedTest
    @EnumSource(Palette.class)
    void textCanBeReadOnEverythingItStandsOn(Palette palette) {
        for (Role ground : List.of(Role.GROUND, Role.SURFACE, Role.RAISED, Role.BAND)) {
            assertThat(contrast(Theme.colour(palette, Role.INK), Theme.colour(palette, ground)))
                    .as("ink on " + ground)
                    .isGreaterThan(7);
        }
        for (Role ground : List.of(Role.GROUND, Role.SURFACE)) {
            assertThat(contrast(Theme.colour(palette, Role.MUTED), Theme.colour(palette, ground)))
                    .as("muted on " + ground)
                    .isGreaterThan(4.5);
        }
        assertThat(contrast(Theme.colour(palette, Role.WARM), Theme.colour(palette, Role.SURFACE)))
                .as("warm")
                .isGreaterThan(4.5);
        assertThat(contrast(Theme.colour(palette, Role.WATER), Theme.colour(palette, Role.SURFACE)))
                .as("water")
                .isGreaterThan(4.5);
    }

    /// Marks must be seen, 3 to 1 (WCAG 2.2, section 1.4.11, from memory); generated ones have their
    /// shape besides.
    @ParameterizedTest
    @EnumSource(Palette.class)
    void marksAreSeen(Palette palette) {
        assertThat(contrast(Theme.colour(palette, Role.WATER), Theme.colour(palette, Role.SURFACE)))
                .isGreaterThan(3);
        assertThat(contrast(Theme.colour(palette, Role.WARM), Theme.colour(palette, Role.SURFACE)))
                .isGreaterThan(3);
        assertThat(contrast(Theme.colour(palette, Role.WATER), Theme.colour(palette, Role.FOAM)))
                .as("rendered from generated")
                .isGreaterThan(1.8);
    }

    @Test
    void theStyleSheetWritesNoColourAndKnowsEveryToken() throws Exception {
        try (InputStream in = Theme.class.getResourceAsStream("fluss.css")) {
            String css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            assertThat(css).doesNotContainPattern("#[0-9a-fA-F]{3,8}\\b");
            TreeSet<String> used = new TreeSet<>();
            Pattern.compile("-fluss-[a-z]+").matcher(css).results().forEach(match -> used.add(match.group()));
            assertThat(Arrays.stream(Role.values())
                            .map(role -> "-fluss-" + role.name().toLowerCase(Locale.ROOT)))
                    .containsAll(used);
        }
    }
}
