package app.fluss.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.PsychometricFit;
import app.fluss.core.feel.Sessions;
import app.fluss.core.measure.Grade;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.verdict.GameVerdicts;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoStudyTest {
    private static final String AIMED = "Heron Post";

    @TempDir
    Path folder;

    @Test
    void showsEveryReadyScenario() {
        assertThat(DemoRuns.all().stream().map(runs -> runs.scenario().name()).collect(Collectors.toSet()))
                .containsExactlyInAnyOrderElementsOf(ReadyScenario.names().stream()
                        .map(name -> ReadyScenario.named(name).name())
                        .collect(Collectors.toSet()));
    }

    @Test
    void isAWholeStudyOfInventedGames() throws Exception {
        Path file = folder.resolve("demo.fluss");
        DemoStudy.make(file);
        try (Study study = Study.open(file)) {
            List<Run> runs = study.runs();
            assertThat(runs)
                    .allMatch(Run::simulated)
                    .allMatch(run -> run.display().isPresent());
            assertThat(study.games()).hasSizeGreaterThan(8);
            assertThat(runs.stream().map(Run::grade).collect(Collectors.toSet()))
                    .containsExactlyInAnyOrder(Grade.A, Grade.B, Grade.C, Grade.D_PLUS, Grade.D);
            assertThat(grades(study, "Mossfall Terrace")).containsOnly(Grade.D, Grade.D_PLUS);
            assertThat(grades(study, "Brass Meadow")).containsOnly(Grade.C);
            assertThat(runs.stream()
                            .filter(run -> run.path().name().equals("native"))
                            .count())
                    .as("every scene has its baseline")
                    .isGreaterThanOrEqualTo(study.scenes().size());
            assertThat(verdicts(study)).as("a person who notices more delay").isNotEqualTo(afterTheirThreshold(study));
            assertThat(study.check()).as("evidence gives what was parsed").isEmpty();
        }
    }

    private static Map<String, Verdict.Word> verdicts(Study study) throws Exception {
        return GameVerdicts.of(study, Optional.of(AIMED), Optional.of(School.RESPONSE_FIRST.id())).stream()
                .flatMap(game -> game.paths().entrySet().stream())
                .collect(Collectors.toMap(
                        Map.Entry::getKey, path -> path.getValue().word()));
    }

    /// The school *response first* with the median of the demo's simulated person as its bound.
    private static Map<String, Verdict.Word> afterTheirThreshold(Study study) throws Exception {
        Sessions sessions = Sessions.of(study.feel().read().stream()
                .filter(session -> session.task() == FeelTask.DELAY)
                .map(session -> PsychometricFit.of(session.trials()))
                .toList());
        Asked asked = School.RESPONSE_FIRST.asked(Rule.ADDED_LATENCY).orElseThrow();
        study.schools()
                .keep(School.RESPONSE_FIRST.with(
                        asked.with(sessions.median().orNaN(), "noticed by a simulated person")));
        Map<String, Verdict.Word> after = verdicts(study);
        study.undo();
        return after;
    }

    private static List<Grade> grades(Study study, String name) throws Exception {
        Game game = study.games().stream()
                .filter(g -> g.name().equals(name))
                .findFirst()
                .orElseThrow();
        return study.runs().stream()
                .filter(run -> scenesOf(study, game).contains(run.sceneId()))
                .map(Run::grade)
                .toList();
    }

    private static List<Long> scenesOf(Study study, Game game) {
        try {
            return study.scenes().stream()
                    .filter(scene -> scene.gameId() == game.id())
                    .map(Scene::id)
                    .toList();
        } catch (StudyException e) {
            throw new AssertionError(e);
        }
    }
}
