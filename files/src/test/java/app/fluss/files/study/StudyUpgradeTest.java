package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A study of each older version, made by the program of that version, opens brought up to date.
/// `study-1.fluss` is the demo of version 1, cut to eleven runs that have every kind of evidence and
/// path.
class StudyUpgradeTest {
    @TempDir
    Path folder;

    private Path file;

    @BeforeEach
    void copy() throws Exception {
        file = folder.resolve("demo.fluss");
        try (var old = Objects.requireNonNull(StudyUpgradeTest.class.getResourceAsStream("study-1.fluss"))) {
            Files.copy(old, file);
        }
    }

    private Set<String> files() throws Exception {
        try (var files = Files.list(folder)) {
            return files.map(path -> path.getFileName().toString()).collect(Collectors.toCollection(TreeSet::new));
        }
    }

    @Test
    void versionOneIsBroughtUpToDateAndACopyIsKept() throws Exception {
        byte[] before = Files.readAllBytes(file);
        try (Study study = Study.open(file)) {
            assertThat(study.notices())
                    .anyMatch(line -> line.contains("from version 1 to version 7"))
                    .anyMatch(line -> line.contains("demo (version 1).fluss"));
            assertThat(study.runs()).hasSize(11);
            assertThat(study.nextUndo()).as("steps of the old shape are gone").isEmpty();
            assertThat(study.check()).isEmpty();
            assertThat(study.capture().open().orElseThrow().entries()).hasSize(2);
            assertThat(study.plan().read().sheet()).hasSize(9);
        }
        assertThat(Files.readAllBytes(folder.resolve("demo (version 1).fluss"))).isEqualTo(before);
        try (Study again = Study.open(file)) {
            assertThat(again.notices()).isEmpty();
        }
        assertThat(files()).containsExactly(".demo.fluss.lock", "demo (version 1).fluss", "demo.fluss");
    }

    @Test
    void whatWasFrozenNowhereIsEachRunsOwn() throws Exception {
        try (Study study = Study.open(file)) {
            Run summary = study.runs().stream()
                    .filter(run -> run.setup().others().containsKey("shader cache"))
                    .findFirst()
                    .orElseThrow();
            assertThat(summary.display()).as("from the columns").contains(new DisplayMode(120, SyncMode.FIFO));
            assertThat(summary.setup().value(FactKey.LOW_RATE_SMOOTHING))
                    .as("was de_judder 8 of 10")
                    .contains("0.8");
            assertThat(summary.setup().fact(FactKey.DRIVER).orElseThrow().source())
                    .as("from the bench, and told to be")
                    .isEqualTo(FactSource.BENCH);
            assertThat(summary.setup().named()).as("so it is never compared").doesNotContainKey("driver");
            assertThat(study.bench().read().paths())
                    .filteredOn(path -> path.name().equals("smoothing by hand"))
                    .singleElement()
                    .satisfies(path -> assertThat(path.chain().settings())
                            .containsEntry(FactKey.LOW_RATE_SMOOTHING, "0.8")
                            .containsEntry(FactKey.FULL_RATE_SMOOTHING, "0.25"));
            Run logged = study.runs().getFirst();
            assertThat(logged.evidence())
                    .extracting(Attached::kind)
                    .containsExactlyInAnyOrder(EvidenceKinds.FRAME_LOG, EvidenceKinds.READINGS, EvidenceKinds.LATENCY);
            assertThat(study.notes(logged)).as("read again from the evidence").isPresent();
        }
    }

    /// A window that may not write shows an older study without bringing it up to date.
    @Test
    void aReaderShowsAnOldStudyAndLeavesItAsItIs() throws Exception {
        byte[] before = Files.readAllBytes(file);
        Files.createDirectory(folder.resolve(".demo.fluss.lock"));
        try (Study study = Study.open(file)) {
            assertThat(study.isReadOnly()).isTrue();
            assertThat(study.runs()).hasSize(11);
            StudyMaker.readAll(study);
        }
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        assertThat(files()).containsExactly(".demo.fluss.lock", "demo.fluss");
    }

    /// The tables of version 1 changed while it was built; those from before are told, and left alone.
    @Test
    void anEarlierShapeOfVersionOneIsRefusedInWords() throws Exception {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute("DROP TABLE host_log");
        }
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(() -> Study.open(file))
                .isInstanceOf(StudyException.class)
                .hasMessageContaining("before its tables were settled");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    /// A row that cannot be carried over stops the upgrade before anything is changed.
    @Test
    void anUpgradeThatFailsChangesNothing() throws Exception {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute("UPDATE path SET stages = 'none'");
        }
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(() -> Study.open(file)).isInstanceOf(StudyException.class);
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        assertThat(files()).containsExactly(".demo.fluss.lock", "demo.fluss");
    }

    /// What was measured before stays as it was: a rejected trial out, ambiguous ones in; looked at
    /// again, the evidence gives what this program finds in it.
    @Test
    void versionTwoKeepsItsLatencies() throws Exception {
        Path two = folder.resolve("two.fluss");
        try (var old = Objects.requireNonNull(StudyUpgradeTest.class.getResourceAsStream("study-2.fluss"))) {
            Files.copy(old, two);
        }
        try (Study study = Study.open(two)) {
            assertThat(study.notices()).anyMatch(line -> line.contains("from version 2 to version 7"));
            assertThat(study.check()).isEmpty();
            Run traced = study.runs().getLast();
            StoredLatency stored = study.evidence(traced, EvidenceKinds.LATENCY).orElseThrow();
            assertThat(stored.trials()).hasSize(10);
            assertThat(stored.rejected()).isEqualTo(1);
            assertThat(stored.open()).isEmpty();
            assertThat(Arrays.stream(stored.samplesMs()).boxed()).hasSize(9).allMatch(ms -> Math.abs(ms - 40) < 1);
            study.latency().lookAgain(traced, EdgeSettings.DEFAULT, false, Progress.NONE);
            StoredLatency again = study.evidence(traced, EvidenceKinds.LATENCY).orElseThrow();
            assertThat(Arrays.stream(again.samplesMs()).boxed()).hasSize(10).allMatch(ms -> Math.abs(ms - 40) < 1);
            assertThat(study.check()).isEmpty();
        }
    }

    /// A reading counts for as long as it stood since version 4; what is not read any more keeps its
    /// figures.
    @Test
    void versionThreeWeighsItsReadingsByTime() throws Exception {
        Path three = folder.resolve("three.fluss");
        try (var old = Objects.requireNonNull(StudyUpgradeTest.class.getResourceAsStream("study-3.fluss"))) {
            Files.copy(old, three);
        }
        try (Study study = Study.open(three)) {
            assertThat(study.notices()).anyMatch(line -> line.contains("from version 3 to version 7"));
            assertThat(study.notices()).anyMatch(line -> line.contains("odd.csv keeps its figures"));
            List<Run> runs = study.runs();
            assertThat(runs.getFirst().claimed().mean().orNaN())
                    .as("60 for 10 s, 66 for 2 s, 90 for 8 s, 72 for the median gap of 8 s")
                    .isCloseTo((600 + 132 + 720 + 576) / 28.0, within(1e-12));
            assertThat(runs.get(1).claimed().mean().orNaN()).isEqualTo(65);
            assertThat(runs.get(2).claimed().onePercentLow().orNaN()).isEqualTo(60.25);
            assertThat(study.check()).singleElement().asString().contains("odd.csv");
        }
    }

    /// Version 5 knows schools; what version 4 held is as it was, and games have no school of their own
    /// yet.
    @Test
    void versionFourGetsRoomForSchools() throws Exception {
        Path four = folder.resolve("four.fluss");
        try (var old = Objects.requireNonNull(StudyUpgradeTest.class.getResourceAsStream("study-4.fluss"))) {
            Files.copy(old, four);
        }
        try (Study study = Study.open(four)) {
            assertThat(study.notices()).anyMatch(line -> line.contains("from version 4 to version 7"));
            assertThat(study.runs())
                    .hasSize(2)
                    .allSatisfy(run -> assertThat(run.evidence()).hasSize(3));
            assertThat(study.schools().read()).isEqualTo(StoredSchools.NONE);
            assertThat(study.check()).isEmpty();
        }
    }

    /// Version 6 knows numbers of recordings; what version 5 held is as it was.
    @Test
    void versionFiveGetsRoomForRecordings() throws Exception {
        Path five = folder.resolve("five.fluss");
        try (var old = Objects.requireNonNull(StudyUpgradeTest.class.getResourceAsStream("study-5.fluss"))) {
            Files.copy(old, five);
        }
        try (Study study = Study.open(five)) {
            assertThat(study.notices()).anyMatch(line -> line.contains("from version 5 to version 7"));
            assertThat(study.runs())
                    .hasSize(2)
                    .allSatisfy(run -> assertThat(run.evidence()).hasSize(3));
            assertThat(study.schools().read().chosen()).hasSize(1);
            assertThat(study.check()).isEmpty();
        }
    }

    /// Version 7 knows people; what version 6 held is as it was.
    @Test
    void versionSixGetsRoomForPeople() throws Exception {
        Path six = folder.resolve("six.fluss");
        try (var old = Objects.requireNonNull(StudyUpgradeTest.class.getResourceAsStream("study-6.fluss"))) {
            Files.copy(old, six);
        }
        try (Study study = Study.open(six)) {
            assertThat(study.notices()).anyMatch(line -> line.contains("from version 6 to version 7"));
            assertThat(study.runs())
                    .hasSize(2)
                    .allSatisfy(run -> assertThat(run.evidence()).hasSize(3));
            assertThat(study.feel().read()).isEmpty();
            assertThat(study.blind().read()).isEmpty();
            assertThat(study.check()).isEmpty();
        }
    }
}
