package app.fluss.app.model;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.work.Progress;
import app.fluss.files.bench.Requirements;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import app.fluss.sim.Simulation;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/// What the window shows is one value: of one study, of one run, and never an old one.
class WorkbenchTest {
    @TempDir
    Path folder;

    private final List<String> problems = new CopyOnWriteArrayList<>();
    private Jobs jobs;
    private Workbench workbench;

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void make() {
        onFx(() -> {
            jobs = new Jobs();
            workbench = new Workbench(jobs, problems::add);
            return true;
        });
    }

    @AfterEach
    void close() throws Exception {
        idle();
        onFx(() -> {
            jobs.close();
            workbench.close();
            return true;
        });
    }

    private static <T> T onFx(Callable<T> work) {
        return WaitForAsyncUtils.waitForAsyncFx(20_000, work);
    }

    private static void doOnFx(Runnable work) {
        onFx(() -> {
            work.run();
            return true;
        });
    }

    private void idle() throws Exception {
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> onFx(() -> !jobs.busyProperty().get()));
    }

    private Study study(String name, String... runs) throws Exception {
        Study study = Study.open(folder.resolve(name));
        for (String run : runs) {
            add(study, run);
        }
        return study;
    }

    private static RunDraft draft(String name) {
        return new RunDraft(
                "Tidewarden", "marsh", "native", Chain.NATIVE, name, false, Setup.EMPTY, Double.NaN, Taking.UNRECORDED);
    }

    private Run add(Study study, String name) throws Exception {
        StringBuilder text = new StringBuilder("present_ms,displayed_ms,cpu_ms,gpu_ms,kind\n");
        for (int i = 0; i < 300; i++) {
            text.append("%d,%d,5,8,rendered\n".formatted(i * 10, i * 10 + 4));
        }
        Path log = Files.writeString(folder.resolve(name + ".csv"), text);
        return study.addRun(
                draft(name), List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, log, Progress.NONE)), Progress.NONE);
    }

    private Contents contents() {
        return onFx(() -> workbench.contentsProperty().get());
    }

    /// The run of one study and the run of another have the same number.
    @Test
    void anEditMadeForOneStudyNeverReachesAnother() throws Exception {
        doOnFx(() -> {});
        Study first = study("first.fluss", "one");
        doOnFx(() -> workbench.use(first));
        idle();
        Run run = contents().runs().getFirst();
        Edits edits = onFx(workbench::edits);
        Study second = study("second.fluss", "other");
        assertThat(second.runs().getFirst().id()).isEqualTo(run.id());
        doOnFx(() -> {
            workbench.use(second);
            edits.runs().setOutcome(List.of(run), Outcome.DISCARDED, "while the other opens");
            workbench.edits().runs().setOutcome(List.of(run), Outcome.DISCARDED, "of the screen as it is");
        });
        idle();
        doOnFx(() -> edits.runs().setOutcome(List.of(run), Outcome.DISCARDED, "from a dialog that stayed open"));
        idle();
        assertThat(contents().runs()).singleElement().satisfies(only -> {
            assertThat(only.name()).isEqualTo("other");
            assertThat(only.isKept()).isTrue();
        });
        assertThat(problems).anyMatch(words -> words.contains("first.fluss was closed meanwhile"));
    }

    /// What was typed just before another study is opened still gets into its own.
    @Test
    void aQuickEditOnItsWayIsKeptBeforeItsStudyCloses() throws Exception {
        Study first = study("first.fluss", "one");
        doOnFx(() -> workbench.use(first));
        idle();
        Study second = study("second.fluss");
        doOnFx(() -> {
            workbench.edits().bench().addScene("Saltglass", "arena", 60);
            workbench.use(second);
        });
        idle();
        try (Study again = Study.open(folder.resolve("first.fluss"))) {
            assertThat(again.scenes()).extracting(scene -> scene.name()).contains("arena");
        }
        assertThat(problems).isEmpty();
    }

    @Test
    void undoingAnAdditionLeavesNothingOfItOnScreen() throws Exception {
        Study study = study("undo.fluss", "one");
        doOnFx(() -> workbench.use(study));
        idle();
        assertThat(onFx(() -> workbench.analysedProperty().get())).isNotNull();
        doOnFx(() -> workbench.edits().undo());
        idle();
        assertThat(contents().runs()).isEmpty();
        assertThat(onFx(() -> workbench.selectedProperty().get())).isNull();
        assertThat(onFx(() -> workbench.analysedProperty().get())).isNull();
        assertThat(onFx(() -> workbench.comparisonsProperty().get())).isEmpty();
    }

    /// From the moment another run is chosen the old one's figures are gone.
    @Test
    void anotherRunsFiguresAreNeverShown() throws Exception {
        Study study = study("two.fluss", "one", "two");
        doOnFx(() -> workbench.use(study));
        idle();
        CountDownLatch hold = new CountDownLatch(1);
        doOnFx(() -> jobs.start("in the way", _ -> hold.await(30, TimeUnit.SECONDS), _ -> {}, _ -> {}));
        Run two = contents().runs().getLast();
        doOnFx(() -> {
            workbench.selectedProperty().set(two);
            assertThat(workbench.analysedProperty().get()).isNull();
            assertThat(workbench.pathWorkProperty().get()).isSameAs(PathWork.NONE);
        });
        hold.countDown();
        idle();
        assertThat(onFx(() -> workbench.analysedProperty().get().run())).isEqualTo(two);
    }

    @Test
    void whatTheImporterMetIsAFindingInTheWindowToo() throws Exception {
        Study study = Study.open(folder.resolve("notes.fluss"));
        StringBuilder text = new StringBuilder("present_ms,kind\n");
        for (int i = 0; i < 400; i++) {
            text.append("%d,rendered\n".formatted(i % 200 * 10)).append(i == 50 ? "500,rendered\n" : "");
        }
        Path log = Files.writeString(folder.resolve("restart.csv"), text);
        Run run = study.addRun(
                draft("restart"), List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, log, Progress.NONE)), Progress.NONE);
        doOnFx(() -> workbench.use(study));
        idle();
        assertThat(onFx(() -> workbench.analysedProperty().get()).findings())
                .extracting(Finding::code)
                .contains("clock-restart", "duplicate-times");
        assertThat(onFx(() -> workbench.analysedProperty().get()).run().id()).isEqualTo(run.id());
    }

    /// Ten changes of a run's words keep one analysis with its log, not ten.
    @Test
    void wordsOfARunKeepNoAnalysisMore() throws Exception {
        try (Study study = study("words.fluss", "one")) {
            Analyses analyses = new Analyses(Requirements.all());
            for (int i = 0; i < 10; i++) {
                study.gamesAndRuns().setOutcome(List.of(study.runs().getFirst()), Outcome.REPEAT, "reason " + i);
                analyses.analysis(study, study.runs().getFirst());
            }
            assertThat(analyses.keptLogs()).isEqualTo(1);
        }
    }

    /// A fact that latency rests on changes the estimate wherever it is shown.
    @Test
    void aChangedFactChangesTheEstimate() throws Exception {
        try (Study study = Study.open(folder.resolve("facts.fluss"))) {
            RunDraft draft = new RunDraft(
                    "Tidewarden",
                    "marsh",
                    "engine 2×",
                    Chain.of(StageKind.ENGINE_GENERATION),
                    "one",
                    true,
                    Setup.EMPTY,
                    Double.NaN,
                    Taking.UNRECORDED);
            var scenario = ReadyScenario.named("engine-generation").lasting(6);
            Run run = new SimulatedEvidence(folder)
                    .add(
                            study,
                            SimulatedEvidence.draft(scenario, draft),
                            Simulation.run(scenario),
                            Grade.B,
                            Progress.NONE);
            Analyses analyses = new Analyses(Requirements.all());
            Figure before = analyses.estimatedLatencyMs(study, run);
            study.setSetup(run, run.setup().with(Map.of(FactKey.LAG_MS, "40"), FactSource.TYPED));
            Figure after =
                    analyses.estimatedLatencyMs(study, study.run(run.id()).orElseThrow());
            assertThat(after.orNaN() - before.orNaN()).isGreaterThan(30);
        }
    }
}
