package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.measure.Section;
import app.fluss.core.work.Progress;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What a study must survive: names that lead to one file, faults in the middle of a step, and cells that a hand or a
/// fault has changed.
class StudySafetyTest {
    @TempDir
    Path folder;

    private Path file;

    @BeforeEach
    void name() {
        file = folder.resolve("bench.fluss");
    }

    private void run(String... statements) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        }
    }

    /// An error of the machine, out of memory for one, within a step takes all of the step back, and the next one
    /// works.
    @Test
    void anErrorWithinAStepLeavesNothingOfIt() throws Exception {
        try (Connection connection = StudyFile.connection(file, true)) {
            Schema.create(connection);
            Steps steps = new Steps(file, connection, Optional.empty());
            assertThatThrownBy(() -> steps.change("half", () -> {
                        steps.sql().insert("INSERT INTO game (name) VALUES ('half')");
                        throw new OutOfMemoryError("as if");
                    }))
                    .isInstanceOf(OutOfMemoryError.class);
            steps.change("whole", () -> steps.sql().insert("INSERT INTO game (name) VALUES ('whole')"));
            assertThat(steps.read(() -> steps.sql().list("SELECT name FROM game", row -> row.getString(1))))
                    .containsExactly("whole");
        }
    }

    /// The reason of a failed commit is told, and not what the clean-up after it meets.
    @Test
    void aFullDiskIsToldAsOne() throws Exception {
        try (Connection connection = StudyFile.connection(file, true)) {
            Schema.create(connection);
            Steps steps = new Steps(file, connection, Optional.empty());
            steps.read(() -> steps.sql().list("PRAGMA max_page_count = 1", row -> row.getInt(1)));
            assertThatThrownBy(() -> steps.change("much", () -> {
                        for (int i = 0; i < 2000; i++) {
                            steps.sql().insert("INSERT INTO game (name) VALUES (?)", "game " + "x".repeat(200) + i);
                        }
                        return true;
                    }))
                    .isInstanceOf(StudyException.class)
                    .hasMessageContaining("the disk is full");
            assertThat(steps.read(() -> steps.sql().list("SELECT name FROM game", row -> row.getString(1))))
                    .isEmpty();
        }
    }

    /// Evidence that an older fault left incomplete is written anew when its file comes again.
    @Test
    void incompleteEvidenceIsNotTrusted() throws Exception {
        try (Study study = Study.open(file)) {
            StudyMaker.add(study, folder, 1, 500);
        }
        run("DELETE FROM evidence_part WHERE sha256 = (SELECT sha256 FROM frame_log)");
        try (Study study = Study.open(file)) {
            assertThat(study.check()).anyMatch(line -> line.contains("log1.csv") && line.contains("damaged"));
            StudyMaker.add(study, folder, 1, 500);
            assertThat(study.check()).isEmpty();
        }
    }

    /// While a long import packs its files, a quick change gets through: it would wait here for ever if not.
    @Test
    void aQuickChangeDoesNotWaitForAnImport() throws Exception {
        try (Study study = Study.open(file)) {
            Run run = StudyMaker.add(study, folder, 1, 50);
            Path log = StudyMaker.log(folder, 2, 300_000);
            List<String> quick = new ArrayList<>();
            Progress progress = _ -> {
                if (quick.isEmpty()) {
                    CompletableFuture<Void> other = CompletableFuture.runAsync(() -> {
                        try {
                            study.gamesAndRuns().setOutcome(List.of(run), Outcome.DISCARDED, "quick");
                        } catch (StudyException e) {
                            throw new IllegalStateException(e);
                        }
                    });
                    try {
                        other.get(20, TimeUnit.SECONDS);
                        quick.add("committed");
                    } catch (Exception e) {
                        quick.add("waited: " + e);
                    }
                }
                return true;
            };
            study.addRun(
                    StudyMaker.draft("two"),
                    List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, log, Progress.NONE)),
                    progress);
            assertThat(quick).containsExactly("committed");
            assertThat(study.runs()).hasSize(2);
        }
    }

    @Test
    void twoNamesOfOneStudyHaveOneWriter() throws Exception {
        Study.open(file).close();
        Path link = Files.createSymbolicLink(folder.resolve("link.fluss"), file);
        try (Study first = Study.open(file);
                Study second = Study.open(link)) {
            assertThat(first.isReadOnly()).isFalse();
            assertThat(second.readOnlyReason()).contains(ReadOnlyReason.OTHER_WINDOW);
        }
        Path other = folder.resolve("other.fluss");
        Files.createLink(other, file);
        try (Study hard = Study.open(other)) {
            assertThat(hard.readOnlyReason()).contains(ReadOnlyReason.SEVERAL_NAMES);
            assertThatThrownBy(() -> hard.bench().addScene("g", "s", 10))
                    .hasMessageContaining("several names (hard links)");
        }
    }

    @Test
    void aStudyWhereNothingCanBeWrittenSaysSo() throws Exception {
        Study.open(file).close();
        Files.deleteIfExists(folder.resolve(".bench.fluss.lock"));
        Files.createDirectory(folder.resolve(".bench.fluss.lock")); // so no lock can be made, for root either
        try (Study study = Study.open(file)) {
            assertThat(study.readOnlyReason()).contains(ReadOnlyReason.MEDIUM);
            assertThatThrownBy(() -> study.bench().addScene("g", "s", 10))
                    .hasMessageContaining("nothing can be written");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"what?.fluss", "100%.fluss", "a%20b.fluss", "x?mode=ro.fluss", "Übung #3 & mehr.fluss"})
    void everyNameIsAName(String name) throws Exception {
        assumeThat(System.getProperty("sun.jnu.encoding")).isEqualTo("UTF-8");
        Path odd = folder.resolve(name);
        try (Study study = Study.open(odd)) {
            study.bench().addScene("Tidewarden", "marsh", 10);
        }
        assertThat(odd).isRegularFile();
        try (Study study = Study.open(odd);
                Study second = Study.open(odd)) {
            assertThat(study.scenes()).hasSize(1);
            assertThat(second.scenes()).hasSize(1);
        }
        try (var files = Files.list(folder)) {
            assertThat(files.map(path -> path.getFileName().toString()))
                    .containsExactlyInAnyOrder(name, "." + name + ".lock");
        }
    }

    @Test
    void whatCannotBeOpenedIsToldInWords() throws Exception {
        assertThatThrownBy(() -> Study.open(Files.createDirectory(folder.resolve("folder.fluss"))))
                .isInstanceOf(StudyException.class)
                .hasMessageContaining("is a folder");
        assertThatThrownBy(() -> Study.open(folder.resolve("no/such/place.fluss")))
                .isInstanceOf(StudyException.class)
                .hasMessageContaining("cannot be opened");
        Files.createFile(file);
        try (Study study = Study.open(file)) {
            assertThat(study.runs()).as("an empty file is nobody's").isEmpty();
            assertThat(study.isReadOnly()).isFalse();
        }
    }

    /// Each statement makes one cell what no study has; the constraints that would refuse it are off, as they are in a
    /// damaged file.
    @ParameterizedTest
    @ValueSource(
            strings = {
                "UPDATE run SET outcome = 'NOPE'",
                "UPDATE run SET stages = '[{\"kind\":\"magic\"}]'",
                "UPDATE run SET claimed_fps = 9e999",
                "UPDATE fact SET source = 'HEARSAY'",
                "UPDATE fact SET stated_on = 'yesterday'",
                "UPDATE fact SET value = '-60' WHERE name = 'output_hz'; UPDATE section SET weight = 'HEAVY'",
                "UPDATE section SET to_ms = from_ms - 5",
                "UPDATE section SET from_ms = 9e999",
                "UPDATE scene SET weight = ''",
                "UPDATE latency SET threshold = -3",
                "UPDATE latency SET source = 'EAR'",
                "UPDATE trial SET state = 'PERHAPS'",
                "UPDATE readings SET mean_fps = -70",
                "UPDATE parsed_log SET images = 400000000",
                "UPDATE parsed_log SET images = -1",
                "UPDATE parsed_log SET images = 9223372036854775807",
                "UPDATE parsed_log SET segment_starts = '5 x 9'",
                "UPDATE parsed_log SET segment_starts = '99999999'",
                "UPDATE parsed_log SET notes = '{\"rows\":\"many\"}'",
                "UPDATE parsed_column SET data = x'00'",
                "UPDATE parsed_column SET data = zeroblob(5000000)",
                "DELETE FROM parsed_column",
                "UPDATE item SET part = 'CHAIR'",
                "UPDATE bench_fact SET source = ''",
                "UPDATE bench_fact SET stated_on = '2026-13-77'",
                "UPDATE path SET stages = 'none'"
            })
    void aCellThatNoStudyHasIsATypedRefusalAndTheCheckGoesOn(String change) throws Exception {
        try (Study study = Study.open(file)) {
            Run run = StudyMaker.add(study, folder, 1, 200);
            study.addSection(run, new Section("gate", Section.Weight.WORST, 100, 900));
            study.bench().add(BenchPart.RIG, OptionalLong.empty(), "Reedbox");
            study.bench()
                    .state(
                            study.bench().read().items().getFirst(),
                            List.of(new Fact(FactKey.DRIVER, "5", FactSource.TYPED, LocalDate.of(2026, 11, 27))));
        }
        run(change.split("; ", -1));
        byte[] before = Files.readAllBytes(file);
        try (Study study = Study.open(file)) {
            assertThatThrownBy(() -> StudyMaker.readAll(study))
                    .isInstanceOf(StudyException.class)
                    .message()
                    .isNotBlank()
                    .doesNotContain("Exception");
            assertThat(study.check()).isNotEmpty();
        }
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void aDamagedRowIsNamedByTableAndNumber() throws Exception {
        try (Study study = Study.open(file)) {
            StudyMaker.add(study, folder, 1, 20);
            StudyMaker.add(study, folder, 2, 20);
        }
        run("UPDATE run SET outcome = 'NOPE' WHERE id = 2");
        try (Study study = Study.open(file)) {
            assertThatThrownBy(study::runs)
                    .isInstanceOf(StudyException.class)
                    .hasMessageContaining("row 2 of table run")
                    .hasMessageContaining("outcome is \"NOPE\"");
        }
    }

    /// Small parts that claim to be large: no more is unpacked than the study says there is, and no more than it may.
    @Test
    void partsThatUnpackToFarMoreFillNoDisk() throws Exception {
        try (Study study = Study.open(file)) {
            StudyMaker.add(study, folder, 1, 200);
        }
        byte[] bomb = Packed.pack(new byte[8 << 20]);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var insert =
                        connection.prepareStatement("INSERT INTO evidence_part SELECT sha256, ?, ? FROM frame_log")) {
            for (int part = 1; part < 60; part++) {
                insert.setInt(1, part);
                insert.setBytes(2, bomb);
                insert.execute();
            }
        }
        run(
                "UPDATE evidence_part SET data = (SELECT data FROM evidence_part WHERE part = 5) WHERE part = 0 AND sha256 IN"
                        + " (SELECT sha256 FROM frame_log)");
        Set<Path> before = temporary();
        for (String bytes : List.of("bytes", "5000000000", "-1", "400000000")) {
            run("UPDATE evidence SET bytes = " + bytes + " WHERE file_name = 'log1.csv'");
            long free = Files.getFileStore(folder).getUsableSpace();
            try (Study study = Study.open(file)) {
                assertThat(study.check()).as(bytes).anyMatch(line -> line.startsWith("log1.csv"));
            }
            assertThat(Files.getFileStore(folder).getUsableSpace()).isGreaterThan(free - (1L << 30));
        }
        assertThat(before).as("nothing is left behind").containsAll(temporary());
    }

    private static Set<Path> temporary() throws IOException {
        try (var files = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
            return files.filter(path -> path.getFileName().toString().startsWith("fluss-evidence"))
                    .collect(Collectors.toSet());
        }
    }
}
