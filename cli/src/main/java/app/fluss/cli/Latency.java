package app.fluss.cli;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.PressKind;
import app.fluss.core.measure.Figure;
import app.fluss.core.picture.Area;
import app.fluss.core.picture.AreaSuggestion;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.Clip;
import app.fluss.files.clip.ClipAreas;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.clip.ClipLight;
import app.fluss.files.latency.LatencyReading;
import app.fluss.files.log.InputException;
import app.fluss.files.report.Json;
import app.fluss.files.report.LatencyJson;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
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

/// Latency from a list of samples, a sensor trace or two channels of sound.
@Command(
        name = "latency",
        description =
                "Latency from trial,input_ms,photon_ms (CSV), t_us,input,light (CSV), two channels of sound (WAV), or a"
                        + " high-speed clip (Y4M, numbered PNG pictures, MP4 and other video files).",
        mixinStandardHelpOptions = true,
        footer = {"", "Example: fluss latency clicks.wav --threshold 0.5 --json"})
final class Latency implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "The measurements.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path file;

    @Option(names = "--threshold", paramLabel = "SHARE", description = "Share of the light's step (0.5).")
    private double threshold = EdgeSettings.DEFAULT.threshold();

    @Option(names = "--timeout-ms", paramLabel = "MS", description = "After this a click is a missed one (500).")
    private double timeoutMs = EdgeSettings.DEFAULT.timeoutMs();

    @Option(names = "--swap", description = "The light is on the first channel, or in the place of the input.")
    private boolean swap;

    @Option(
            names = "--press",
            paramLabel = "PART",
            description = "Which part of the input is a press: ${COMPLETION-CANDIDATES} (found out).")
    private @Nullable PressKind press;

    @Option(
            names = "--input-area",
            paramLabel = "X,Y,W,H",
            converter = AreaOption.class,
            description = "In a clip, where the input shows, px: a lamp at the button (looked for).")
    private @Nullable Area inputArea;

    @Option(
            names = "--light-area",
            paramLabel = "X,Y,W,H",
            converter = AreaOption.class,
            description = "In a clip, where the answer shows, px (looked for).")
    private @Nullable Area lightArea;

    @Mixin
    private ClipRate fps = new ClipRate();

    @Option(names = "--json", description = "Print JSON.")
    private boolean json;

    @Override
    public Integer call() throws IOException, InputException {
        EdgeSettings settings;
        try {
            settings = new EdgeSettings(
                    threshold, timeoutMs, EdgeSettings.DEFAULT.refractoryMs(), Optional.ofNullable(press));
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), String.valueOf(e.getMessage()), e);
        }
        if (ClipFile.isClip(file) || Files.isDirectory(file)) {
            ofClip(settings);
        } else {
            LatencyReading reading = LatencyReading.of(file, swap, settings, Progress.NONE);
            print(reading.measurement(), reading.sound().map(Findings::of).orElse(List.of()));
        }
        return 0;
    }

    private void ofClip(EdgeSettings settings) throws IOException, InputException {
        if ((inputArea == null) != (lightArea == null)) {
            throw new ParameterException(
                    spec.commandLine(), "Give both --input-area and --light-area as X,Y,W,H in px, or neither.");
        }
        try (Clip clip = ClipFile.open(file)) {
            double rate = fps.of(clip);
            List<Finding> proposed = new ArrayList<>();
            if (inputArea == null || lightArea == null) {
                AreaSuggestion suggestion = ClipAreas.of(clip, rate, Progress.NONE);
                AreaSuggestion.Areas areas = suggestion
                        .areas()
                        .orElseThrow(() -> new InputException(
                                file,
                                0,
                                0,
                                "no input and no answer to it (%s)".formatted(suggestion.whyNot()),
                                "--input-area and --light-area as X,Y,W,H in px"));
                inputArea = areas.input();
                lightArea = areas.answer();
                proposed.addAll(Findings.of(areas));
            }
            ClipLight seen = ClipLight.of(clip, inputArea, lightArea, rate, Progress.NONE);
            print(Measurement.of(Measurement.Source.CLIP, seen.recording(), settings, Progress.NONE), proposed);
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), String.valueOf(e.getMessage()), e);
        }
    }

    /// @param more findings of what came before the measuring
    private void print(Measurement measured, List<Finding> more) {
        LatencyFigures figures = measured.figures();
        List<Finding> findings = new ArrayList<>(Findings.of(measured, figures, measured.ambiguous()));
        findings.addAll(more);
        findings.sort(Finding.WORST_FIRST);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(Json.text(LatencyJson.of(measured, findings)));
        } else {
            int open = measured.ambiguous().size();
            out.println("%s: %d samples, %d missed%s"
                    .formatted(
                            file,
                            figures.n(),
                            figures.missed(),
                            open == 0 ? "" : ", %d ambiguous and left out".formatted(open)));
            line(out, "median", figures.median());
            line(out, "mean", figures.mean());
            line(out, "sd", figures.sd());
            line(out, "5 % to 95 %", figures.p5());
            line(out, "", figures.p95());
            figures.medianInterval()
                    .ifPresent(interval -> out.println(String.format(
                            Locale.ROOT,
                            "  95 %% interval of the median: %.2f to %.2f ms",
                            interval.low(),
                            interval.high())));
            findings.forEach(finding ->
                    out.println("%s %s: %s".formatted(finding.severity().label(), finding.code(), finding.text())));
        }
        out.flush();
    }

    private static void line(PrintWriter out, String name, Figure figure) {
        out.println(
                figure.isKnown()
                        ? String.format(Locale.ROOT, "  %-12s %8.2f ms", name, figure.orNaN())
                        : "  %-12s        –".formatted(name));
    }
}
