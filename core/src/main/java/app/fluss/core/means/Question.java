package app.fluss.core.means;

/// What an analyst wants to know of a path.
public enum Question {
    /// How many images there are.
    RATES("How many images per second?", "rates"),
    /// How bad the worst of it is.
    LOWS("How low does it fall?", "lows"),
    /// How evenly they come.
    EVENNESS("How even is it?", "evenness and stutters"),
    /// How long input takes.
    LATENCY("How late is the picture?", "latency"),
    /// How many of them differ and are seen.
    DISTINCT("How many images are really new?", "distinct images"),
    /// What hitches come from.
    CAUSE("Where do hitches come from?", "causes of hitches");

    private final String title;
    private final String subject;

    Question(String title, String subject) {
        this.title = title;
        this.subject = subject;
    }

    /// The question, for people.
    public String title() {
        return title;
    }

    /// What it is about, in a word or two.
    public String subject() {
        return subject;
    }
}
