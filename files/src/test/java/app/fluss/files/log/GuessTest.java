package app.fluss.files.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.work.Progress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What the columns of loggers of their own mind are taken for.
class GuessTest {
    @TempDir
    Path folder;

    private Sample sample(String header, IntFunction<String> row) throws Exception {
        String rows = IntStream.range(0, 300).mapToObj(row).reduce("", (a, b) -> a + b + "\n");
        return Sample.read(Files.writeString(folder.resolve("log.csv"), header + "\n" + rows));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }

    private static List<Role> roles(Sample sample) {
        return MappingGuess.of(sample).mapping().columns().stream()
                .map(MappedColumn::role)
                .toList();
    }

    @Test
    void aRisingColumnIsTheTimeAndSmallOnesAreWork() throws Exception {
        Sample sample = sample(
                "Stamp,Frame CPU,Frame GPU,What",
                i -> number(5000 + i * 0.0167) + "," + number(4 + i % 3) + "," + number(9 + i % 2) + ","
                        + (i % 2 == 0 ? "Rendered" : "Interp"));
        MappingGuess guess = MappingGuess.of(sample);
        assertThat(guess.certain()).isFalse();
        assertThat(roles(sample)).containsExactly(Role.PRESENT, Role.CPU, Role.GPU, Role.KIND);
        assertThat(guess.mapping().columns().getFirst().unit()).isEqualTo(TimeUnit.S);
    }

    @Test
    void aLogOfFrameTimesHasNoTimeStamps() throws Exception {
        Sample sample =
                sample("ms between images,watts drawn by gpu power", i -> number(16 + i % 5) + "," + number(180));
        assertThat(roles(sample)).containsExactly(Role.FRAME_TIME, Role.POWER);
    }

    @Test
    void aSecondRisingColumnShortlyAfterIsWhenItWasShown() throws Exception {
        Sample sample = sample(
                "t;shown;simulation time",
                i -> number(i * 16.7).replace('.', ',') + ";"
                        + number(i * 16.7 + 21).replace('.', ',') + ";"
                        + number(900 + i * 16.7).replace('.', ','));
        assertThat(roles(sample)).containsExactly(Role.PRESENT, Role.DISPLAYED, Role.CONTENT);
    }

    @Test
    void loadsAndSensorsAreKnownByNameAndMadeCertainByNone() throws Exception {
        Sample sample = sample(
                "time,GPU load %,CPU load %,GPU temp,GPU clock,VRAM used", i -> number(i * 10) + ",97,41,66,2100,7012");
        assertThat(roles(sample))
                .containsExactly(
                        Role.PRESENT, Role.GPU_LOAD, Role.CPU_LOAD, Role.GPU_TEMPERATURE, Role.GPU_CLOCK, Role.VRAM);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Elapsed,CPUBusyMs,GPUBusyMs,GPULoadPct,GPUTemp,GPUMHz",
                "elapsed,cpubusy,gpubusy,gpuload,gputemp,gpuclock",
                "ELAPSED,CPUms,GPUms,GPU_USAGE,GPU_TEMP,GPU_CLOCK",
                "ElapsedMs,cpuTime,gpuTime,gpuUtilization,gpuTemperature,gpuClockMHz",
                "TimeMS,CPUus,GPUus,GPUUtil,GPUTempC,GPUFreq",
            })
    void wordsAreToldApartHoweverTheyAreRunTogether(String header) throws Exception {
        boolean micros = header.contains("us,");
        String work = micros ? ",6900,12100," : ",6.9,12.1,";
        Sample sample = sample(header, i -> number(i * 13.7) + work + (60 + i % 3) + "," + (70 + i % 2) + ",2100");
        assertThat(roles(sample))
                .containsExactly(Role.PRESENT, Role.CPU, Role.GPU, Role.GPU_LOAD, Role.GPU_TEMPERATURE, Role.GPU_CLOCK);
    }

    @Test
    void ourOwnHeaderIsCertainAndUnknownColumnsBesideItAreLeftOut() throws Exception {
        Sample sample = sample("present_ms,colour,kind,frame", i -> number(i * 8) + ",red,rendered," + i);
        MappingGuess guess = MappingGuess.of(sample);
        assertThat(guess.certain()).isTrue();
        assertThat(roles(sample)).containsExactly(Role.PRESENT, Role.IGNORED, Role.KIND, Role.FRAME);
        ImportedLog imported = LogImport.read(folder.resolve("log.csv"), ImportOptions.guess(), Progress.NONE);
        assertThat(imported.log().channel(Channel.FRAME).orElseThrow().at(7)).isEqualTo(7);
    }

    @Test
    void linesBeforeTheHeaderAreAPreamble() throws Exception {
        String rows = IntStream.range(0, 50).mapToObj(i -> number(i * 8) + ",4").reduce("", (a, b) -> a + b + "\n");
        Path file = Files.writeString(
                folder.resolve("pre.csv"), "Logger 3.1\nStarted: today\n\npresent_ms,cpu_ms\n" + rows);
        ImportedLog imported = LogImport.read(file, ImportOptions.guess(), Progress.NONE);
        assertThat(imported.log().size()).isEqualTo(50);
        assertThat(imported.log().present().at(49)).isEqualTo(392);
    }

    /// Both ends of a stream: the clock of the client began elsewhere, and images are between 0.3 and 40 ms on their
    /// way.
    @ParameterizedTest
    @ValueSource(
            strings = {
                "FrameNumber,CaptureTimestamp(ms),EncodeDone(ms),FrameTime(ms)|FrameNumber,Received(ms),Decoded(ms),Displayed(ms)",
                "frame_id,present_time_ms,encoded_time_ms,frame_time_ms|frame_id,recv_time_ms,decode_time_ms,display_time_ms",
                "Frame,Time ms,Sent ms,Delta ms|Frame,Arrived ms,Decoder out ms,Shown ms",
                "Bild Nr,Zeit ms,Codiert ms,Bildzeit ms|Bild Nr,Empfangen ms,Dekodiert ms,Angezeigt ms",
            })
    void aStreamsStampsAreKnownByWhereTheImageWas(String headers) throws Exception {
        String[] ends = headers.split("\\|", -1);
        SplittableRandom random = new SplittableRandom(4);
        double[] at = new double[301];
        for (int i = 1; i < at.length; i++) {
            at[i] = at[i - 1] + 16 + random.nextDouble();
        }
        assertThat(roles(sample(
                        ends[0],
                        i -> (7 + i) + "," + number(at[i + 1]) + "," + number(at[i + 1] + 4 + random.nextDouble()) + ","
                                + number(at[i + 1] - at[i]))))
                .containsExactly(Role.FRAME, Role.PRESENT, Role.ENCODED, Role.IGNORED);
        assertThat(roles(sample(ends[1], i -> {
                    double came = 8e6 + at[i] + 3 + random.nextDouble();
                    return (7 + i + i / 50) + "," + number(came) + "," + number(came + 2) + "," + number(came + 9);
                })))
                .containsExactly(Role.FRAME, Role.RECEIVED, Role.PRESENT, Role.DISPLAYED);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "time_s,compositor_gpu_ms,app_gpu_ms,reprojected",
                "Time (s),Compositor GPU ms,App GPU ms,New Frame",
                "t_s,warp_gpu_ms,gpu_ms,IsRepeated"
            })
    void aHeadsetsFlagsSayWhichRefreshesBroughtANewImage(String header) throws Exception {
        boolean oneIsNew = header.endsWith("New Frame");
        Sample sample = sample(
                header, i -> number(i / 90.0) + "," + number(1.1) + "," + number(13 + i % 2 * 0.3) + "," + i % 2);
        Mapping mapping = MappingGuess.of(sample).mapping();
        assertThat(mapping.columns().stream().map(MappedColumn::role))
                .containsExactly(Role.PRESENT, Role.IGNORED, Role.GPU, Role.KIND);
        assertThat(mapping.kinds().get("1")).isEqualTo(oneIsNew ? FrameKind.RENDERED : FrameKind.GENERATED);
        assertThat(mapping.kinds().get("0")).isEqualTo(oneIsNew ? FrameKind.GENERATED : FrameKind.RENDERED);
    }

    @Test
    void aFlagThatHasNotChangedYetSpeaksOnlyWhereEveryImageIsRendered() throws Exception {
        assertThat(roles(sample("time_ms,generated", i -> number(i * 9) + ",0")))
                .containsExactly(Role.PRESENT, Role.KIND);
        assertThat(roles(sample("time_ms,generated", i -> number(i * 9) + ",1")))
                .as("the switch was on")
                .containsExactly(Role.PRESENT, Role.IGNORED);
        assertThat(roles(sample("time_ms,new scene", i -> number(i * 9) + "," + (i % 100 == 7 ? 1 : 0))))
                .as("scenes are no images")
                .containsExactly(Role.PRESENT, Role.IGNORED);
    }

    @Test
    void whatIsCountedIsNoFlagAndWhatIsSaidOfAFrameNoNumber() throws Exception {
        Sample sample = sample(
                "time_ms,dropped frames,skipped total,latched us,frames",
                i -> number(i * 9.1) + "," + i % 2 + "," + i % 2 + "," + (i * 9100L + 40 + i % 3) + "," + i / 100);
        assertThat(roles(sample)).containsExactly(Role.PRESENT, Role.IGNORED, Role.IGNORED, Role.IGNORED, Role.IGNORED);
    }

    /// Images come 8 to 24 ms apart, which says nothing of the step in which their times were written.
    @Test
    void stampsAreAsFineAsTheyWereWritten() throws Exception {
        SplittableRandom random = new SplittableRandom(9);
        double[] at = new double[301];
        for (int i = 1; i < at.length; i++) {
            at[i] = at[i - 1] + 8 + 16 * random.nextDouble();
        }
        assertThat(roles(sample(
                        "elapsed_ms,frame_time_ms,shown_ms",
                        i -> number(at[i + 1]) + "," + number(at[i + 1] - at[i]) + "," + number(at[i + 1] + 12))))
                .containsExactly(Role.PRESENT, Role.IGNORED, Role.DISPLAYED);
        assertThat(roles(sample(
                        "elapsed_ms,frame_time_ms",
                        i -> number(Math.floor(at[i + 1] / 10) * 10) + "," + number(at[i + 1] - at[i]))))
                .as("a clock that ticks every 10 ms")
                .containsExactly(Role.IGNORED, Role.FRAME_TIME);
    }
}
