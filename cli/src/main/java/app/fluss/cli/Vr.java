package app.fluss.cli;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.vr.Reprojection;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.report.Json;
import app.fluss.files.report.VrJson;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// How many refreshes of a headset brought a new image of the application.
@Command(
        name = "vr",
        description = "Refreshes of a headset that brought a new image of the application, from its frame log.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss vr dive.csv --refresh 90 --json"})
final class Vr implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(paramLabel = "LOG.csv", description = "A frame log of the application in the headset.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path file;

    @Mixin
    private LogOptions options = new LogOptions();

    @Option(names = "--json", description = "Print JSON.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException {
        ImportedLog imported = options.read(file);
        Analysis run = options.analyse(imported, options.settings());
        Reprojection seen = run.ledger()
                .map(ledger -> Reprojection.of(imported.log(), ledger))
                .orElseThrow(() ->
                        new ParameterException(spec.commandLine(), "State the headset's refresh rate: --refresh 90"));
        List<Finding> findings = Findings.of(seen, run, imported.notes());
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(Json.text(VrJson.of(seen, findings)));
        } else if (seen.share() instanceof Figure.Missing(String reason)) {
            out.println("%s: nothing to count, for %s".formatted(file, reason));
        } else {
            out.println(String.format(
                    Locale.ROOT,
                    "%s: %d refreshes%n  without a new image %8.2f %%%n  full rate           %8.2f %% of the time%n"
                            + "  half rate           %8.2f %%%n  below half          %8.2f %%%n  application         %8.2f /s",
                    file,
                    seen.refreshes(),
                    seen.share().orNaN() * 100,
                    seen.fullTime().orNaN() * 100,
                    seen.halfTime().orNaN() * 100,
                    seen.belowHalfTime().orNaN() * 100,
                    seen.appFps().orNaN()));
            out.print(PlainText.of(findings));
        }
        out.flush();
        return 0;
    }
}
