package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.files.study.StoredSchools.Chosen;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Schools stay with the study, whose word each bound is among it, and every change can be taken back.
class SchoolRecordsTest {
    @TempDir
    Path folder;

    private static final School MINE = School.RESPONSE_FIRST
            .named("My arena")
            .with(new Asked(Rule.ADDED_LATENCY, 6.5, 5, "what I felt on 20 November"));

    @Test
    void aSchoolOfOnesOwnIsKeptAndChosen() throws Exception {
        Path file = folder.resolve("s.fluss");
        Game game;
        try (Study study = Study.open(file)) {
            StudyMaker.add(study, folder, 1, 50);
            game = study.games().getFirst();
            study.schools().keep(MINE);
            study.schools().choose(game, new Chosen(Optional.of("my-arena"), Optional.of("smooth-first")));
        }
        try (Study study = Study.open(file)) {
            StoredSchools kept = study.schools().read();
            assertThat(kept.schools().own()).containsExactly(MINE);
            assertThat(kept.schools().named("my arena")).isEqualTo(MINE);
            assertThat(kept.school(game, Optional.of("racing"))).isEqualTo(MINE);
            assertThat(kept.beside(game)).contains(School.SMOOTH_FIRST);
            study.schools().keep(MINE.with(new Asked(Rule.ADDED_LATENCY, 8, 8, "mine")));
            assertThat(study.schools().read().schools().own()).hasSize(1);
            study.undo();
            assertThat(study.schools().read().schools().own()).containsExactly(MINE);
            study.schools().remove(MINE);
            assertThat(study.schools().read().school(game, Optional.of("racing")))
                    .as("a school that is gone is passed over")
                    .isEqualTo(School.RESPONSE_FIRST);
            study.undo();
            assertThat(study.schools().read().schools().own()).containsExactly(MINE);
            study.schools().choose(game, Chosen.NOTHING);
            assertThat(study.schools().read().chosen()).isEmpty();
        }
    }

    /// One that ships can be given other bounds: it then stands in the place of the one that ships.
    @Test
    void aBoundOfASchoolThatShipsCanBeChanged() throws Exception {
        try (Study study = Study.open(folder.resolve("s.fluss"))) {
            School mine = School.SMOOTH_FIRST.with(new Asked(Rule.ADDED_LATENCY, 55, 55, "mine"));
            study.schools().keep(mine);
            StoredSchools kept = study.schools().read();
            assertThat(kept.schools().all()).hasSameSizeAs(School.SHIPPED).contains(mine);
            assertThat(kept.schools().named("smooth first")).isEqualTo(mine);
        }
    }

    /// What a hand has changed into a school that asks nothing is told with its table and row.
    @Test
    void aDamagedSchoolIsTold() throws Exception {
        Path file = folder.resolve("s.fluss");
        try (Study study = Study.open(file)) {
            study.schools().keep(MINE);
        }
        try (var sql = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = sql.createStatement()) {
            statement.executeUpdate("DELETE FROM school_ask");
        }
        try (Study study = Study.open(file)) {
            assertThat(study.check())
                    .singleElement()
                    .asString()
                    .contains("school")
                    .contains("a school asks something");
        }
    }
}
