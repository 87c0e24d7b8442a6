package app.fluss.cli;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.TableComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.frame.ImportNotes;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.RunTable;
import app.fluss.files.report.ComparisonJson;
import app.fluss.files.report.Json;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Runs against runs, or a table of run figures against its baseline.
@Command(
        name = "compare",
        description = "Native runs against runs on a path, or a table of run figures against its baseline path.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Examples:",
            "  fluss compare native1.csv native2.csv native3.csv --against fg1.csv fg2.csv fg3.csv --json",
            "  fluss compare --table runs.csv --baseline native --json"
        })
final class Compare implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(arity = "0..*", paramLabel = "A.csv", description = "Logs of the native runs.")
    private List<Path> a = List.of();

    @Option(names = "--against", arity = "1..*", paramLabel = "B.csv", description = "Logs of the runs on the path.")
    private List<Path> b = List.of();

    @Option(
            names = "--multiplier",
            paramLabel = "M",
            converter = MultiplierOption.class,
            description = "Images per rendered image, as set on side b.")
    private double multiplier = Double.NaN;

    @Option(names = "--table", paramLabel = "RUNS.csv", description = "Columns game, path, run, then one each measure.")
    private @Nullable Path table;

    @Option(names = "--baseline", paramLabel = "PATH", description = "The path that the others are compared with.")
    private @Nullable String baseline;

    @Mixin
    private LogOptions options = new LogOptions();

    @Option(names = "--json", description = "Print JSON; a table is always printed so.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException {
        PrintWriter out = spec.commandLine().getOut();
        if (table != null) {
            out.print(compareTable(table));
        } else if (a.isEmpty() || b.isEmpty()) {
            throw new ParameterException(
                    spec.commandLine(), "Give logs on both sides (A.csv --against B.csv), or --table and --baseline.");
        } else {
            out.print(compareLogs());
        }
        out.flush();
        return 0;
    }

    private String compareTable(Path file) throws IOException, InputException {
        if (baseline == null || !a.isEmpty() || !b.isEmpty()) {
            throw new ParameterException(spec.commandLine(), "--table needs --baseline and no logs.");
        }
        List<TableComparison.Row> rows = RunTable.read(file);
        try {
            return Json.text(ComparisonJson.of(TableComparison.of(rows, baseline)));
        } catch (IllegalArgumentException e) {
            throw new InputException(file, 0, 0, String.valueOf(e.getMessage()), "rows of the baseline");
        }
    }

    private String compareLogs() throws IOException, InputException {
        List<ImportNotes> notes = new ArrayList<>();
        AnalysisSettings settings = options.settings();
        boolean assumed = false;
        List<Analysis> left = new ArrayList<>();
        for (Path file : a) {
            ImportedLog imported = options.read(file);
            assumed |= !imported.log().kindsStated();
            left.add(options.analyse(imported, settings.asNative()));
            notes.add(imported.notes());
        }
        List<Analysis> right = new ArrayList<>();
        for (Path file : b) {
            ImportedLog imported = options.read(file);
            right.add(options.analyse(imported, settings.withMultiplier(multiplier)));
            notes.add(imported.notes());
        }
        RunComparison comparison = RunComparison.of(left, right, multiplier, List.of());
        List<Finding> findings = Findings.of(comparison, notes, assumed);
        return json ? Json.text(ComparisonJson.of(comparison, findings)) : PlainText.of(comparison, findings);
    }
}
