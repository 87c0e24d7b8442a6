package app.fluss.app.model;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.demo.DemoStudy;
import app.fluss.core.measure.Grade;
import app.fluss.core.plan.Wish;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CoverageTest {
    @TempDir
    static Path folder;

    @BeforeAll
    static void makeDemo() throws Exception {
        DemoStudy.make(folder.resolve("demo.fluss"));
    }

    private static Scene scene(Contents contents, String name) {
        return contents.scenes().stream()
                .filter(scene -> scene.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsMissingIsWantedLessKept() throws Exception {
        try (Study study = Study.open(folder.resolve("demo.fluss"))) {
            Contents before = Contents.of(study, 1);
            Scene marsh = scene(before, "reed marsh loop");
            DeliveryPath engine = before.bench().paths().stream()
                    .filter(path -> path.name().equals("engine generation 2×"))
                    .findFirst()
                    .orElseThrow();
            assertThat(Coverage.of(before, marsh, engine))
                    .isEqualTo(new Coverage(marsh, engine, 3, 3, Optional.of(Grade.A)));
            List<Wish> open = Coverage.open(before, List.of(marsh));
            assertThat(open)
                    .filteredOn(wish -> wish.repeats() == 0)
                    .singleElement()
                    .satisfies(wish -> assertThat(wish.chain().isNative()).isTrue());
            assertThat(open.stream().mapToInt(Wish::repeats).sum()).isEqualTo(4);
            Run run = before.kept(marsh.id(), engine.id()).getFirst();
            study.gamesAndRuns().setOutcome(List.of(run), Outcome.DISCARDED, "the door was shut");
            Contents after = Contents.of(study, 2);
            assertThat(Coverage.of(after, marsh, engine).missing()).isEqualTo(1);
            assertThat(Coverage.paths(after, List.of(marsh)).getFirst().isNative())
                    .isTrue();
            study.undo();
        }
    }

    @Test
    void theWeakestEvidenceGivesTheGrade() throws Exception {
        try (Study study = Study.open(folder.resolve("demo.fluss"))) {
            Contents contents = Contents.of(study, 1);
            Scene terrace = scene(contents, "fountain steps");
            assertThat(Coverage.paths(contents, List.of(terrace)))
                    .allSatisfy(path -> assertThat(
                                    Coverage.of(contents, terrace, path).grade())
                            .as(path.name())
                            .contains(path.name().equals("driver generation 2×") ? Grade.D_PLUS : Grade.D));
        }
    }
}
