package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.picture.PictureDifferences;
import app.fluss.core.work.Progress;
import app.fluss.files.log.DifferencesFile;
import app.fluss.files.log.InputException;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PictureRecordsTest {
    @TempDir
    private Path folder;

    private Run phantoms(Study study, SimulatedRun simulated) throws Exception {
        RunDraft draft = new RunDraft(
                "Kelp Circuit",
                "harbour lap",
                "driver 2×",
                Chain.of(StageKind.DRIVER_GENERATION),
                "run 1",
                true,
                Setup.EMPTY,
                Double.NaN,
                Taking.UNRECORDED);
        SimulatedEvidence evidence = new SimulatedEvidence(folder);
        Run run = evidence.add(
                study, SimulatedEvidence.draft(simulated.scenario(), draft), simulated, Grade.B, Progress.NONE);
        evidence.addClip(study, run, simulated, Progress.NONE);
        return study.run(run.id()).orElseThrow();
    }

    /// The clip of a simulated panel, written, read, counted and kept, has the pictures that were put into it.
    @Test
    void aCountedClipIsKeptAndCanBeTakenBack() throws Exception {
        SimulatedRun simulated =
                Simulation.run(ReadyScenario.named("phantom-images").lasting(6));
        try (Study study = Study.open(folder.resolve("a.fluss"))) {
            Run run = phantoms(study, simulated);
            StoredPictures kept = study.evidence(run, EvidenceKinds.CLIP_COUNT).orElseThrow();
            var clip = simulated.clip().get();
            assertThat(kept.differences().count().distinct()).isEqualTo(clip.distinct());
            assertThat(kept.fps()).isEqualTo(clip.fps());
            assertThat(kept.seen().orElseThrow().deliveredFps())
                    .isCloseTo(clip.distinct() * (double) clip.fps() / clip.frames(), within(1e-9));
            assertThat(study.check()).isEmpty();

            study.remove(run, EvidenceKinds.CLIP_COUNT);
            assertThat(study.evidence(run, EvidenceKinds.CLIP_COUNT)).isEmpty();
            study.undo();
            assertThat(study.evidence(run, EvidenceKinds.CLIP_COUNT)).isPresent();
            Run other = study.addPictures(
                    run, new StoredPictures("b.y4m", 30, "everywhere", kept.differences()), Progress.NONE);
            assertThat(study.evidence(other, EvidenceKinds.CLIP_COUNT)
                            .orElseThrow()
                            .clipName())
                    .as("one clip a run")
                    .isEqualTo("b.y4m");
            study.gamesAndRuns().remove(List.of(run));
            assertThat(study.check()).isEmpty();
        }
    }

    @Test
    void differencesComeBackToTheLastDigit() throws Exception {
        SplittableRandom random = new SplittableRandom(3);
        Path file = folder.resolve("d.csv");
        for (int trial = 0; trial < 20; trial++) {
            double[] one = random.doubles(3 + random.nextInt(200), 0, 255).toArray();
            double[] two = random.doubles(one.length, 0, 255).toArray();
            one[0] = Double.NaN;
            two[0] = Double.NaN;
            two[1] = Double.NaN;
            double[] ms = random.doubles(one.length, 0, 1e5).toArray();
            PictureDifferences before = trial % 2 == 0
                    ? PictureDifferences.ofMeans(one, two)
                    : PictureDifferences.ofMotion(one, one, two, ms);
            DifferencesFile.write(before, file);
            PictureDifferences again = DifferencesFile.read(file);
            assertThat(again.size()).isEqualTo(before.size());
            for (int i = 0; i < one.length; i++) {
                assertThat(Double.compare(again.overOne(i), one[i])).isZero();
                assertThat(Double.compare(again.overTwo(i), two[i])).isZero();
                assertThat(Double.compare(again.ms(i), before.ms(i))).isZero();
            }
            assertThat(again.count()).isEqualTo(before.count());
        }
    }

    @Test
    void otherTablesAreRefused() throws Exception {
        Path file = folder.resolve("bad.csv");
        Files.writeString(file, "picture,over_one,over_two\n1,,\n2,4,\n3,-1,2\n");
        assertThatThrownBy(() -> DifferencesFile.read(file))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("line 4");
        Files.writeString(file, "picture,over_one,over_two\n1,,\n2,4,\n");
        assertThatThrownBy(() -> DifferencesFile.read(file)).hasMessageContaining("three or more");
        Files.writeString(file, "a,b\n1,2\n");
        assertThatThrownBy(() -> DifferencesFile.read(file)).hasMessageContaining("over_one");
    }

    /// A study may come from anybody: a rate that would ask for endless seconds is refused.
    @Test
    void aRateThatNoClipHasIsRefused() throws Exception {
        Path file = folder.resolve("hostile.fluss");
        Run run;
        try (Study study = Study.open(file)) {
            run = phantoms(
                    study, Simulation.run(ReadyScenario.named("phantom-images").lasting(4)));
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate("UPDATE picture_count SET fps = 1e-300");
        }
        try (Study study = Study.open(file)) {
            assertThatThrownBy(() -> study.evidence(run, EvidenceKinds.CLIP_COUNT))
                    .isInstanceOf(StudyException.class)
                    .hasMessageContaining("fps is 1.0E-300");
        }
    }

    @Test
    void theWorstSecondShows() {
        double[] one = new double[30];
        for (int i = 0; i < one.length; i++) {
            // Ten pictures a second: all new, every second one new, all new.
            one[i] = i / 10 == 1 && i % 2 == 1 ? 0.5 : 20;
        }
        assertThat(PictureDifferences.ofMeans(one, one.clone()).perSecond(10)).containsExactly(10, 5, 10);
    }
}
