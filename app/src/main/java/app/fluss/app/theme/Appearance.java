package app.fluss.app.theme;

/// Where light and dark come from.
public enum Appearance {
    /// What the system says.
    SYSTEM("as the system"),
    /// Light.
    LIGHT("light"),
    /// Dark.
    DARK("dark");

    private final String title;

    Appearance(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
