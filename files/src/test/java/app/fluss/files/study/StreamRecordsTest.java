package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.StreamBudget;
import app.fluss.core.stream.StreamPicture;
import app.fluss.core.work.Progress;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.InputException;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Stream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StreamRecordsTest {
    private static final String STREAM = "stream-network-hitch";

    @TempDir
    private Path folder;

    private Run streamed(Study study, SimulatedRun simulated) throws Exception {
        RunDraft draft = new RunDraft(
                "Sill Harbour",
                "quay walk",
                "home stream",
                Chain.of(StageKind.HOME_STREAM),
                "run 1",
                true,
                Setup.EMPTY,
                Double.NaN,
                Taking.UNRECORDED);
        return new SimulatedEvidence(folder)
                .add(study, SimulatedEvidence.draft(simulated.scenario(), draft), simulated, Grade.B, Progress.NONE);
    }

    @Test
    void hostLogAndProbeAreKeptWithTheRun() throws Exception {
        SimulatedRun simulated = Simulation.run(ReadyScenario.named(STREAM));
        try (Study study = Study.open(folder.resolve("a.fluss"))) {
            Run run = streamed(study, simulated);
            assertThat(study.evidence(run, EvidenceKinds.HOST_LOG).orElseThrow().size())
                    .isEqualTo(simulated.hostLog().orElseThrow().size());
            assertThat(study.evidence(run, EvidenceKinds.HOST_LOG).orElseThrow().has(Channel.ENCODED))
                    .isTrue();
            ProbeTrace kept = study.evidence(run, EvidenceKinds.LINK_PROBE).orElseThrow();
            assertThat(kept.simulated()).isTrue();
            assertThat(ProbeReport.of(kept).link().sent())
                    .isEqualTo(simulated.probe().orElseThrow().packets().sent());
            assertThat(study.check()).isEmpty();

            Path other = folder.resolve("other.json");
            ProbeFile.write(
                    Simulation.run(ReadyScenario.named("home-stream")).probe().orElseThrow(), other);
            Run again = study.add(run, RunEvidence.of(EvidenceKinds.LINK_PROBE, other, Progress.NONE), Progress.NONE);
            double there = ProbeReport.of(
                            study.evidence(again, EvidenceKinds.LINK_PROBE).orElseThrow())
                    .burstMbps()
                    .orNaN();
            study.undo();
            assertThat(ProbeReport.of(study.evidence(run, EvidenceKinds.LINK_PROBE)
                                    .orElseThrow())
                            .burstMbps()
                            .orNaN())
                    .as("the probe before")
                    .isLessThan(there / 2);
            Path none = Files.writeString(folder.resolve("none.json"), "{\"format\":\"something\"}");
            assertThatThrownBy(() -> RunEvidence.of(EvidenceKinds.LINK_PROBE, none, Progress.NONE))
                    .isInstanceOf(InputException.class)
                    .hasMessageContaining("fluss-probe-1");

            study.gamesAndRuns().remove(List.of(run));
            assertThat(study.evidence(run, EvidenceKinds.HOST_LOG)).isEmpty();
            study.undo();
            assertThat(study.evidence(run, EvidenceKinds.HOST_LOG)).isPresent();
            assertThat(study.evidence(run, EvidenceKinds.LINK_PROBE)).isPresent();
        }
    }

    @Test
    void aDamagedProbeIsFound() throws Exception {
        Path file = folder.resolve("b.fluss");
        try (Study study = Study.open(file)) {
            streamed(study, Simulation.run(ReadyScenario.named(STREAM).lasting(5)));
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate("UPDATE link_probe SET images = 7");
        }
        try (Study study = Study.open(file)) {
            assertThat(study.check())
                    .singleElement()
                    .asString()
                    .contains("probe.json")
                    .contains("link probe");
        }
    }

    /// Images in time of other pictures, as predicted from the probe of the stream as it is, against
    /// what the simulator gives for those pictures.
    @ParameterizedTest
    @CsvSource({"1, 60", "2, 60", "3, 60", "4, 60", "1, 120", "2, 120"})
    void imagesInTimeOfOtherPictures(double times, double fps) {
        Scenario scenario = ReadyScenario.named("home-stream");
        Stream stream = scenario.stream().orElseThrow();
        Link link = new Link(220, 1.5, 1, 1.2, 0, 0, 0, 0);
        double bufferMs = 5;
        ProbeTrace now = probe(scenario, stream, link, stream.bitRateMbps(), stream.fps());
        StreamBudget budget = new StreamBudget(
                new StreamPicture(1920, 1080, stream.fps(), stream.bitRateMbps()),
                link.rateMbps(),
                1,
                1,
                bufferMs,
                Optional.of(ProbeReport.of(now).arrivals()));
        int width = (int) Math.rint(1920 * Math.sqrt(times));
        int height = (int) Math.rint(1080 * Math.sqrt(times));
        double expected = budget.outlook(budget.picture().alike(width, height, fps))
                .inTime()
                .orNaN();
        double truth = ProbeReport.of(
                        probe(scenario, stream, link, stream.bitRateMbps() * times * fps / stream.fps(), fps))
                .arrivals()
                .inTimeShare(bufferMs)
                .orNaN();
        // At another rate key frames are rarer among the images than in the probe.
        assertThat(expected).isCloseTo(truth, within(fps == stream.fps() ? 0.02 : 0.03));
    }

    private static ProbeTrace probe(Scenario scenario, Stream stream, Link link, double mbps, double fps) {
        Stream other = new Stream(
                fps, mbps, stream.keyEveryS(), stream.keyFactor(), stream.encode(), link, stream.decode(), 4, 0);
        return Simulation.run(scenario.with(other).lasting(1)).probe().orElseThrow();
    }
}
