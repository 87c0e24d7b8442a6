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

    /// WCAG 2.2, section 1.4.6 asks 7 to 1 of text, 1.4.11 3 to 1 of borders (from memory).
    @ParameterizedTest
    @EnumSource(names = {"LIGHT_CONTRAST", "DARK_CONTRAST"})
    void highContrastIsHigh(Palette palette) {
        for (Role ground : List.of(Role.GROUND, Role.SURFACE, Role.RAISED)) {
            assertThat(contrast(Theme.colour(palette, Role.INK), Theme.colour(palette, ground)))
                    .as("ink on " + ground)
                    .isGreaterThan(14);
            for (Role text : List.of(Role.MUTED, Role.WATER, Role.WARM)) {
                assertThat(contrast(Theme.colour(palette, text), Theme.colour(palette, ground)))
                        .as(text + " on " + ground)
                        .isGreaterThan(7);
            }
            assertThat(contrast(Theme.colour(palette, Role.LINE), Theme.colour(palette, ground)))
                    .as("lines on " + ground)
                    .isGreaterThan(3);
        }
        assertThat(palette.turned().turned()).isEqualTo(palette);
        assertThat(palette.turned().isDark()).isNotEqualTo(palette.isDark());
    }

    /// For people who lack one kind of cone: matrices of Machado, Oliveira and Fernandes (2009) for the whole
    /// lack, on linear light; from memory. Colour differences in CIELAB above 10 are seen at a glance.
    @ParameterizedTest
    @EnumSource(Palette.class)
    void ourTwoColoursStayApartForTheColourBlind(Palette palette) {
        double[][][] lacks = {
            {{0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216}, {-0.003882, -0.048116, 1.051998}},
            {{0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413}, {-0.011820, 0.042940, 0.968881}},
            {{1.255528, -0.076749, -0.178779}, {-0.078411, 0.930809, 0.147602}, {0.004733, 0.691367, 0.303900}}
        };
        for (double[][] lack : lacks) {
            double[] water = lab(seen(lack, Theme.colour(palette, Role.WATER)));
            double[] warm = lab(seen(lack, Theme.colour(palette, Role.WARM)));
            double apart = Math.sqrt(Math.pow(water[0] - warm[0], 2)
                    + Math.pow(water[1] - warm[1], 2)
                    + Math.pow(water[2] - warm[2], 2));
            assertThat(apart).isGreaterThan(20);
        }
    }

    private static double[] seen(double[][] lack, Color c) {
        double[] light = {linear(c.getRed()), linear(c.getGreen()), linear(c.getBlue())};
        double[] seen = new double[3];
        for (int row = 0; row < 3; row++) {
            for (int k = 0; k < 3; k++) {
                seen[row] += lack[row][k] * light[k];
            }
            seen[row] = Math.clamp(seen[row], 0, 1);
        }
        return seen;
    }

    /// CIE 1976 L*a*b* of linear sRGB under D65 (IEC 61966-2-1; from memory).
    private static double[] lab(double[] light) {
        double x = f((0.4124 * light[0] + 0.3576 * light[1] + 0.1805 * light[2]) / 0.9505);
        double y = f(0.2126 * light[0] + 0.7152 * light[1] + 0.0722 * light[2]);
        double z = f((0.0193 * light[0] + 0.1192 * light[1] + 0.9505 * light[2]) / 1.089);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double f(double t) {
        return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
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
