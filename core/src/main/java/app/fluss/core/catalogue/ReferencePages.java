package app.fluss.core.catalogue;

import app.fluss.core.finding.FindingCode;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import java.util.Locale;

/// The reference pages, made of the lists: what each figure is, what each finding says. Markdown.
public final class ReferencePages {
    private ReferencePages() {}

    /// Every figure with its name in JSON, unit and definition.
    public static String measures() {
        StringBuilder page = new StringBuilder("""
                # Figures

                Made from the program's own list by `fluss reference measures`; do not edit. *Grade* is the weakest evidence that
                can give the figure: A a frame log and measured latency, B a frame log, C a tool's summary, D readings of a
                counter, E anything. A figure that the evidence cannot give is empty, `null` in JSON, with the reason as a finding.
                """);
        for (Catalogue.Family family : Catalogue.FAMILIES) {
            page.append("\n## %s\n\n`%s`\n\n".formatted(family.title(), family.command()));
            page.append("| figure | in JSON | unit | better | grade | definition |\n|---|---|---|---|---|---|\n");
            family.figures().forEach(figure -> page.append(row(figure)));
        }
        return page.toString();
    }

    private static String row(Described figure) {
        Description description = figure.description();
        return "| %s | %s | %s | %s | %s | %s |\n"
                .formatted(
                        description.title(),
                        description.json().isEmpty() ? "" : "`" + description.json() + "`",
                        description.isShare() ? "0 to 1" : description.unit(),
                        description.better().words(),
                        description.weakest(),
                        description.definition().replace("|", "\\|"));
    }

    /// Every finding with its severity, meaning and remedy.
    public static String findings() {
        StringBuilder page = new StringBuilder("""
                # Findings

                Made from the program's own list by `fluss reference findings`; do not edit. A *fault* says that figures mislead
                unless it is known, a *warning* that a result is weaker or a setting costs something, a *note* is worth knowing. A
                requirement that was not met has its own name as the code; [requirements.json](requirements.json) lists them.

                | code | severity | about | says | why it matters | what to do |
                |---|---|---|---|---|---|
                """);
        for (FindingCode code : FindingCode.values()) {
            page.append("| `%s` | %s | %s | %s | %s | %s |\n"
                    .formatted(
                            code.id(),
                            code.severity().label(),
                            code.topic().name().toLowerCase(Locale.ROOT),
                            code.meaning(),
                            code.why(),
                            code.remedy()));
        }
        return page.toString();
    }
}
