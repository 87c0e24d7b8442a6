package app.fluss.files.simulated;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.core.reading.Reading;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.stream.PacketLog;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.work.Progress;
import app.fluss.files.latency.SoundWriter;
import app.fluss.files.latency.TraceWriter;
import app.fluss.files.link.PacketFile;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.Summary;
import app.fluss.files.log.SummaryFile;
import app.fluss.files.report.Json;
import app.fluss.files.work.WholeFiles;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.signal.SensorTrace;
import app.fluss.sim.signal.SoundTrack;
import app.fluss.sim.truth.PacketTrace;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;

/// A folder with everything that a simulated bench would have written, in our open formats, and the truth.
///
/// | file | when | holds |
/// | --- | --- | --- |
/// | `frames.csv` | always, but with a stream or a headset | what the host's logger wrote |
/// | `client.csv`, `host.csv` | with a stream | what the loggers at both ends wrote |
/// | `headset.csv` | with a headset | what the application's logger wrote |
/// | `game.csv` | always | what the game itself saw: every frame it finished |
/// | `readings.csv` | always | what the overlay said |
/// | `summary.csv` | always | what a tool's summary would say |
/// | `sensor.csv`, `clicks.wav` | with clicks | the light sensor, as a trace and as sound |
/// | `probe.csv` | with a stream | the packets of the stream |
/// | `probe.json` | with a stream | a probe of the link with nothing else on it |
/// | `clip.y4m` | always | a recording of the panel, 4 s |
/// | `truth.json` | always | what really happened |
public final class SimulationFolder {
    private final Path folder;
    private final List<String> names;

    private SimulationFolder(Path folder, List<String> names) {
        this.folder = folder;
        this.names = names;
    }

    /// The name of the log of the images that were handed on to the screen.
    public static String mainLog(SimulatedRun run) {
        if (run.hostLog().isPresent()) {
            return "client.csv";
        }
        return run.scenario().headset().isPresent() ? "headset.csv" : "frames.csv";
    }

    /// Writes everything; files that are there are replaced once all are whole, and stay as they are if any cannot be
    /// written.
    ///
    /// @param folder is made if it is not there
    /// @return what was written, in order
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static List<Path> write(SimulatedRun run, Path folder, Progress progress) throws IOException {
        List<String> names = new ArrayList<>();
        WholeFiles.folder(folder, own -> {
            SimulationFolder writer = new SimulationFolder(own, names);
            writer.logs(run);
            progress.check(0.3);
            writer.sensor(run);
            progress.check(0.7);
            PanelClipFile.write(run.clip().get(), writer.file("clip.y4m"));
            progress.check(0.9);
            Files.writeString(writer.file("truth.json"), Json.text(TruthJson.of(run)));
        });
        return names.stream().map(folder::resolve).toList();
    }

    private Path file(String name) {
        names.add(name);
        return folder.resolve(name);
    }

    private void logs(SimulatedRun run) throws IOException {
        FrameLogWriter.write(run.log(), file(mainLog(run)));
        if (run.hostLog().isPresent()) {
            FrameLogWriter.write(run.hostLog().get(), file("host.csv"));
        }
        FrameLogWriter.write(run.gameLog(), file("game.csv"));
        ReadingsFile.write(readings(run), file("readings.csv"));
        SummaryFile.write(summary(run), file("summary.csv"));
        if (run.packets().isPresent()) {
            PacketFile.write(packets(run.packets().get()), file("probe.csv"));
        }
        Optional<ProbeTrace> probe = run.probe();
        if (probe.isPresent()) {
            ProbeFile.write(probe.get(), file("probe.json"));
        }
    }

    private static PacketLog packets(PacketTrace trace) {
        return new PacketLog(
                LongStream.range(0, trace.size()).toArray(), toMs(trace.sentUs()), toMs(trace.receivedUs()));
    }

    private static double[] toMs(double[] us) {
        return Arrays.stream(us).map(value -> value / 1000).toArray();
    }

    /// What a tool that counts images handed on would say of the run.
    public static Summary summary(SimulatedRun run) {
        Analysis analysis = Analysis.of(run.log().all(), AnalysisSettings.NONE);
        return Summary.of(
                Figure.of(run.scenario().seconds()),
                analysis.rates().presented(),
                analysis.onePercentLow().slowestMean(),
                "slowest mean");
    }

    /// What the overlay said, as it is kept in files.
    public static ReadingSeries readings(SimulatedRun run) {
        return new ReadingSeries(
                run.readings().stream()
                        .map(r -> new Reading(r.second(), r.claimedFps(), r.claimedFps(), r.claimedFps(), r.baseFps()))
                        .toList(),
                List.of(),
                Figure.missing("the overlay names no 1 % low"),
                "",
                Map.of());
    }

    private void sensor(SimulatedRun run) throws IOException {
        Optional<SensorTrace> trace = run.sensor();
        if (trace.isPresent()) {
            TraceWriter.write(trace.get().inputs(), trace.get().lights(), file("sensor.csv"));
            byte[] sound = run.sound(SoundTrack.RATE_HZ).orElseThrow();
            SoundWriter.write(sound, SoundTrack.RATE_HZ, file("clicks.wav"));
        }
    }
}
