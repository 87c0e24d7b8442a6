package app.fluss.cli;

import static java.util.Objects.requireNonNull;

import app.fluss.core.catalogue.ReferencePages;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// The reference pages.
@Command(
        name = "reference",
        description =
                "What every figure and every finding means, as Markdown; the shape of every result, as JSON Schema.",
        mixinStandardHelpOptions = true,
        footer = {"", "Examples:", "  fluss reference findings", "  fluss reference schema latency"})
final class Reference implements Callable<Integer> {
    /// The pages there are.
    private enum Page {
        measures,
        findings,
        schema
    }

    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "PAGE", description = "${COMPLETION-CANDIDATES}")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Page page;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "RESULT",
            description = "Of which result the schema is: ${COMPLETION-CANDIDATES}.")
    private @Nullable ResultSchema result;

    @Override
    public Integer call() {
        if ((page == Page.schema) != (result != null)) {
            throw new ParameterException(
                    spec.commandLine(),
                    "schema needs the name of a result, the other pages none: fluss reference schema latency");
        }
        spec.commandLine()
                .getOut()
                .print(
                        switch (page) {
                            case measures -> ReferencePages.measures();
                            case findings -> ReferencePages.findings();
                            case schema -> requireNonNull(result).text();
                        });
        spec.commandLine().getOut().flush();
        return 0;
    }
}
