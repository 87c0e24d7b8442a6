package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.bench.BenchPart;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Games handed on as a study of their own, and another analyst's study taken in.
class ShareStudyTest {
    @TempDir
    private Path folder;

    private Path made(String name, int runs) throws Exception {
        Path file = folder.resolve(name);
        try (Study study = Study.open(file)) {
            for (int seed = 0; seed < runs; seed++) {
                StudyMaker.add(study, folder, seed, 300);
            }
        }
        return file;
    }

    private static Map<Long, Run> rows(Study study) throws StudyException {
        return study.runs().stream().collect(Collectors.toMap(Run::id, run -> run));
    }

    @Test
    void whatIsTakenInStandsBesideAndNothingIsChanged() throws Exception {
        Path ours = made("ours.fluss", 2);
        Path theirs = made("theirs.fluss", 3);
        byte[] original = Files.readAllBytes(theirs);
        try (Study study = Study.open(ours)) {
            Map<Long, Run> before = rows(study);
            TakenIn taken = study.takeIn(theirs, "Noor");
            assertThat(taken.runs()).isEqualTo(3);
            Map<Long, Run> after = rows(study);
            assertThat(after).containsAllEntriesOf(before).hasSize(5);
            List<Run> added = study.runs().stream()
                    .filter(run -> !before.containsKey(run.id()))
                    .toList();
            assertThat(added).allSatisfy(run -> {
                assertThat(run.origin()).isEqualTo("Noor");
                assertThat(run.setup().item(BenchPart.RIG)).contains("rig (Noor)");
                assertThat(study.log(run).size()).isEqualTo(300);
                assertThat(study.evidence(run, EvidenceKinds.LATENCY)
                                .orElseThrow()
                                .trials())
                        .hasSize(3);
            });
            assertThat(study.check()).isEmpty();
            assertThat(study.takeIn(theirs, "Noor").words()).contains("3 had been taken in before");
            study.undo();
            study.undo();
            assertThat(rows(study)).isEqualTo(before);
        }
        assertThat(Files.readAllBytes(theirs)).as("theirs is only read").isEqualTo(original);
    }

    @Test
    void aGameThatIsHandedOnTakesNothingElseAlong() throws Exception {
        Path ours = made("ours.fluss", 2);
        Path to = folder.resolve("one game.fluss");
        try (Study study = Study.open(ours)) {
            study.bench().addScene("Secret", "hidden", 30);
            Game game = study.games().stream()
                    .filter(one -> one.name().equals("Tidewarden"))
                    .findFirst()
                    .orElseThrow();
            study.handOn(List.of(game), to);
            assertThatThrownBy(() -> study.handOn(List.of(), to)).isInstanceOf(IllegalArgumentException.class);
            assertThatThrownBy(() -> study.handOn(List.of(game), ours)).hasMessageContaining("choose another name");
        }
        assertThat(new String(Files.readAllBytes(to), StandardCharsets.ISO_8859_1))
                .doesNotContain("Secret")
                .doesNotContain(folder.toString());
        try (Study study = Study.open(to)) {
            assertThat(study.games()).extracting(Game::name).containsExactly("Tidewarden");
            assertThat(study.runs()).hasSize(2);
            assertThat(study.check()).isEmpty();
            assertThat(study.nextUndo()).isEmpty();
        }
    }

    /// Bytes of the other study overwritten anywhere: it is refused in words and ours is untouched, or
    /// what was taken in verifies.
    @Test
    void aDamagedStudyIsRefusedAndOursUntouched() throws Exception {
        Path theirs = made("theirs.fluss", 1);
        SplittableRandom random = new SplittableRandom(23);
        int refused = 0;
        for (int i = 0; i < 25; i++) {
            Path damaged = Files.copy(theirs, folder.resolve("damaged" + i + ".fluss"));
            byte[] noise = new byte[900];
            random.nextBytes(noise);
            try (FileChannel channel = FileChannel.open(damaged, StandardOpenOption.WRITE)) {
                channel.write(ByteBuffer.wrap(noise), random.nextLong(Files.size(damaged) - noise.length));
            }
            try (Study study = Study.open(folder.resolve("ours" + i + ".fluss"))) {
                StudyMaker.add(study, folder, 9, 100);
                Map<Long, Run> before = rows(study);
                try {
                    study.takeIn(damaged, "Noor");
                } catch (StudyException e) {
                    refused++;
                    assertThat(e.getMessage()).contains("damaged" + i + ".fluss");
                    assertThat(rows(study)).isEqualTo(before);
                }
                assertThat(study.check()).isEmpty();
            }
        }
        assertThat(refused)
                .as("where it was not, what was overwritten is not used")
                .isGreaterThan(3);
        try (Study study = Study.open(folder.resolve("ours.fluss"))) {
            Path text = Files.writeString(folder.resolve("note.fluss"), "no study");
            assertThatThrownBy(() -> study.takeIn(text, "Noor")).isInstanceOf(StudyException.class);
            assertThatThrownBy(() -> study.takeIn(theirs, " ")).isInstanceOf(IllegalArgumentException.class);
            assertThat(study.runs()).isEmpty();
        }
    }
}
