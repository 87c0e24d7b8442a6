package app.fluss.app.settings;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.theme.Appearance;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.LowConvention;
import app.fluss.files.draw.Palette;
import java.util.prefs.Preferences;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;

class SettingsTest extends ApplicationTest {
    private final Preferences preferences = Preferences.userRoot()
            .node("fluss-settings-" + ProcessHandle.current().pid());

    @Override
    public void start(Stage stage) {
        // no window is needed
    }

    @AfterEach
    void forget() throws Exception {
        preferences.removeNode();
    }

    @Test
    void whatWasSetIsThereTheNextTime() {
        interact(() -> {
            Theme theme = new Theme();
            Settings settings = new Settings(preferences, theme);
            theme.appearanceProperty().set(Appearance.DARK);
            theme.setTextPercent(140);
            settings.lowsProperty().set(LowConvention.TIME_WEIGHTED);
            Theme next = new Theme();
            Settings again = new Settings(preferences, next);
            assertThat(next.palette()).isEqualTo(Palette.DARK);
            assertThat(next.textPercent()).isEqualTo(140);
            assertThat(again.lowsProperty().get()).isEqualTo(LowConvention.TIME_WEIGHTED);
        });
    }

    /// Of a later or an earlier Fluss, or by hand.
    @Test
    void whatIsNotKnownIsPassedOver() {
        preferences.put("appearance", "SEPIA");
        preferences.put("text-percent", "9000");
        preferences.put("lows", "");
        interact(() -> {
            Theme theme = new Theme();
            Settings settings = new Settings(preferences, theme);
            assertThat(theme.appearanceProperty().get()).isEqualTo(Appearance.SYSTEM);
            assertThat(theme.textPercent()).isEqualTo(200);
            assertThat(settings.lowsProperty().get()).isEqualTo(LowConvention.PERCENTILE);
        });
    }
}
