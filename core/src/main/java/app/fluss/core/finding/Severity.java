package app.fluss.core.finding;

import java.util.Locale;

/// How much a finding matters, worst first.
public enum Severity {
    /// The figures mislead unless this is known.
    FAULT,
    /// The result is weaker, or a setting costs something.
    WARNING,
    /// Worth knowing.
    NOTE;

    /// The name in files and on the command line.
    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }
}
