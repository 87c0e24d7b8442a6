package app.fluss.app.theme;

import java.util.Locale;
import javafx.scene.layout.Region;

/// Widths that grow with the text.
public final class Ems {
    private static final double TEXT_PX = 13;

    private Ems() {}

    /// Sets the width that something would have.
    ///
    /// @param px at the usual size of text
    public static void pref(Region region, double px) {
        add(region, "-fx-pref-width", px);
    }

    /// Sets the width that something has at least.
    ///
    /// @param px at the usual size of text
    public static void min(Region region, double px) {
        add(region, "-fx-min-width", px);
    }

    /// Sets both.
    ///
    /// @param px at the usual size of text
    public static void fix(Region region, double px) {
        pref(region, px);
        min(region, px);
    }

    /// The same for heights: the least.
    ///
    /// @param px at the usual size of text
    public static void minHeight(Region region, double px) {
        add(region, "-fx-min-height", px);
    }

    /// The same for heights: what it would have.
    ///
    /// @param px at the usual size of text
    public static void prefHeight(Region region, double px) {
        add(region, "-fx-pref-height", px);
    }

    private static void add(Region region, String property, double px) {
        region.setStyle(String.format(Locale.ROOT, ThemeText.EM, region.getStyle(), property, px / TEXT_PX)
                .strip());
    }
}
