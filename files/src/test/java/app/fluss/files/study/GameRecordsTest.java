package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
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
