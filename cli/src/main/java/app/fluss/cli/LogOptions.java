package app.fluss.cli;

import app.fluss.core.frame.FrameSlice;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.MappingFile;
import app.fluss.files.work.CommonPool;
import java.io.IOException;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/// What is said of logs on the command line.
final class LogOptions {
    private static final double MS_PER_SECOND = 1000;

    @Spec(Spec.Target.MIXEE)
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Option(names = "--mapping", paramLabel = "MAP.json", description = "What the columns mean; guessed if not given.")
    private @Nullable Path mapping;

    @Option(names = "--process", paramLabel = "NAME", description = "The program whose images are wanted.")
    private @Nullable String process;

    @Option(names = "--refresh", paramLabel = "HZ", description = "Refresh rate; the ceiling with variable refresh.")
    private double refreshHz = Double.NaN;

    @Option(
            names = "--sync",
            paramLabel = "MODE",
            description = "How the display takes images: fifo, latest, tearing or vrr (default: ${DEFAULT-VALUE}).")
    private SyncMode sync = SyncMode.FIFO;

    @Option(names = "--vrr-floor", paramLabel = "HZ", description = "Lowest rate of the variable-refresh window.")
    private double vrrFloorHz = Double.NaN;

    @Option(names = "--cap", paramLabel = "FPS", description = "The frame cap that was set.")
    private double capFps = Double.NaN;

    @Option(names = "--from", paramLabel = "S", description = "Start of the stretch, s after the first image.")
    private double fromSeconds = Double.NaN;

    @Option(names = "--to", paramLabel = "S", description = "End of the stretch, s after the first image.")
    private double toSeconds = Double.NaN;

    /// What is known of a run besides its log.
    AnalysisSettings settings() {
        AnalysisSettings settings = AnalysisSettings.NONE.withCap(capFps);
        try {
            return Double.isNaN(refreshHz)
                    ? settings
                    : settings.withDisplay(new DisplayMode(refreshHz, sync, vrrFloorHz));
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), e.getMessage());
        }
    }

    ImportedLog read(Path file) throws IOException, InputException {
        ImportOptions options = ImportOptions.guess();
        options = mapping == null ? options : options.with(MappingFile.read(mapping));
        options = process == null ? options : options.forProcess(process);
        return LogImport.read(file, options, Progress.NONE);
    }

    Analysis analyse(ImportedLog imported, AnalysisSettings settings) {
        return Analysis.of(stretch(imported), settings, CommonPool::begin);
    }

    private FrameSlice stretch(ImportedLog imported) {
        if (Double.isNaN(fromSeconds) && Double.isNaN(toSeconds)) {
            return imported.log().all();
        }
        double from = Double.isNaN(fromSeconds) ? Double.NEGATIVE_INFINITY : fromSeconds * MS_PER_SECOND;
        double to = Double.isNaN(toSeconds) ? Double.POSITIVE_INFINITY : toSeconds * MS_PER_SECOND;
        if (!(from < to)) {
            throw new ParameterException(spec.commandLine(), "--from must be before --to");
        }
        return imported.log().between(from, to);
    }
}
