package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.bench.FactKey;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class GameRecordsTest {
    @TempDir
    Path folder;

    private Study study() throws Exception {
        Study study = Study.open(folder.resolve("games.fluss"));
        StudyMaker.add(study, folder, 1, 50);
        StudyMaker.add(study, folder, 2, 50);
        study.bench().addScene("Tidewarden", "mill", 30);
        study.bench().addScene("Kelp Circuit", "marsh", 30);
        return study;
    }

    private static Game game(Study study) throws Exception {
        return study.games().stream()
                .filter(one -> one.name().equals("Tidewarden"))
                .findFirst()
                .orElseThrow();
    }

    private static Scene scene(Study study, String name) throws Exception {
        long game = game(study).id();
        return study.scenes().stream()
                .filter(scene -> scene.gameId() == game && scene.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static DeliveryPath path(Study study, Chain chain) throws Exception {
        return new DeliveryPath(study.bench().addPath("Doubled", chain), "Doubled", chain);
    }

    @Test
    void gamesScenesAndRunsGetOtherNames() throws Exception {
        try (Study study = study()) {
            GameRecords records = study.gamesAndRuns();
            Game game = game(study);
            Scene marsh = scene(study, "marsh");
            assertThatThrownBy(() -> records.rename(game, "Kelp Circuit")).hasMessageContaining("Choose another name");
            assertThatThrownBy(() -> records.rename(marsh, "mill")).hasMessageContaining("another scene named 'mill'");
            records.rename(game, "Reedhaven");
            records.rename(marsh, "reeds");
            records.rename(study.runs().getFirst(), "first of the day");
            assertThat(study.games()).extracting(Game::name).contains("Reedhaven");
            assertThat(study.scenes()).extracting(Scene::name).contains("reeds", "mill");
            assertThat(study.runs().getFirst().name()).isEqualTo("first of the day");
            study.undo();
            study.undo();
            study.undo();
            assertThat(study.games()).extracting(Game::name).contains("Tidewarden");
            assertThat(study.scenes()).extracting(Scene::name).contains("marsh");
        }
    }

    @Test
    void runsAreOfAnotherScene() throws Exception {
        try (Study study = study()) {
            Scene mill = scene(study, "mill");
            study.gamesAndRuns().move(study.runs(), mill);
            assertThat(study.runs()).extracting(Run::sceneId).containsOnly(mill.id());
            assertThat(study.nextUndo()).contains("move 2 runs to mill");
        }
    }

    /// The settings of the path come with it; what was recorded of the run itself stays. Each is one step.
    @Test
    void runsAreOfAnotherPathAndBackAgain() throws Exception {
        try (Study study = study()) {
            List<Run> before = study.runs();
            Stage doubling = new Stage(StageKind.DRIVER_GENERATION).with(FactKey.MULTIPLIER, "2");
            DeliveryPath path = path(study, new Chain(List.of(doubling)));
            study.gamesAndRuns().setPath(before, path);
            assertThat(study.runs()).allSatisfy(run -> {
                assertThat(run.path()).isEqualTo(path);
                assertThat(run.settings().multiplier()).isEqualTo(2);
            });
            assertThat(study.runs())
                    .extracting(run -> run.setup().recorded())
                    .isEqualTo(
                            before.stream().map(run -> run.setup().recorded()).toList());
            study.undo();
            assertThat(study.runs()).isEqualTo(before);
        }
    }

    @Test
    void runsStandBesideAnother() throws Exception {
        try (Study study = study()) {
            DeliveryPath path = path(study, Chain.NATIVE);
            Run other = study.runs().getFirst();
            study.gamesAndRuns().setPath(List.of(other), path);
            study.gamesAndRuns().move(List.of(other), scene(study, "mill"));
            Run moved = study.runs().getLast();
            study.gamesAndRuns().join(List.of(moved), study.runs().getFirst());
            assertThat(study.runs())
                    .extracting(Run::sceneId)
                    .containsOnly(scene(study, "mill").id());
            assertThat(study.runs()).extracting(run -> run.path().name()).containsOnly("Doubled");
            study.undo();
            assertThat(study.runs().getLast()).isEqualTo(moved);
        }
    }

    @Test
    void factsOfSeveralRunsAreStatedAtOnce() throws Exception {
        try (Study study = study()) {
            List<Run> before = study.runs();
            study.gamesAndRuns().state(before, Map.of("group", "evening", "cap_fps", "60"));
            assertThat(study.runs()).allSatisfy(run -> {
                assertThat(run.setup().others()).containsEntry("group", "evening");
                assertThat(run.capFps()).isEqualTo(60);
            });
            study.undo();
            assertThat(study.runs()).isEqualTo(before);
        }
    }

    /// With all that hangs on it, and back again with every number.
    @Test
    void aGameIsRemovedAndComesBack() throws Exception {
        try (Study study = study()) {
            Game game = game(study);
            List<Run> runs = study.runs();
            study.gamesAndRuns().remove(game);
            assertThat(study.games()).extracting(Game::name).containsExactly("Kelp Circuit");
            assertThat(study.runs()).isEmpty();
            assertThat(study.scenes()).hasSize(1);
            assertThat(study.check()).isEmpty();
            study.undo();
            assertThat(study.runs()).isEqualTo(runs);
            StudyMaker.readAll(study);
            assertThat(study.check()).isEmpty();
        }
    }
}
