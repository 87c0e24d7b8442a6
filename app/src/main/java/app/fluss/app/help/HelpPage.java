package app.fluss.app.help;

/// The pages of the help.
public enum HelpPage {
    /// The way to a first comparison.
    FIRST("First measurement"),
    /// What each figure is.
    GLOSSARY("Glossary"),
    /// What to mind before measuring.
    SAFETY("Safety"),
    /// Version and licences.
    ABOUT("About");

    private final String title;

    HelpPage(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
