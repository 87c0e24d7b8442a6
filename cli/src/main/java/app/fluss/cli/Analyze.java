package app.fluss.cli;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.KnownOfRun;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.report.AnalysisJson;
import app.fluss.files.report.Json;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.node.ObjectNode;

/// Figures and findings of frame logs.
@Command(
        name = "analyze",
        description = "Figures and findings of frame logs. With --json one log gives an object, several give an array.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss analyze run.csv --refresh 144 --sync vrr --multiplier 2 --json"})
final class Analyze implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "LOG.csv", description = "Frame logs.")
    private List<Path> logs = List.of();

    @Mixin
    private LogOptions options = new LogOptions();

    @Option(names = "--native", description = "Nothing makes images on the way: all of them are rendered.")
    private boolean nativePath;

    @Option(
            names = "--multiplier",
            paramLabel = "M",
            converter = MultiplierOption.class,
            description = "Images per rendered image, as set.")
    private double multiplier = Double.NaN;

    @Option(names = "--readings", paramLabel = "CSV", description = "What a counter said: t_s,claimed_fps[,base_fps].")
    private @Nullable Path readings;

    @Option(names = "--card-memory", paramLabel = "MB", description = "Memory of the card that draws.")
    private double cardMemoryMb = Double.NaN;

    @Option(names = "--json", description = "Print JSON.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException {
        List<ObjectNode> results = new ArrayList<>();
        PrintWriter out = spec.commandLine().getOut();
        for (Path file : logs) {
            ImportedLog imported = options.read(file);
            Analysis run = options.analyse(imported, settings());
            KnownOfRun known = KnownOfRun.log(run, Optional.of(imported.notes()), cardMemoryMb);
            List<Finding> findings = Findings.of(known);
            if (json) {
                results.add(AnalysisJson.of(file.toString(), imported, known, findings));
            } else {
                out.print(PlainText.of(file.toString(), run, findings));
            }
        }
        if (json) {
            out.print(Json.text(results.size() == 1 ? results.getFirst() : results));
        }
        out.flush();
        return 0;
    }

    private AnalysisSettings settings() throws IOException, InputException {
        AnalysisSettings settings = options.settings().withMultiplier(multiplier);
        if (readings != null) {
            settings = settings.withClaimed(ReadingsFile.read(readings).claimed());
        }
        return nativePath ? settings.asNative() : settings;
    }
}
