package app.fluss.sim.scenario;

/// A setting outside its range.
public final class SettingException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final String setting;
    private final String range;
    private final String got;

    SettingException(String setting, String range, String got) {
        super("%s must be %s, got %s".formatted(setting, range, got));
        this.setting = setting;
        this.range = range;
        this.got = got;
    }

    /// The setting, as it stands in scenario files.
    public String setting() {
        return setting;
    }

    /// The range that it must lie in, in words.
    public String range() {
        return range;
    }

    /// What it was.
    public String got() {
        return got;
    }
}
