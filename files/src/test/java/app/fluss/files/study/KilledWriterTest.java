package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A writer that is killed loses nothing that it acknowledged, and its study opens.
class KilledWriterTest {
    @TempDir
    Path folder;

    @Test
    void nothingAcknowledgedIsLost() throws Exception {
        KillCampaign.Result result = KillCampaign.run(folder.resolve("study.fluss"), 8, 20_261_127);
        assertThat(result.lost()).isEmpty();
        assertThat(result.acknowledged()).isGreaterThan(8);
        assertThat(result.hot()).as("kills in the middle of a write").isPositive();
    }

    /// The files as they stand in the middle of a write: some pages changed, the journal still there.
    @Test
    void aHotJournalIsTakenBackAndToldOnce() throws Exception {
        Path file = folder.resolve("hot.fluss");
        try (Study study = Study.open(file)) {
            StudyMaker.add(study, folder, 1, 2000);
        }
        Path cut = folder.resolve("cut.fluss");
        try (Connection connection = StudyFile.connection(file, true)) {
            Sql sql = new Sql(connection);
            sql.run("PRAGMA cache_size = 5");
            sql.run("BEGIN IMMEDIATE");
            sql.run("DELETE FROM parsed_column");
            sql.run("DELETE FROM evidence_part");
            for (int i = 0; i < 3000; i++) {
                sql.run("INSERT INTO game (name) VALUES (?)", "game " + i + "x".repeat(300));
            }
            Files.copy(file, cut);
            Files.copy(folder.resolve("hot.fluss-journal"), folder.resolve("cut.fluss-journal"));
            sql.run("ROLLBACK");
        }
        assertThat(Files.mismatch(cut, file)).as("pages were written").isNotEqualTo(-1);
        try (Study study = Study.open(cut)) {
            assertThat(study.notices()).singleElement().asString().contains("was cut off and was taken back");
            assertThat(study.runs()).hasSize(1);
            assertThat(study.check()).isEmpty();
        }
        try (Study study = Study.open(cut)) {
            assertThat(study.notices()).isEmpty();
        }
    }

    /// A hot journal beside a file that is none of ours is left alone, with the file.
    @Test
    void aJournalBesideSomethingElseIsLeftAlone() throws Exception {
        Path file = folder.resolve("other.fluss");
        try (Connection connection = StudyFile.connection(file, true)) {
            Sql sql = new Sql(connection);
            sql.run("CREATE TABLE words (word TEXT)");
            sql.run("INSERT INTO words VALUES ('one')");
            sql.run("PRAGMA cache_size = 5");
            sql.run("BEGIN IMMEDIATE");
            for (int i = 0; i < 3000; i++) {
                sql.run("INSERT INTO words VALUES (?)", "word " + i + "x".repeat(300));
            }
            Files.copy(file, folder.resolve("copy.fluss"));
            Files.copy(folder.resolve("other.fluss-journal"), folder.resolve("copy.fluss-journal"));
            sql.run("ROLLBACK");
        }
        Path copy = folder.resolve("copy.fluss");
        Path journal = folder.resolve("copy.fluss-journal");
        byte[] before = Files.readAllBytes(copy);
        byte[] beforeJournal = Files.readAllBytes(journal);
        assertThatThrownBy(() -> Study.open(copy))
                .isInstanceOf(StudyException.class)
                .hasMessageContaining("not a Fluss study");
        assertThat(Files.readAllBytes(copy)).isEqualTo(before);
        assertThat(Files.readAllBytes(journal)).isEqualTo(beforeJournal);
    }

    /// Killed while the file itself is made: nothing is in it yet, and it is made again.
    @Test
    void aStudyThatWasNeverFinishedIsMadeAgain() throws Exception {
        Path file = folder.resolve("young.fluss");
        try (Connection connection = StudyFile.connection(folder.resolve("made.fluss"), true)) {
            Sql sql = new Sql(connection);
            sql.run("PRAGMA cache_size = 1");
            sql.run("BEGIN IMMEDIATE");
            Schema.create(connection);
            Files.copy(folder.resolve("made.fluss"), file, StandardCopyOption.REPLACE_EXISTING);
            Files.copy(folder.resolve("made.fluss-journal"), folder.resolve("young.fluss-journal"));
            sql.run("ROLLBACK");
        }
        try (RandomAccessFile young = new RandomAccessFile(file.toFile(), "r")) {
            assertThat(young.length()).isGreaterThanOrEqualTo(0);
        }
        try (Study study = Study.open(file)) {
            StudyMaker.add(study, folder, 1, 20);
        }
        try (Study study = Study.open(file)) {
            assertThat(study.runs()).hasSize(1);
        }
    }
}
