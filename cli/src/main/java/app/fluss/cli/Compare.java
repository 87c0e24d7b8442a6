package app.fluss.cli;

import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.TableComparison;
import app.fluss.core.compare.Terms;
import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.frame.ImportNotes;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.files.compare.StudyComparison;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.RunTable;
import app.fluss.files.report.ComparisonJson;
import app.fluss.files.report.Json;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Runs against runs, a table of run figures against its baseline, or the groups of a study.
@Command(
        name = "compare",
        description = {
            "Native runs against runs on a path, a table of run figures against its baseline path, or the runs of a study",
            "group by group: by path, or by any fact that is recorded of them (driver, power_source, runtime, rig …)."
        },
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Examples:",
            "  fluss compare native1.csv native2.csv native3.csv --against fg1.csv fg2.csv fg3.csv --json",
            "  fluss compare --table runs.csv --baseline native --json",
            "  fluss compare bench.fluss",
            "  fluss compare bench.fluss --by driver --baseline 31.4 --scene 'Reedlight · weir' --json"
        })
final class Compare implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(arity = "0..*", paramLabel = "A.csv", description = "Logs of the native runs, or one study.")
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

    @Option(
            names = "--baseline",
            paramLabel = "LEVEL",
            description = "The path, or the value of the fact, that the others are compared with.")
    private @Nullable String baseline;

    @Option(
            names = "--by",
            paramLabel = "FACT",
            defaultValue = "path",
            description = "What makes the groups of a study (default: ${DEFAULT-VALUE}).")
    private String by = "path";

    @Option(names = "--scene", paramLabel = "S", description = "Only this scene of a study.")
    private @Nullable String scene;

    @Mixin
    private LogOptions options = new LogOptions();

    @Option(names = "--json", description = "Print JSON; a table is always printed so.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException, StudyException {
        PrintWriter out = spec.commandLine().getOut();
        if (table != null) {
            out.print(compareTable(table));
        } else if (a.size() == 1 && b.isEmpty() && isStudy(a.getFirst())) {
            out.print(compareStudy(a.getFirst()));
        } else if (a.isEmpty() || b.isEmpty()) {
            throw new ParameterException(
                    spec.commandLine(),
                    "Give logs on both sides (A.csv --against B.csv), --table and --baseline, or a study (bench.fluss).");
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

    private static boolean isStudy(Path file) {
        return String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT).endsWith(".fluss");
    }

    private String compareStudy(Path file) throws IOException, InputException, StudyException {
        if (!Files.exists(file)) {
            throw new NoSuchFileException(file.toString());
        }
        try (Study study = Study.open(file)) {
            study.notices().forEach(spec.commandLine().getErr()::println);
            StudyComparison compared =
                    StudyComparison.of(study, by, Optional.ofNullable(baseline), Optional.ofNullable(scene));
            return json ? Json.text(ComparisonJson.of(compared)) : PlainText.of(compared);
        } catch (IllegalArgumentException e) {
            throw new InputException(file, 0, 0, String.valueOf(e.getMessage()), "runs of two groups in a scene");
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
        RunComparison comparison = RunComparison.of(left, right, Terms.PLAIN.withMultiplier(multiplier));
        List<Finding> findings = Findings.of(comparison, notes, assumed);
        return json ? Json.text(ComparisonJson.of(comparison, findings)) : PlainText.of(comparison, "a", "b", findings);
    }
}
