package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.Reach;
import app.fluss.core.feel.Trial;
import app.fluss.core.feel.blind.BlindAnswer;
import app.fluss.core.feel.blind.Seal;
import app.fluss.core.feel.blind.Side;
import app.fluss.core.feel.drill.ChartPart;
import app.fluss.core.feel.drill.Fault;
import app.fluss.core.feel.drill.Round;
import app.fluss.core.feel.drill.Size;
import app.fluss.core.path.Chain;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What a study keeps of people: sessions, blind blocks, rounds of the drill.
final class PeopleRecordsTest {
    private static final Instant DAY = Instant.parse("2026-05-04T18:00:00Z");
    private static final Seal SEAL = Seal.of("ABBAB", "00112233445566778899aabbccddeeff");

    @TempDir
    Path folder;

    private Path file;
    private Study study;

    @BeforeEach
    void open() throws Exception {
        file = folder.resolve("people.fluss");
        study = Study.open(file);
    }

    @AfterEach
    void close() throws Exception {
        study.close();
    }

    private static FeelSession session(String person) {
        return new FeelSession(
                0,
                new FeelSession.Taker(person, "desk display", "mouse"),
                FeelTask.DELAY,
                DAY,
                60,
                0.2,
                3,
                true,
                List.of(new Trial(160, true, true), new Trial(80, false, true)),
                List.of(new Reach(40, 0, 0, 100, 50, 20, 98, 51, 612.5)));
    }

    @Test
    void sessionIsKeptWholeRenamedRemovedAndUndone() throws Exception {
        study.feel().keep(session("Ilo"));
        FeelSession kept = study.feel().read().getFirst();
        assertThat(kept).usingRecursiveComparison().ignoringFields("id").isEqualTo(session("Ilo"));

        study.feel().rename(kept, new FeelSession.Taker("Una", "sofa display", "pad"));
        assertThat(study.feel().read().getFirst().taker().person()).isEqualTo("Una");
        study.feel().remove(study.feel().read().getFirst());
        assertThat(study.feel().read()).isEmpty();
        study.undo();
        study.undo();
        assertThat(study.feel().read()).containsExactly(kept);
        assertThatThrownBy(() -> session(" ")).hasMessageContaining("1 to 60 characters");
    }

    private BlindBlock block() throws Exception {
        study.bench().addScene("Reedfall", "weir", 60);
        long scene = study.scenes().getFirst().id();
        long a = study.bench().addPath("native", Chain.NATIVE);
        long b = study.bench().addPath("other", Chain.NATIVE);
        study.blind()
                .add(new BlindBlock(
                        0,
                        scene,
                        a,
                        b,
                        "Ilo",
                        BlindBlock.SwitchedBy.HELPER,
                        SEAL,
                        SEAL.hash(),
                        DAY,
                        Optional.empty(),
                        false,
                        List.of()));
        return study.blind().read().getFirst();
    }

    private BlindBlock answer(BlindBlock block, Side side) throws Exception {
        study.blind().answer(block, new BlindBlock.Said(side, OptionalInt.of(4), OptionalInt.empty()), DAY);
        return study.blind().read().getFirst();
    }

    @Test
    void blindBlockOpensItsOrderOnlyAtTheEnd() throws Exception {
        BlindBlock block = block();
        assertThat(block.hash()).isEqualTo(SEAL.hash());
        for (Side side : List.of(Side.A, Side.B, Side.A, Side.A)) {
            block = answer(block, side);
            BlindBlock going = block;
            assertThatThrownBy(going::judged).hasMessageContaining("goes on");
        }
        block = answer(block, Side.B);
        assertThat(block.endedAt()).contains(DAY);
        assertThat(block.judged()).extracting(BlindAnswer::isRight).containsExactly(true, true, false, true, true);
        BlindBlock ended = block;
        assertThatThrownBy(() -> answer(ended, Side.A)).hasMessageContaining("has ended");
        assertThat(study.check()).isEmpty();
    }

    @Test
    void openedOrderStaysOpenedWhateverIsUndone() throws Exception {
        BlindBlock block = block();
        for (Side side : SEAL.order()) {
            block = answer(block, side);
        }
        study.undo();
        BlindBlock undone = study.blind().read().getFirst();
        assertThat(undone.answers()).hasSize(4);
        assertThat(undone.isOpen()).isFalse();
        assertThatThrownBy(() -> answer(undone, Side.B)).hasMessageContaining("has ended");
    }

    @Test
    void orderThatWasChangedIsFound() throws Exception {
        block();
        study.close();
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute("UPDATE blind_block SET letters = 'ABBAA'");
        }
        study = Study.open(file);
        assertThat(study.check()).anyMatch(line -> line.contains("not the one that was sealed"));
    }

    @Test
    void sceneTakesItsBlindBlocksAlongAndBringsThemBack() throws Exception {
        block();
        study.gamesAndRuns().remove(study.scenes().getFirst());
        assertThat(study.blind().read()).isEmpty();
        study.undo();
        assertThat(study.blind().read()).hasSize(1);
        assertThat(study.check()).isEmpty();
    }

    @Test
    void peopleStayWhereGamesAreHandedOn() throws Exception {
        block();
        study.feel().keep(session("Ilo"));
        Path other = folder.resolve("other.fluss");
        study.handOn(study.games(), other);
        try (Study handed = Study.open(other)) {
            assertThat(handed.games()).hasSize(1);
            assertThat(handed.feel().read()).isEmpty();
            assertThat(handed.blind().read()).isEmpty();
            assertThat(handed.check()).isEmpty();
        }
    }

    @Test
    void roundsOfTheDrillAreKept() throws Exception {
        Round round = new Round(Fault.HITCHES, Fault.CPU_LIMIT, ChartPart.FRAME_TIMES, Size.SMALL);
        study.drill().keep(new DrillRound(0, "Ilo", "stream-host-hitch", -7, round, DAY));
        DrillRound kept = study.drill().read().getFirst();
        assertThat(kept.round()).isEqualTo(round);
        assertThat(kept.seed()).isEqualTo(-7);
        study.drill().forget("Ilo");
        assertThat(study.drill().read()).isEmpty();
    }
}
