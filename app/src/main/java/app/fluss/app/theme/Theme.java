package app.fluss.app.theme;

import app.fluss.files.draw.Palette;
import app.fluss.files.draw.TextFace;
import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import javafx.application.Application;
import javafx.application.ColorScheme;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.util.Subscription;

/// The palette and the size of text in use. The palette follows the system unless the user says otherwise.
public final class Theme {
    private static final Map<Palette, Map<Palette.Role, Color>> COLOURS = new EnumMap<>(Palette.class);

    static {
        for (Palette palette : Palette.values()) {
            COLOURS.put(palette, colours(palette));
        }
    }

    private static final double TEXT_PX = 13;
    private static final double LARGEST = 2;
    private static final double STEP = 0.1;

    private final ReadOnlyDoubleWrapper textScale = new ReadOnlyDoubleWrapper(1);
    private final ObjectProperty<Palette> palette = new SimpleObjectProperty<>(Palette.LIGHT);
    private final ObjectProperty<Appearance> appearance = new SimpleObjectProperty<>(Appearance.SYSTEM);

    /// Loads the text face and takes the system's choice of light or dark.
    public Theme() {
        for (TextFace.Weight weight : TextFace.Weight.values()) {
            try (InputStream font = TextFace.open(weight)) {
                Font.loadFont(font, TEXT_PX);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        appearance.subscribe(now -> palette.set(now.palette().orElseGet(Theme::ofSystem)));
        Platform.getPreferences().colorSchemeProperty().subscribe(() -> {
            if (appearance.get() == Appearance.SYSTEM) {
                palette.set(ofSystem());
            }
        });
    }

    /// The palette in use.
    public ReadOnlyObjectProperty<Palette> paletteProperty() {
        return palette;
    }

    /// The palette in use.
    public Palette palette() {
        return palette.get();
    }

    /// Where light and dark come from; changes the palette.
    public ObjectProperty<Appearance> appearanceProperty() {
        return appearance;
    }

    /// Turns light to dark or back.
    public void turn() {
        appearance.set(Appearance.of(palette.get().turned()));
    }

    private static Palette ofSystem() {
        return Platform.getPreferences().getColorScheme() == ColorScheme.DARK ? Palette.DARK : Palette.LIGHT;
    }

    /// Size of text, 1 to 2 times the usual.
    public ReadOnlyDoubleProperty textScaleProperty() {
        return textScale.getReadOnlyProperty();
    }

    /// Makes text larger or smaller.
    ///
    /// @param steps of a tenth; negative for smaller
    public void scaleText(int steps) {
        textScale.set(Math.clamp(textScale.get() + steps * STEP, 1, LARGEST));
    }

    /// Makes text the usual size.
    public void resetText() {
        textScale.set(1);
    }

    /// Size of text, 100 to 200 % of the usual.
    public int textPercent() {
        return (int) Math.rint(textScale.get() * 100);
    }

    /// Sets the size of text.
    ///
    /// @param percent of the usual; is brought into 100 to 200
    public void setTextPercent(int percent) {
        textScale.set(Math.clamp(percent / 100.0, 1, LARGEST));
    }

    /// Style for the root of a scene: the palette's colours and the size of text.
    String style() {
        return tokens() + String.format(Locale.ROOT, ThemeText.FX_FONT_SIZE_PX, TEXT_PX * textScale.get());
    }

    /// The palette as tokens `-fluss-…` for style sheets, with the theme library's tokens mapped onto
    /// ours.
    private String tokens() {
        String own = Arrays.stream(Palette.Role.values())
                .map(role -> "-fluss-%s: %s;"
                        .formatted(
                                role.name().toLowerCase(Locale.ROOT),
                                palette.get().hex(role)))
                .collect(Collectors.joining(" "));
        return own
                + " -color-bg-default: -fluss-surface; -color-bg-subtle: -fluss-raised; -color-bg-inset: -fluss-ground;"
                + " -color-bg-overlay: -fluss-surface; -color-fg-default: -fluss-ink; -color-fg-muted: -fluss-muted;"
                + " -color-fg-subtle: -fluss-muted; -color-border-default: -fluss-line; -color-border-muted: -fluss-line;"
                + " -color-border-subtle: -fluss-line; -color-accent-fg: -fluss-water; -color-accent-emphasis: -fluss-water;"
                + " -color-accent-muted: -fluss-band; -color-accent-subtle: -fluss-band;"
                + " -color-danger-fg: -fluss-warm; -color-danger-emphasis: -fluss-warm;";
    }

    /// A colour of a palette as the toolkit has it.
    public static Color colour(Palette palette, Palette.Role role) {
        return Objects.requireNonNull(
                Objects.requireNonNull(COLOURS.get(palette)).get(role));
    }

    private static Map<Palette.Role, Color> colours(Palette palette) {
        Map<Palette.Role, Color> colours = new EnumMap<>(Palette.Role.class);
        for (Palette.Role role : Palette.Role.values()) {
            int rgb = palette.rgb(role);
            colours.put(role, Color.rgb(rgb >> 16, rgb >> 8 & 0xFF, rgb & 0xFF));
        }
        return colours;
    }

    /// A colour of the palette in use.
    public Color colour(Palette.Role role) {
        return colour(palette.get(), role);
    }

    /// Dresses a scene and keeps it dressed until the subscription ends.
    public Subscription dress(Scene scene) {
        scene.getStylesheets()
                .add(Objects.requireNonNull(Theme.class.getResource("fluss.css"))
                        .toExternalForm());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, Choice::openByArrow);
        Subscription colours = palette.subscribe(now -> {
            Application.setUserAgentStylesheet(
                    now.isDark()
                            ? new PrimerDark().getUserAgentStylesheet()
                            : new PrimerLight().getUserAgentStylesheet());
            scene.getRoot().setStyle(style());
        });
        return colours.and(textScale.subscribe(() -> scene.getRoot().setStyle(style())));
    }
}
