package app.fluss.app.settings;

import app.fluss.app.theme.Appearance;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.LowConvention;
import java.util.prefs.Preferences;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/// What the user set once for all studies. It is kept where the system keeps settings of programs.
public final class Settings {
    private static final String APPEARANCE = "appearance";
    private static final String TEXT = "text-percent";
    private static final String LOWS = "lows";

    private final Preferences preferences;
    private final Theme theme;
    private final ObjectProperty<LowConvention> lows = new SimpleObjectProperty<>(LowConvention.PERCENTILE);

    /// Takes what was set before, and keeps what is set from now on.
    public Settings(Preferences preferences, Theme theme) {
        this.preferences = preferences;
        this.theme = theme;
        theme.appearanceProperty().set(read(APPEARANCE, Appearance.SYSTEM));
        theme.setTextPercent(preferences.getInt(TEXT, 100));
        lows.set(read(LOWS, LowConvention.PERCENTILE));
        theme.appearanceProperty().subscribe((_, now) -> preferences.put(APPEARANCE, now.name()));
        theme.textScaleProperty()
                .subscribe((_, now) -> preferences.putInt(TEXT, (int) Math.rint(now.doubleValue() * 100)));
        lows.subscribe((_, now) -> preferences.put(LOWS, now.name()));
    }

    /// What was set, or else the usual where nothing was or nobody knows it any more.
    private <E extends Enum<E>> E read(String key, E usual) {
        for (E value : usual.getDeclaringClass().getEnumConstants()) {
            if (value.name().equals(preferences.get(key, ""))) {
                return value;
            }
        }
        return usual;
    }

    Theme theme() {
        return theme;
    }

    /// Convention of lows that screens begin with.
    public ObjectProperty<LowConvention> lowsProperty() {
        return lows;
    }
}
