package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.work.Progress;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/// What the command line says of a study: compared group by group, and decided claim by claim.
class StudyCommandsTest extends CommandTest {

    /// Three native runs on each of two drivers, one of each switched in place; the same on another scene.
    private Path study() throws Exception {
        Path file = folder.resolve("bench.fluss");
        try (Study study = Study.open(file)) {
            int seed = 40;
            for (String scene : List.of("weir", "locks")) {
                for (String driver : List.of("31.4", "31.5", "31.4", "31.5", "31.4", "31.5")) {
                    Scenario slower = driver.equals("31.4") ? BENCH : BENCH.with(Generator.interpolating(2, 1.2));
                    Path log = Path.of(write("run" + seed + ".csv", slower.withSeed(seed)));
                    study.addRun(
                            new RunDraft(
                                    "Reedlight",
                                    scene,
                                    "native",
                                    Chain.NATIVE,
                                    "run " + seed,
                                    false,
                                    Setup.EMPTY.withNamed(
                                            Map.of("driver", driver, "quality", "high"), FactSource.TYPED),
                                    Double.NaN,
                                    Taking.UNRECORDED.at(seed * 600_000L)),
                            List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, log, Progress.NONE)),
                            Progress.NONE);
                    seed++;
                }
            }
        }
        return file;
    }

    @Test
    void aStudyIsComparedByAnyFact() throws Exception {
        String study = study().toString();
        assertThat(fluss("compare", study, "--by", "driver", "--json")).isZero();
        JsonNode pair = json().at("/scenes/0/comparisons/0");
        assertThat(pair.get("baseline").asString()).isEqualTo("31.4");
        assertThat(pair.get("level").asString()).isEqualTo("31.5");
        assertThat(pair.get("within").asString()).isEqualTo("native");
        assertThat(pair.get("primary").asString()).isEqualTo("delivered_fps");
        assertThat(pair.at("/presented_fps/ratio").asDouble()).isBetween(1.6, 1.95);
        assertThat(pair.at("/presented_fps/stands").asBoolean()).isTrue();
        assertThat(pair.get("confounds").isEmpty()).as("looked at, and none").isTrue();
        assertThat(pair.at("/drift/state").asString()).as("in turn").isNotEqualTo("no-bracket");
        JsonNode overall = json().at("/overall/0/presented_fps");
        assertThat(overall.at("/scenes").size()).isEqualTo(2);
        assertThat(json().get("intervals").asInt()).isPositive();
        out.getBuffer().setLength(0);
        assertThat(fluss("compare", study, "--by", "driver", "--baseline", "31.5", "--scene", "weir"))
                .isZero();
        assertThat(out.toString()).contains("graphics driver 31.4 against graphics driver 31.5", "stands");
    }

    /// Three native runs and three that double the rate and add nothing to the base's cost: every rate holds,
    /// latency is
    /// only worked out, so no more than "probably" is said before it is measured.
    @Test
    void aStudyIsDecidedClaimByClaim() throws Exception {
        Path file = folder.resolve("decide.fluss");
        try (Study study = Study.open(file)) {
            for (int i = 0; i < 6; i++) {
                boolean on = i % 2 == 1;
                Scenario scenario = on ? BENCH.with(Generator.interpolating(2, 1.2)) : BENCH;
                Path log = Path.of(write("decide" + i + ".csv", scenario.withSeed(60 + i)));
                study.addRun(
                        new RunDraft(
                                "Reedlight",
                                "weir",
                                on ? "engine 2x" : "native",
                                on ? Chain.of(StageKind.ENGINE_GENERATION) : Chain.NATIVE,
                                "run " + i,
                                false,
                                Setup.EMPTY.withDisplay(new DisplayMode(144, SyncMode.VRR), FactSource.TYPED),
                                Double.NaN,
                                Taking.UNRECORDED.at(i * 600_000L)),
                        List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, log, Progress.NONE)),
                        Progress.NONE);
            }
        }
        assertThat(fluss("decide", file.toString(), "--school", "smooth-first", "--json"))
                .isZero();
        JsonNode path = json().at("/games/Reedlight/paths/engine 2x");
        assertThat(path.get("verdict").asString()).isEqualTo("probably_use");
        Map<String, String> states = new TreeMap<>();
        path.get("claims")
                .forEach(claim -> states.put(
                        claim.get("measure").asString(), claim.get("state").asString()));
        assertThat(states)
                .containsEntry("base_rate", "holds")
                .containsEntry("delivered_gain", "holds")
                .containsEntry("native_rate", "holds")
                .containsEntry("added_latency", "likely");
        assertThat(path.at("/would_settle/0/words").asString()).contains("added latency");
        assertThat(path.at("/would_settle/0/path").asString()).isEqualTo("engine 2x");
        assertThat(path.get("sentence").asString()).startsWith("Probably use engine 2x");
        assertThat(path.get("settings").isNull()).isTrue();
        assertThat(path.get("attribution").isNull())
                .as("it differs in one thing, so there is nothing to take apart")
                .isTrue();
        out.getBuffer().setLength(0);
        assertThat(fluss("decide", file.toString(), "--school", "rate-first")).isZero();
        assertThat(out.toString()).contains("engine 2x: ", "delivered, of the refresh rate");
        assertThat(fluss("decide", file.toString(), "--school", "fastest")).isEqualTo(3);
        assertThat(err.toString()).contains("there is no school 'fastest'");
        assertThat(fluss("decide", file.toString(), "--game", "Moor")).isEqualTo(3);
        assertThat(err.toString()).contains("there is no game 'Moor'", "Reedlight");
    }

    @Test
    void whatCannotBeComparedInAStudySaysWhatThereIs() throws Exception {
        String study = study().toString();
        assertThat(fluss("compare", study)).as("one path only").isEqualTo(3);
        assertThat(err.toString()).contains("no scene has runs of two groups by path");
        assertThat(fluss("compare", study, "--by", "colour")).isEqualTo(3);
        assertThat(err.toString()).contains("no run has 'colour' recorded", "driver");
        assertThat(fluss("compare", study, "--by", "driver", "--scene", "moor")).isEqualTo(3);
        assertThat(err.toString()).contains("there is no scene 'moor'", "Reedlight · weir");
        assertThat(fluss("compare", folder.resolve("none.fluss").toString())).isEqualTo(3);
    }
}
