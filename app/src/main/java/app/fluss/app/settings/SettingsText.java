package app.fluss.app.settings;

/// The texts of the settings, by the class that shows them.
final class SettingsText {
    // SettingsDialog
    static final String LIGHT_OR_DARK = "Light or dark";
    static final String CTRL_D_SWITCHES_IT = "Ctrl+D switches it.";
    static final String SIZE_OF_TEXT = "Size of text";
    static final String TEXT_SIZE_KEYS = "Ctrl++ and Ctrl+− change it, Ctrl+0 makes it 100 %.";
    static final String LOWS_BY = "Lows by";
    static final String LOWS_EXPLAINED =
            "Convention of the 1 % and 0.1 % lows that Examine starts with. Compare never mixes conventions.";
    static final String UNITS = "Units";
    static final String MS_S_W_MM = "ms, /s, W, mm";
    static final String NUMBERS_EXPLAINED = "Numbers follow this computer's language; files are neutral.";
    static final String BOUNDS_OF_VERDICTS = "Bounds of verdicts";
    static final String IN_STUDY = "in the study";
    static final String BOUNDS_EXPLAINED =
            "They belong to schools: Decide, *Schools…*. That way others can check a verdict.";
    static final String STUDY = "Study";
    static final String STUDY_FOLDER_EXPLAINED =
            "Logs that are imported are kept within; nothing else is written beside it.";
    static final String REMEMBERED = "Remembered";
    static final String REMEMBERED_EXPLAINED = "Mappings of logs and rectangles of overlays.";
    static final String PRIVACY = "Privacy";
    static final String NOTHING_LEAVES_THIS_COMPUTER = "Nothing leaves this computer.";
    static final String CONNECTIONS =
            "Fluss opens no connection but a link probe that you start, to the address that you enter.";
    static final String SETTINGS = "Settings";

    private SettingsText() {}
}
