package app.fluss.app.theme;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import javafx.application.Application;
import javafx.application.ColorScheme;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/// The palette in use. Follows the system until the user turns it round.
public final class Theme {
    /// The text face; its figures are all of one width. SIL Open Font License.
    public static final String FACE = "Hanken Grotesk";

    private final ObjectProperty<Palette> palette = new SimpleObjectProperty<>(Palette.LIGHT);

    /// Loads the text face and takes the system's choice of light or dark.
    public Theme() {
        for (String weight : new String[] {"400Regular", "500Medium", "600SemiBold"}) {
            try (InputStream font = Theme.class.getResourceAsStream("HankenGrotesk_" + weight + ".ttf")) {
                Font.loadFont(Objects.requireNonNull(font), 13);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        boolean dark = Platform.getPreferences().getColorScheme() == ColorScheme.DARK;
        palette.set(dark ? Palette.DARK : Palette.LIGHT);
    }

    /// The palette in use.
    public ReadOnlyObjectProperty<Palette> paletteProperty() {
        return palette;
    }

    /// The palette in use.
    public Palette palette() {
        return palette.get();
    }

    /// Changes the palette.
    public void use(Palette chosen) {
        palette.set(chosen);
    }

    /// Turns light to dark or back.
    public void turn() {
        palette.set(palette.get() == Palette.LIGHT ? Palette.DARK : Palette.LIGHT);
    }

    /// Dresses a scene and keeps it dressed.
    public void dress(Scene scene) {
        scene.getStylesheets()
                .add(Objects.requireNonNull(Theme.class.getResource("fluss.css"))
                        .toExternalForm());
        palette.subscribe(now -> {
            Application.setUserAgentStylesheet(
                    now == Palette.DARK
                            ? new PrimerDark().getUserAgentStylesheet()
                            : new PrimerLight().getUserAgentStylesheet());
            scene.getRoot().setStyle(now.style());
        });
    }
}
