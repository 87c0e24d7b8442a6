package app.fluss.cli;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.measure.Figure;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.log.InputException;
import app.fluss.files.overlay.AskedNumber;
import app.fluss.files.overlay.ClipOverlays;
import app.fluss.files.overlay.EngineNamer;
import app.fluss.files.overlay.OverlayFile;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.overlay.RecordedNumbers;
import app.fluss.files.report.Json;
import app.fluss.files.report.OverlayJson;
import app.fluss.files.work.WholeFiles;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Numbers read from a recording of the screen, held against its pictures.
@Command(
        name = "overlay",
        description = "Numbers that stand on the pictures of a recording, read on every picture, and what the pictures"
                + " show meanwhile: Y4M, a folder of numbered PNG pictures, or a common video.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss overlay clip.mp4 --area rate=20,10,80,24 --area gpu_load=20,40,80,24 --json"})
final class Overlay implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(paramLabel = "CLIP", description = "The clip.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path file;

    @Mixin
    private ClipRate fps = new ClipRate();

    @Option(
            names = "--area",
            required = true,
            paramLabel = "NAME=X,Y,W,H",
            converter = NamedAreaOption.class,
            description = "The rectangle of a number, px, close around it. Names that say what it is: rate, base, low,"
                    + " frame_time, gpu_load, cpu_load, power, gpu_clock, temperature, reprojection, latency; any other"
                    + " does too.")
    private List<NamedArea> areas = List.of();

    @Option(
            names = "--keep",
            paramLabel = "FILE",
            description = "Also write what was read, with a picture of each reading, as a file for the window.")
    private @Nullable Path keep;

    @Option(
            names = "--follow",
            description = "Read along with a folder of pictures that a recorder still writes, on this machine or"
                    + " another's; needs --fps. A line tells now and then what the numbers show.")
    private boolean follow;

    @Option(
            names = "--quiet",
            paramLabel = "SECONDS",
            defaultValue = "10",
            description = "With --follow: no picture for so long, and the recording has ended (default:"
                    + " ${DEFAULT-VALUE}).")
    private int quiet;

    @Option(names = "--json", description = "Print JSON.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException, InterruptedException {
        Set<String> names = new HashSet<>();
        for (NamedArea one : areas) {
            if (!names.add(one.name())) {
                throw new ParameterException(spec.commandLine(), "Two areas are called \"%s\".".formatted(one.name()));
            }
        }
        List<AskedNumber> asked = areas.stream()
                .map(one -> new AskedNumber(one.name(), one.area(), List.of()))
                .toList();
        try (EngineNamer namer = EngineNamer.start()) {
            Overlays overlays = follow ? followed(asked, namer) : read(asked, namer);
            if (keep != null) {
                WholeFiles.file(keep, to -> OverlayFile.write(overlays.recorded(), to));
            }
            print(overlays);
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), String.valueOf(e.getMessage()), e);
        }
        return 0;
    }

    private Overlays read(List<AskedNumber> asked, EngineNamer namer) throws IOException, InputException {
        try (Clip clip = ClipFile.openWhatIsLeft(file)) {
            String name = String.valueOf(file.getFileName());
            return ClipOverlays.read(clip, name, asked, fps.of(clip), namer, Progress.NONE);
        }
    }

    private Overlays followed(List<AskedNumber> asked, EngineNamer namer)
            throws IOException, InputException, InterruptedException {
        if (quiet < 1) {
            throw new ParameterException(spec.commandLine(), "--quiet is at least 1 s.");
        }
        PrintWriter lines =
                json ? spec.commandLine().getErr() : spec.commandLine().getOut();
        return new OverlayFollow(file, Duration.ofSeconds(quiet), lines).read(asked, fps.given(), namer);
    }

    private void print(Overlays overlays) {
        PictureCount count = overlays.differences().count();
        RecordedNumbers recorded = overlays.recorded();
        List<Finding> findings = new ArrayList<>(Findings.of(recorded.series(), recorded.missing()));
        findings.addAll(Findings.of(count, recorded.fps(), claimed(recorded)));
        findings.sort(Finding.WORST_FIRST);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(Json.text(OverlayJson.of(overlays, count, findings)));
        } else {
            out.println("%s: %d pictures".formatted(file, recorded.pictures()));
            recorded.series().forEach((name, series) -> print(out, name, series));
            if (count.isCounted()) {
                out.println(String.format(
                        Locale.ROOT,
                        "  %-14s %8.2f /s of %.2f pictures/s can be told apart",
                        "delivered",
                        count.deliveredFps(recorded.fps()),
                        recorded.fps()));
            }
            findings.forEach(finding ->
                    out.println("%s %s: %s".formatted(finding.severity().label(), finding.code(), finding.text())));
        }
        out.flush();
    }

    /// What the counter said of the rate; NaN if it was not read.
    private static double claimed(RecordedNumbers recorded) {
        return recorded.numbers().stream()
                .filter(one -> one.kind() == OverlayKind.RATE)
                .findFirst()
                .map(one -> one.series().mean().orNaN())
                .orElse(Double.NaN);
    }

    private static void print(PrintWriter out, String name, OverlaySeries series) {
        String unit = OverlayKind.of(name).unit();
        out.println(String.format(
                Locale.ROOT,
                "  %-14s %8s %s   %s to %s, renewed every %s s, open %.1f %%",
                name,
                text(series.mean(), 2),
                unit,
                text(series.low(), 1),
                text(series.high(), 1),
                text(series.updatePeriodS(), 3),
                100 * series.openShare()));
    }

    private static String text(Figure figure, int decimals) {
        return Double.isNaN(figure.orNaN()) ? "–" : String.format(Locale.ROOT, "%." + decimals + "f", figure.orNaN());
    }
}
