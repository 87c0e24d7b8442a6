package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.work.Progress;
import app.fluss.core.work.StoppedException;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.LogImport;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StudyTest {
    @TempDir
    Path folder;

    private Path file;
    private Path raw;

    @BeforeEach
    void writeLog() throws Exception {
        file = folder.resolve("bench.fluss");
        raw = folder.resolve("run.csv");
        StringBuilder text = new StringBuilder("present_ms,displayed_ms,kind\n");
        for (int i = 0; i < 600; i++) {
            text.append(i * 10).append(',').append(i * 10 + 4).append(i % 2 == 0 ? ",rendered\n" : ",generated\n");
        }
        Files.writeString(raw, text);
    }

    private Run add(Study study, String name) throws Exception {
        ImportedLog imported = LogImport.read(raw, ImportOptions.guess(), Progress.NONE);
        return study.addRun(
                new RunDraft(
                        "Tidewarden",
                        "marsh",
                        "engine 2×",
                        new Chain(List.of(new Stage(StageKind.ENGINE_GENERATION, Map.of(FactKey.MULTIPLIER, "2")))),
                        name,
                        false,
                        Setup.EMPTY
                                .withNamed(Map.of("driver", "5"), FactSource.TYPED)
                                .withDisplay(new DisplayMode(100, SyncMode.FIFO), FactSource.TYPED),
                        99.5,
                        Taking.UNRECORDED),
                List.of(new RunEvidence<>(EvidenceKinds.FRAME_LOG, raw, imported)),
                Progress.NONE);
    }

    @Test
    void givesBackARunAfterReopening() throws Exception {
        try (Study study = Study.open(file)) {
            add(study, "one");
        }
        try (Study study = Study.open(file)) {
            Run run = study.runs().getFirst();
            assertThat(run.name()).isEqualTo("one");
            assertThat(run.path().multiplier()).isEqualTo(2);
            assertThat(run.display()).contains(new DisplayMode(100, SyncMode.FIFO));
            assertThat(run.capFps()).isNaN();
            assertThat(run.setup().value(FactKey.DRIVER)).contains("5");
            assertThat(study.log(run).present().at(599)).isEqualTo(5990);
            assertThat(study.check()).isEmpty();
        }
    }

    @Test
    void undoAndRedoWorkAcrossReopening() throws Exception {
        try (Study study = Study.open(file)) {
            Run run = add(study, "one");
            study.addSection(run, new Section("gate", Section.Weight.WORST, 100, 900.123456789));
            study.setSetup(run, run.setup().withDisplay(new DisplayMode(120, SyncMode.VRR, 48), FactSource.TYPED));
            study.undo();
            assertThat(study.runs().getFirst().display().orElseThrow().refreshHz())
                    .isEqualTo(100);
        }
        try (Study study = Study.open(file)) {
            study.undo();
            assertThat(study.sections(study.runs().getFirst())).isEmpty();
            assertThat(study.nextUndo()).contains("add run one");
            study.undo();
            assertThat(study.runs()).isEmpty();
            assertThat(study.games()).isEmpty();
            study.undo();
        }
        try (Study study = Study.open(file)) {
            study.redo();
            study.redo();
            study.redo();
            study.redo();
            Run run = study.runs().getFirst();
            assertThat(run.display().orElseThrow().vrrFloorHz()).isEqualTo(48);
            assertThat(study.sections(run).getFirst().section().toMs()).isEqualTo(900.123456789);
            assertThat(study.log(run).size()).isEqualTo(600);
            study.gamesAndRuns().remove(List.of(run));
            assertThat(study.runs()).isEmpty();
            study.undo();
            assertThat(study.sections(run)).hasSize(1);
            study.addSection(run, new Section("new", Section.Weight.LIGHT, 0, 10));
            assertThat(study.nextRedo())
                    .as("a new step ends what could be redone")
                    .isEmpty();
        }
    }

    @Test
    void theSecondWindowOnlyReadsAndSaysSo() throws Exception {
        try (Study first = Study.open(file)) {
            Run run = add(first, "one");
            try (Study second = Study.open(file)) {
                assertThat(second.isReadOnly()).isTrue();
                assertThat(second.runs()).hasSize(1);
                assertThatThrownBy(() -> second.gamesAndRuns().remove(List.of(run)))
                        .hasMessageContaining("open in another window");
            }
        }
        try (Study again = Study.open(file)) {
            assertThat(again.isReadOnly()).isFalse();
        }
    }

    @Test
    void leavesAloneWhatIsNoStudyNewerOrDamaged() throws Exception {
        Path words = Files.writeString(folder.resolve("words.fluss"), "no database at all, just words and more words");
        assertThatThrownBy(() -> Study.open(words))
                .isInstanceOf(StudyException.class)
                .hasMessageContaining("not a Fluss study");
        assertThat(words).hasContent("no database at all, just words and more words");

        Study.open(file).close();
        run("PRAGMA user_version = 99");
        assertThatThrownBy(() -> Study.open(file)).hasMessageContaining("newer Fluss (version 99");
        run("PRAGMA user_version = " + Schema.VERSION);
        run("CREATE TRIGGER evil AFTER INSERT ON game BEGIN DELETE FROM run; END");
        assertThatThrownBy(() -> Study.open(file)).hasMessageContaining("damaged");
        run("DROP TRIGGER evil");
        Study.open(file).close();
    }

    @Test
    void checkFindsEvidenceAndColumnsThatWereChanged() throws Exception {
        try (Study study = Study.open(file)) {
            add(study, "one");
        }
        run("UPDATE parsed_column SET data = (SELECT data FROM parsed_column WHERE name = 'displayed_ms') WHERE name ="
                + " 'present_ms'");
        try (Study study = Study.open(file)) {
            assertThat(study.check()).singleElement().asString().contains("not what its evidence gives");
        }
        run("UPDATE evidence_part SET data = zeroblob(40)");
        try (Study study = Study.open(file)) {
            assertThat(study.check()).singleElement().asString().contains("damaged");
        }
    }

    @Test
    void nothingIsHalfAddedWhenTheEvidenceCannotBeRead() throws Exception {
        try (Study study = Study.open(file)) {
            ImportedLog imported = LogImport.read(raw, ImportOptions.guess(), Progress.NONE);
            RunDraft draft = draft("r");
            assertThatThrownBy(() -> study.addRun(
                            draft,
                            List.of(new RunEvidence<>(EvidenceKinds.FRAME_LOG, folder.resolve("gone.csv"), imported)),
                            Progress.NONE))
                    .isInstanceOf(java.io.IOException.class);
            assertThatThrownBy(() -> study.addRun(
                            draft, List.of(new RunEvidence<>(EvidenceKinds.FRAME_LOG, raw, imported)), _ -> false))
                    .isInstanceOf(StoppedException.class);
            assertThat(study.games()).isEmpty();
            assertThat(study.nextUndo()).isEmpty();
        }
    }

    @Test
    void factsAndSectionNamesChangeAndChangeBack() throws Exception {
        try (Study study = Study.open(file)) {
            Run run = add(study, "one");
            study.addSection(run, new Section("section 1", Section.Weight.TYPICAL, 0, 1000));
            study.renameSection(study.sections(run).getFirst(), "bridge");
            study.setWeight(study.sections(run).getFirst(), Section.Weight.WORST);
            assertThat(study.sections(run).getFirst().section())
                    .isEqualTo(new Section("bridge", Section.Weight.WORST, 0, 1000));
            study.setSetup(run, Setup.EMPTY.withNamed(Map.of("driver", "6", "shader cache", "warm"), FactSource.TYPED));
            assertThat(study.runs().getFirst().setup().named())
                    .containsEntry("driver", "6")
                    .containsEntry("shader cache", "warm");
            study.undo();
            assertThat(study.runs().getFirst().setup()).isEqualTo(run.setup());
            study.undo();
            study.undo();
            assertThat(study.sections(run).getFirst().section().name()).isEqualTo("section 1");
        }
    }

    /// A run may rest on what a counter or a tool said, and then has that grade; it can be undone like any other.
    @Test
    void keepsWhatWasOnlyClaimed() throws Exception {
        Path readings = Files.writeString(folder.resolve("readings.csv"), "t_s,claimed_fps\n1,70\n2,74\n3,66\n");
        Path summary =
                Files.writeString(folder.resolve("summary.csv"), "average_fps,one_percent_low_fps\n81.5,60.25\n");
        try (Study study = Study.open(file)) {
            study.addRun(
                    draft("read"),
                    List.of(RunEvidence.of(EvidenceKinds.READINGS, readings, Progress.NONE)),
                    Progress.NONE);
            study.addRun(
                    draft("told"),
                    List.of(RunEvidence.of(EvidenceKinds.SUMMARY, summary, Progress.NONE)),
                    Progress.NONE);
        }
        try (Study study = Study.open(file)) {
            Run read = study.runs().getFirst();
            Run told = study.runs().get(1);
            assertThat(read.grade()).isEqualTo(Grade.D);
            assertThat(read.settings().claimed().mean().orNaN()).isEqualTo(70);
            assertThat(read.claimed().lowest().orNaN()).isEqualTo(66);
            assertThat(told.grade()).isEqualTo(Grade.C);
            assertThat(told.claimed().onePercentLow().orNaN()).isEqualTo(60.25);
            assertThat(told.claimed().lowest().isKnown()).isFalse();
            assertThat(study.check()).isEmpty();
            study.undo();
            assertThat(study.runs()).containsExactly(read);
            study.redo();
            assertThat(study.runs()).containsExactly(read, told);
            study.gamesAndRuns().remove(List.of(read));
            study.undo();
            assertThat(study.runs()).contains(read);
        }
        run("UPDATE readings SET mean_fps = 99");
        try (Study study = Study.open(file)) {
            assertThat(study.check())
                    .singleElement()
                    .asString()
                    .contains("readings.csv", "not what its evidence gives");
        }
    }

    private static RunDraft draft(String name) {
        return new RunDraft("g", "s", "p", Chain.NATIVE, name, false, Setup.EMPTY, Double.NaN, Taking.UNRECORDED);
    }

    private void run(String sql) throws Exception {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }
}
