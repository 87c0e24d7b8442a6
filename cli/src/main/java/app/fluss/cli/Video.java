package app.fluss.cli;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.picture.Area;
import app.fluss.core.picture.Look;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipDifferences;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.log.InputException;
import app.fluss.files.report.ClipJson;
import app.fluss.files.report.Json;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
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

/// Distinct images in a clip of the game: what really changes on screen.
@Command(
        name = "video",
        description =
                "Distinct images in a clip of the game: Y4M, a folder of numbered PNG pictures, or a common video.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss video clip.y4m --without 0,0,200,60 --json"})
final class Video implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(paramLabel = "CLIP", description = "The clip.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path file;

    @Mixin
    private ClipRate fps = new ClipRate();

    @Option(
            names = "--within",
            paramLabel = "X,Y,W,H",
            converter = AreaOption.class,
            description = "Look only here, px.")
    private @Nullable Area within;

    @Option(
            names = "--without",
            paramLabel = "X,Y,W,H",
            converter = AreaOption.class,
            description = "Do not look here, px: leave an overlay out. May be given more than once.")
    private List<Area> without = List.of();

    @Option(names = "--claimed", paramLabel = "FPS", description = "What a counter said meanwhile.")
    private double claimed = Double.NaN;

    @Option(names = "--json", description = "Print JSON.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException {
        try (Clip clip = ClipFile.open(file)) {
            double rate = fps.of(clip);
            if (clip.size() < 3) {
                throw new InputException(file, 0, 0, "a clip of %d pictures".formatted(clip.size()), "three or more");
            }
            Look look = new Look(Optional.ofNullable(within), without);
            PictureCount count =
                    ClipDifferences.of(clip, look, rate, Progress.NONE).count();
            print(count, rate, Findings.of(count, rate, claimed));
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), String.valueOf(e.getMessage()), e);
        }
        return 0;
    }

    private void print(PictureCount count, double rate, List<Finding> findings) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(Json.text(ClipJson.of(count, rate, findings)));
        } else {
            out.println("%s: %d pictures".formatted(file, count.pictures()));
            if (count.isCounted()) {
                out.println(String.format(
                        Locale.ROOT,
                        "  distinct     %8d%n  delivered    %8.2f /s%n  longest hold %8.2f ms",
                        count.distinct(),
                        count.deliveredFps(rate),
                        count.longestHoldMs(rate)));
            }
            findings.forEach(finding ->
                    out.println("%s %s: %s".formatted(finding.severity().label(), finding.code(), finding.text())));
        }
        out.flush();
    }
}
