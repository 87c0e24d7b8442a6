package app.fluss.app.theme;

/// The texts of controls that several screens share, by the class that shows them.
final class ThemeText {
    // Dialogs
    static final String LEAVE_OUT_WHY = "It is kept, with the reason, and left out of comparisons. Why?";

    // Durations
    static final String H_MIN = "%d h %02d min";

    // Ems
    static final String EM = "%s %s: %.3fem;";

    // Numbers
    static final String NOT_AVAILABLE = "Not available: %s.";

    // RatingScale
    static final String OF = "%s %d of %d";

    // ShareBar
    static final String COPY = "Copy";
    static final String COPY_TIP = "Copies the picture, and the figures as a table";
    static final String SAVE_AS = "Save as…";
    static final String SAVE_AS_TIP = "PNG, SVG or CSV";
    static final String SAVE = "Save %s";
    static final String PICTURE_PNG = "Picture (PNG)";
    static final String VECTOR_PICTURE_SVG = "Vector picture (SVG)";
    static final String TABLE_CSV = "Table (CSV)";

    // Theme
    static final String FX_FONT_SIZE_PX = " -fx-font-size: %.2fpx;";

    private ThemeText() {}
}
