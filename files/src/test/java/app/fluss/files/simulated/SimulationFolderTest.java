package app.fluss.files.simulated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.finding.Findings;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.work.Progress;
import app.fluss.core.work.StoppedException;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.ReadingsFile;
import app.fluss.files.log.Summary;
import app.fluss.files.log.SummaryFile;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class SimulationFolderTest {
    @TempDir
    Path folder;

    private List<Path> write(String scenario, String name) throws Exception {
        SimulatedRun run = Simulation.run(ReadyScenario.named(scenario).lasting(10));
        return SimulationFolder.write(run, folder.resolve(name), Progress.NONE);
    }

    private static List<String> names(List<Path> files) {
        return files.stream().map(Path::toFile).map(File::getName).toList();
    }

    @Test
    void sameSeedSameBytes() throws Exception {
        List<Path> one = write("home-stream", "one");
        List<Path> two = write("home-stream", "two");
        for (int i = 0; i < one.size(); i++) {
            assertThat(Files.mismatch(one.get(i), two.get(i)))
                    .as(one.get(i).toString())
                    .isEqualTo(-1);
        }
    }

    @Test
    void eachBenchWritesWhatItWouldHave() throws Exception {
        assertThat(names(write("second-gpu", "a")))
                .containsExactly(
                        "frames.csv",
                        "game.csv",
                        "readings.csv",
                        "summary.csv",
                        "sensor.csv",
                        "clicks.wav",
                        "clip.y4m",
                        "truth.json");
        assertThat(names(write("stream-host-hitch", "b"))).contains("client.csv", "host.csv", "probe.csv");
        assertThat(names(write("vr-half-rate", "c"))).contains("headset.csv").doesNotContain("sensor.csv");
    }

    @Test
    void logsAreReadWithoutAMappingQuestionAndGiveTheTruth() throws Exception {
        write("second-gpu", "out");
        ImportedLog imported = LogImport.read(folder.resolve("out/frames.csv"), ImportOptions.guess(), Progress.NONE);
        assertThat(Findings.of(imported.notes())).isEmpty();
        JsonNode truth = JsonMapper.builder().build().readTree(Files.readString(folder.resolve("out/truth.json")));
        Analysis analysis = Analysis.of(
                imported.log().all(),
                AnalysisSettings.NONE.withDisplay(
                        ReadyScenario.named("second-gpu").display().mode()));
        assertThat(imported.log().size()).isEqualTo(truth.get("presented").intValue());
        assertThat(analysis.ledger().orElseThrow().distinct())
                .isEqualTo(truth.at("/screen/distinct").intValue());
        assertThat(truth.at("/images/kind").size()).isEqualTo(imported.log().size());
        assertThat(truth.at("/clicks").size()).isGreaterThan(8);
        assertThat(truth.get("simulated").booleanValue()).isTrue();
    }

    @Test
    void readingsAndSummaryComeBack() throws Exception {
        write("capture-locked-60", "out");
        ReadingSeries readings = ReadingsFile.read(folder.resolve("out/readings.csv"));
        assertThat(readings.readings().size()).isEqualTo(10);
        assertThat(readings.base().orNaN()).isCloseTo(60, within(0.5));
        assertThat(readings.mean().orNaN())
                .isBetween(readings.lowest().orNaN(), readings.highest().orNaN());
        write("native", "out");
        Summary summary = SummaryFile.read(folder.resolve("out/summary.csv"));
        assertThat(summary.claimed().mean().orNaN()).isCloseTo(77, within(2.0));
        assertThat(summary.claimed().onePercentLow().orNaN()).isBetween(40.0, 70.0);
        assertThat(summary.claimed().lowConvention()).isEqualTo("slowest mean");
    }

    @Test
    void soundAndClipAreWhatOtherToolsRead() throws Exception {
        write("native", "out");
        var sound =
                AudioSystem.getAudioFileFormat(folder.resolve("out/clicks.wav").toFile());
        assertThat(sound.getFormat().getChannels()).isEqualTo(2);
        assertThat(sound.getFormat().getSampleRate()).isEqualTo(48_000);
        assertThat(sound.getFrameLength()).isEqualTo(480_000);
        byte[] clip = Files.readAllBytes(folder.resolve("out/clip.y4m"));
        String header = new String(Arrays.copyOf(clip, 44), StandardCharsets.US_ASCII);
        assertThat(header).startsWith("YUV4MPEG2 W96 H54 F144:1 Ip A1:1 C420jpeg\n");
        int picture = 6 + 96 * 54 * 3 / 2;
        assertThat((clip.length - header.indexOf('\n') - 1) % picture).isZero();
        assertThat((clip.length - header.indexOf('\n') - 1) / picture).isEqualTo(576);
    }

    @Test
    void sensorTraceIsInWholeMicroseconds() throws Exception {
        write("native", "out");
        List<String> lines = Files.readAllLines(folder.resolve("out/sensor.csv"));
        assertThat(lines.getFirst()).isEqualTo("t_us,input,light");
        assertThat(lines).hasSize(40_001);
        assertThat(lines.get(2)).startsWith("250,0,");
    }

    /// Stopped, or its folder gone, it leaves nothing behind and what was there as it was.
    @Test
    void nothingIsReplacedUnlessAllIsWritten() throws Exception {
        SimulatedRun run = Simulation.run(ReadyScenario.named("native").lasting(2));
        Path out = Files.createDirectories(folder.resolve("out"));
        Path old = Files.writeString(out.resolve("frames.csv"), "of another day");
        assertThatThrownBy(() -> SimulationFolder.write(run, out, share -> share < 0.5))
                .isInstanceOf(StoppedException.class);
        assertThat(old).hasContent("of another day");
        assertThat(out.toFile().list()).containsExactly("frames.csv");
        assertThatThrownBy(() -> SimulationFolder.write(run, out, _ -> removed(out)))
                .isInstanceOf(IOException.class);
        assertThat(old).hasContent("of another day");
        assertThat(SimulationFolder.write(run, out, Progress.NONE)).contains(old);
        assertThat(old).content().startsWith("present_ms");
    }

    /// Takes away what is being written.
    private static boolean removed(Path out) {
        try (Stream<Path> all = Files.walk(out)) {
            all.filter(file -> file.toString().contains(".unfinished"))
                    .sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
            return true;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
