package app.fluss.cli;

import app.fluss.core.catalogue.ReferencePages;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// The reference pages.
@Command(
        name = "reference",
        description = "What every figure and every finding means, as Markdown.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss reference findings"})
final class Reference implements Callable<Integer> {
    /// The pages there are.
    private enum Page {
        measures,
        findings
    }

    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(paramLabel = "PAGE", description = "${COMPLETION-CANDIDATES}")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Page page;

    @Override
    public Integer call() {
        spec.commandLine()
                .getOut()
                .print(
                        switch (page) {
                            case measures -> ReferencePages.measures();
                            case findings -> ReferencePages.findings();
                        });
        spec.commandLine().getOut().flush();
        return 0;
    }
}
