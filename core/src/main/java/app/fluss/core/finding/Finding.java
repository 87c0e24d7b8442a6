package app.fluss.core.finding;

import java.util.Comparator;

/// Something that Fluss noticed.
///
/// @param code which check noticed it, in words joined by hyphens; stable, for scripts
/// @param severity how much it matters
/// @param seen what was seen, with the figures
/// @param why why it matters
/// @param remedy what to do about it
public record Finding(String code, Severity severity, String seen, String why, String remedy) {
    /// Worst first, then by code.
    public static final Comparator<Finding> WORST_FIRST =
            Comparator.comparing(Finding::severity).thenComparing(Finding::code);

    static Finding fault(String code, String seen, String why, String remedy) {
        return new Finding(code, Severity.FAULT, seen, why, remedy);
    }

    static Finding warning(String code, String seen, String why, String remedy) {
        return new Finding(code, Severity.WARNING, seen, why, remedy);
    }

    static Finding note(String code, String seen, String why, String remedy) {
        return new Finding(code, Severity.NOTE, seen, why, remedy);
    }

    /// All of it in one paragraph.
    public String text() {
        return seen + " " + why + " " + remedy;
    }
}
