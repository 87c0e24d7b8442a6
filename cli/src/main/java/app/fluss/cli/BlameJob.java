package app.fluss.cli;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.KnownOfRun;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.report.BlameJson;
import app.fluss.files.report.Json;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Which stage of a stream each hitch at its client comes from.
@Command(
        name = "blame",
        description = {
            "What each hitch of a stream's client comes from: game, encoder, network, decoder, client display, or",
            "unknown. Lines both logs up by frame number, else by the best offset of their clocks."
        },
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss blame host.csv client.csv --json"})
final class BlameJob implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "HOST.csv", description = "The frame log of the host.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path host;

    @Parameters(index = "1", paramLabel = "CLIENT.csv", description = "The frame log of the client.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path client;

    @Option(names = "--json", description = "Print JSON.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException {
        ImportedLog hostLog = LogImport.read(host, ImportOptions.guess(), Progress.NONE);
        ImportedLog clientLog = LogImport.read(client, ImportOptions.guess(), Progress.NONE);
        Alignment alignment = Alignment.of(hostLog.log(), clientLog.log());
        List<ClientHitch> hitches = Blame.of(hostLog.log(), clientLog.log(), alignment);
        List<Finding> findings =
                Findings.of(new KnownOfRun.Blamed(hitches, alignment), List.of(hostLog.notes(), clientLog.notes()));
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(Json.text(BlameJson.of(hitches, alignment, findings)));
        } else {
            out.println("%d hitches at the client, lined up by %s%s"
                    .formatted(
                            hitches.size(),
                            alignment.byNumber() ? "frame number" : "the best offset",
                            alignment.byNumber()
                                    ? ""
                                    : String.format(Locale.ROOT, " (confidence %.2f)", alignment.confidence())));
            Blame.totals(hitches).forEach((cause, count) -> {
                if (count > 0) {
                    out.println("  %-16s %5d".formatted(cause.title(), count));
                }
            });
            out.print(PlainText.of(findings));
        }
        out.flush();
        return 0;
    }
}
