package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Grade;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.picture.PictureDifferences;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.overlay.OverlayFile;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.overlay.RecordedNumber;
import app.fluss.files.overlay.RecordedNumbers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Numbers of a recording in a study, from a file written here by the words of `docs/formats.md`.
class RecordingRecordsTest {
    /// A rate that is 96 for two seconds, open for one and 90 for one, with a load beside it. Ink `AAD/` is 0, 0,
    /// 255 and the grey picture `AQIDBA==` 1, 2, 3, 4.
    private static final String TEXT = """
            {"format":"fluss-overlay-1","clip":"walk.mp4","width":640,"height":360,"fps":60.0,"pictures":240,"missing":"",
             "numbers":[
              {"name":"rate","area":[10,12,40,20],"told":[{"name":"9","members":3,"width":1,"ink":"AAD/"}],"why_not":"",
               "stands":[[0.0,2000.0,120,96.0],[2000.0,3000.0,60,null],[3000.0,4000.0,60,90.0]],
               "glyphs":[{"name":"9","members":30,"width":3,"ink":"AAD/"},{"name":"","members":4,"width":1,"ink":"AAD/"}],
               "crops":{"width":2,"height":2,"grey":[null,"AQIDBA=="]}},
              {"name":"gpu_load","area":[10,40,40,20],"told":[],"why_not":"","stands":[[0.0,4000.0,240,97.0]],"glyphs":[],
               "crops":{"width":1,"height":1,"grey":[]}}]}
            """;

    @TempDir
    private Path folder;

    private Path file;

    @BeforeEach
    void write() throws Exception {
        file = Files.writeString(folder.resolve("walk.json"), TEXT);
    }

    private static RecordedNumber rate(StoredNumbers numbers) {
        return rate(numbers.read());
    }

    private static RecordedNumber rate(RecordedNumbers numbers) {
        return numbers.numbers().getFirst();
    }

    private StoredNumbers stored(Study study) throws Exception {
        return study.evidence(study.runs().getFirst(), EvidenceKinds.RECORDING).orElseThrow();
    }

    private Run add(Study study) throws Exception {
        Overlays overlays = new Overlays(OverlayFile.read(file), differences());
        return study.addRun(StudyMaker.draft("recorded"), RecordingRecords.evidence(overlays, folder), Progress.NONE);
    }

    /// Every second picture is new.
    private static PictureDifferences differences() {
        double[] one = new double[240];
        double[] two = new double[240];
        for (int i = 0; i < one.length; i++) {
            one[i] = i == 0 ? Double.NaN : i % 2 == 0 ? 20 : 0.01;
            two[i] = i < 2 ? Double.NaN : 20;
        }
        return PictureDifferences.ofMeans(one, two);
    }

    @Test
    void aRunMayRestOnARecordingAlone() throws Exception {
        assertThat(EvidenceKinds.of(new Candidate(file))).contains(EvidenceKinds.RECORDING);
        try (Study study = Study.open(folder.resolve("recorded.fluss"))) {
            Run run = add(study);
            assertThat(run.grade()).isEqualTo(Grade.D_PLUS).hasToString("D+");
            assertThat(run.claimed().mean().orNaN())
                    .as("96 for 2 s and 90 for 1 s; what is open counts for nothing")
                    .isCloseTo((2 * 96 + 90) / 3.0, within(1e-9));
            assertThat(run.claimed().lowest().orNaN()).isEqualTo(90);
            assertThat(run.claimed().onePercentLow().isKnown()).isFalse();
            StoredNumbers numbers = stored(study);
            assertThat(numbers.of(OverlayKind.GPU_LOAD).orElseThrow().mean().orNaN())
                    .isEqualTo(97);
            assertThat(numbers.of(OverlayKind.POWER)).isEmpty();
            assertThat(rate(numbers).series().glyphs()).isEqualTo("9");
            assertThat(rate(numbers).crops().of(0)).isEmpty();
            assertThat(rate(numbers).crops().of(1)).contains(new byte[] {1, 2, 3, 4});
            assertThat(rate(numbers).crops().of(2)).isEmpty();
            assertThat(rate(numbers).told().getFirst().look().shares()).containsExactly(0, 0, 1);
            StoredPictures pictures =
                    study.evidence(run, EvidenceKinds.CLIP_COUNT).orElseThrow();
            assertThat(pictures.lookedAt()).isEqualTo("everywhere without 10,12,40,20 and 10,40,40,20");
            assertThat(study.check()).isEmpty();
        }
    }

    @Test
    void correctionsAreOneStepEachAndChangeTheRunsFigures() throws Exception {
        try (Study study = Study.open(folder.resolve("corrected.fluss"))) {
            add(study);
            StoredNumbers numbers = stored(study);
            OverlaySeries series = rate(numbers).series();
            study.recordings().correct(numbers, rate(numbers), series.stands().get(1), OptionalDouble.of(99));
            study.recordings()
                    .correct(stored(study), rate(numbers), series.stands().get(2), OptionalDouble.empty());
            StoredNumbers corrected = stored(study);
            assertThat(corrected.series(rate(corrected)).openShare()).isCloseTo(0.25, within(1e-9));
            assertThat(study.runs().getFirst().claimed().mean().orNaN()).isCloseTo(97, within(1e-9));
            assertThat(study.nextUndo()).contains("strike a reading of rate");
            assertThat(study.check()).isEmpty();
            study.recordings()
                    .takeBack(corrected, rate(corrected), series.stands().get(2));
            assertThat(study.runs().getFirst().claimed().lowest().orNaN()).isEqualTo(90);
            study.undo();
            study.undo();
            study.undo();
            assertThat(stored(study).corrections()).isEmpty();
            assertThat(study.runs().getFirst().claimed().mean().orNaN()).isCloseTo(94, within(1e-9));
            study.redo();
            Run run = study.runs().getFirst();
            study.remove(run, EvidenceKinds.RECORDING);
            assertThat(study.runs().getFirst().claimed().mean().isKnown()).isFalse();
            study.undo();
            assertThat(study.runs().getFirst().claimed().mean().orNaN()).isCloseTo(95.25, within(1e-9));
            assertThat(study.check()).isEmpty();
        }
    }

    @Test
    void whatIsWrittenIsWhatWasRead() throws Exception {
        RecordedNumbers read = OverlayFile.read(file);
        Path again = folder.resolve("again.json");
        OverlayFile.write(read, again);
        RecordedNumbers back = OverlayFile.read(again);
        assertThat(rate(back).series().stands()).isEqualTo(rate(read).series().stands());
        Path third = folder.resolve("third.json");
        OverlayFile.write(OverlayFile.read(again), third);
        assertThat(third).hasSameBinaryContentAs(again);
    }

    /// Any byte may be another: what comes of it is a reading or a fault that names the file.
    @Test
    void damagedFilesAreRefusedInWords() throws Exception {
        byte[] bytes = Files.readAllBytes(file);
        SplittableRandom random = new SplittableRandom(11);
        int refused = 0;
        for (int i = 0; i < 3000; i++) {
            byte[] damaged = bytes.clone();
            for (int changes = random.nextInt(1, 4); changes > 0; changes--) {
                damaged[random.nextInt(damaged.length)] = (byte) (32 + random.nextInt(95));
            }
            Files.write(file, damaged);
            try {
                OverlayFile.read(file);
            } catch (InputException e) {
                assertThat(e).hasMessageStartingWith("walk.json: found ");
                refused++;
            }
        }
        assertThat(refused).isGreaterThan(500);
        Files.writeString(file, TEXT.replace("[2000.0,3000.0", "[2001.0,3000.0"));
        assertThatThrownBy(() -> OverlayFile.read(file)).hasMessageContaining("do not follow each other at 2001.0 ms");
        Files.writeString(file, TEXT.replace("AQIDBA==", "AQIDBAU="));
        assertThatThrownBy(() -> OverlayFile.read(file)).hasMessageContaining("picture 1 that is not 2 × 2 px");
        Files.writeString(file, TEXT.replace("gpu_load", "rate"));
        assertThatThrownBy(() -> OverlayFile.read(file)).hasMessageContaining("two numbers of one name");
    }
}
