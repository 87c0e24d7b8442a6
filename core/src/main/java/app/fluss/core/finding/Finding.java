package app.fluss.core.finding;

import java.util.Comparator;

/// Something that Fluss noticed.
///
/// @param kind which check noticed it
/// @param code its name in files; that of the requirement where one was not met
/// @param severity how much it matters
/// @param seen what was seen, with the figures
/// @param why why it matters
/// @param remedy what to do about it
public record Finding(FindingCode kind, String code, Severity severity, String seen, String why, String remedy) {
    /// Worst first, then by code.
    public static final Comparator<Finding> WORST_FIRST =
            Comparator.comparing(Finding::severity).thenComparing(Finding::code);

    /// What was seen; the rest is as the list of codes has it.
    static Finding of(FindingCode kind, String seen) {
        return of(kind, seen, kind.why(), kind.remedy());
    }

    /// What was seen, where the reason or what to do hang on it.
    static Finding of(FindingCode kind, String seen, String why, String remedy) {
        return new Finding(kind, kind.id(), kind.severity(), seen, why, remedy);
    }

    /// The same as a warning, for another reason.
    Finding asWarning(String otherWhy) {
        return new Finding(kind, code, Severity.WARNING, seen, otherWhy, remedy);
    }

    /// All of it in one paragraph.
    public String text() {
        return seen + " " + why + " " + remedy;
    }
}
