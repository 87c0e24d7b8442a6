package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.examine.ExamineScreen;
import app.fluss.app.model.PathWork;
import app.fluss.app.model.SecondCard;
import app.fluss.app.model.StudyAccess;
import app.fluss.app.pictures.StillsPanel;
import app.fluss.app.theme.Numbers;
import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.ladder.SettingLadder;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Section;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.work.Progress;
import app.fluss.files.clip.StillFile;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulationFolder;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/// What is worked out of a path, through the real window: second card, ladders, a clip that is counted.
class PathJobTest extends WindowTest {
    private static final double SECONDS = 16;
    private static final LocalDate DAY = LocalDate.of(2026, 11, 27);

    @Override
    Path study() throws Exception {
        Path study = folder.resolve("path" + System.nanoTime() + ".fluss");
        try (Study made = Study.open(study)) {
            add(made, "native", Chain.NATIVE, ReadyScenario.named("native"));
            Scenario three = ReadyScenario.named("second-gpu");
            Generator generator = three.generator().orElseThrow();
            for (int multiplier = 2; multiplier <= 4; multiplier++) {
                add(
                        made,
                        "second GPU " + multiplier,
                        Chain.of(StageKind.SECOND_GPU),
                        three.with(generator.withMultiplier(multiplier)));
            }
        }
        return study;
    }

    private static Run add(Study study, String path, Chain chain, Scenario scenario) throws Exception {
        Run run = addSimulated(study, path, chain, scenario.lasting(SECONDS), Grade.B);
        study.addSection(run, new Section("bank", Section.Weight.TYPICAL, 6_000, 12_000));
        return run;
    }

    private PathWork work() {
        return window.workbench().pathWorkProperty().get();
    }

    @Test
    void aSecondCardTellsItsStory() throws Exception {
        settle();
        select("second GPU 3");
        push(KeyCode.CONTROL, KeyCode.G);
        settle();
        SecondCard card = work().secondCard().orElseThrow();
        until(() -> assertThat(card.measured()).hasSize(3));
        until(() -> assertThat(card.load().orElseThrow().idlePct().interval()).isPresent());
        until(() -> assertThat(text("#load-law")).contains("from 3 runs").contains("load = "));
        until(() -> assertThat(words(look("#copies"))).contains("a double copy").contains("1 over, 3 back"));
        until(() -> assertThat(words(look("#sizes")))
                .contains("3840 × 2160")
                .contains("100 %")
                .contains("✕"));
        until(() -> assertThat(words(look("#by-section"))).contains("bank").contains("3.00×"));
        until(() -> assertThat(words(look("#ways"))).contains("● agrees").contains("no clip of this run was counted"));

        interact(() -> StudyAccess.change(window.workbench(), "Prices", study -> {
            study.bench().add(BenchPart.RIG, OptionalLong.empty(), "Reedbox");
            var rig = study.bench().read().items(BenchPart.RIG).getFirst();
            study.bench()
                    .state(
                            rig,
                            List.of(
                                    new Fact(FactKey.SECOND_CARD_PRICE, "190", FactSource.TYPED, DAY),
                                    new Fact(FactKey.FASTER_CARD_PRICE, "640", FactSource.TYPED, DAY),
                                    new Fact(FactKey.FASTER_CARD_SPEED, "1.5", FactSource.TYPED, DAY)));
        }));
        settle();
        select("second GPU 2");
        until(() -> assertThat(work().secondCard().orElseThrow().faster())
                .as("what came onto the bench later is no fact of a run")
                .isEmpty());
        Run second = window.workbench().selectedProperty().get();
        interact(() ->
                window.workbench().edits().runs().takeBench(second, contents().benchNow(second)));
        settle();
        until(() -> assertThat(
                        work().secondCard().orElseThrow().faster().orElseThrow().addedMs())
                .isNegative());
        until(() -> assertThat(words(look("#prices")))
                .contains("190")
                .contains("640")
                .contains("native frames played again"));
    }

    /// Another native path is no run without the card unless its facts say so.
    @Test
    void nativeRunsWithTheCardOutAreToldByTheirFacts() throws Exception {
        settle();
        interact(() -> StudyAccess.change(
                window.workbench(),
                "Another native path",
                study -> add(
                        study,
                        "native, evening",
                        Chain.NATIVE,
                        ReadyScenario.named("native").withSeed(5))));
        settle();
        select("second GPU 3");
        until(() -> assertThat(window.workbench().comparisonsProperty().get())
                .extracting(comparison -> comparison.path().name())
                .contains("native, evening"));
        until(() -> assertThat(work().secondCard().orElseThrow().withoutCard()).isEmpty());
        interact(() -> StudyAccess.change(window.workbench(), "Cards", study -> {
            for (Run run : study.runs()) {
                if (run.path().isNative()) {
                    study.setSetup(
                            run,
                            run.setup()
                                    .with(
                                            Map.of(
                                                    FactKey.CARDS_IN,
                                                    run.path().name().equals("native") ? "both" : "first only"),
                                            FactSource.TYPED));
                }
            }
        }));
        settle();
        until(() -> assertThat(work().secondCard()
                        .orElseThrow()
                        .withoutCard()
                        .orElseThrow()
                        .path()
                        .name())
                .isEqualTo("native, evening"));
        interact(() -> window.shell().examine().show(ExamineScreen.View.PATH));
        until(() -> assertThat(words(look("#second-card"))).contains("with it out"));
    }

    /// Two runs of which nothing can be worked out look alike and are not the same.
    @Test
    void everyRunHasItsOwnPathWork() throws Exception {
        settle();
        for (Run run : contents().runs()) {
            select(run.path().name());
            assertThat(work().runId()).isEqualTo(run.id());
        }
        select("native");
        push(KeyCode.CONTROL, KeyCode.G);
        until(() -> assertThat(look("#generation-panel"))
                .as("a native run generates nothing")
                .isNull());
    }

    @Test
    void runsThatDifferInTheMultiplierStandOnALadder() throws Exception {
        settle();
        select("second GPU 3");
        push(KeyCode.CONTROL, KeyCode.DIGIT5);
        settle();
        fire("#compare-settings");
        SettingLadder ladder = work().ladders().getFirst();
        until(() -> assertThat(ladder.setting()).isEqualTo(FactKey.MULTIPLIER));
        until(() -> assertThat(ladder.rungs()).extracting(ladder::name).containsExactly("native", "2×", "3×", "4×"));
        until(() -> assertThat(ladder.rungs())
                .allSatisfy(rung -> assertThat(rung.latencyMs().isKnown()).isTrue()));
        until(() -> assertThat(words(look("#ladders"))).contains("Multiplier").contains("estimated from the stages"));
    }

    @Test
    void aClipIsCountedWithoutItsOverlay() throws Exception {
        settle();
        select("second GPU 2");
        Path files = folder.resolve("clip" + System.nanoTime());
        SimulationFolder.write(
                Simulation.run(ReadyScenario.named("phantom-images").lasting(5)), files, Progress.NONE);
        push(KeyCode.CONTROL, KeyCode.I);
        settle();
        until(() -> assertThat(words(look("#pictures"))).contains("No clip of this run was counted"));
        interact(() -> window.shell().drop(List.of(files.resolve("clip.y4m"))));
        waitFor(() -> lookup("#count-result").tryQuery().isPresent());
        waitFor(() -> lookup("#count-result").<Label>query().getText().contains("distinct"));
        clickOn("Add to this run");
        settle();
        var pictures = window.workbench().analysedProperty().get().pictures().orElseThrow();
        double delivered = pictures.differences().count().deliveredFps(pictures.fps());
        until(() -> assertThat(delivered).isLessThan(80));
        until(() -> assertThat(words(look("#picture-figures"))).contains(Numbers.text(delivered, 1)));
        until(() -> assertThat(window.workbench().analysedProperty().get().findings())
                .extracting(finding -> finding.code())
                .as("the clip shows half of what the log of another run says")
                .contains("pictures-disagree"));
        until(() -> assertThat(Files.exists(files.resolve("clip.y4m"))).isTrue());
    }

    /// Every pixel off by 1: 48.13 dB, from the definition of PSNR.
    @Test
    void stillsAreHeldAgainstEachOther() throws Exception {
        settle();
        select("native");
        push(KeyCode.CONTROL, KeyCode.I);
        settle();
        Path reference = folder.resolve("native.png");
        Path picture = folder.resolve("upscaled.png");
        byte[] luma = new byte[40 * 30];
        Arrays.fill(luma, (byte) 100);
        StillFile.write(luma, 40, reference);
        Arrays.fill(luma, (byte) 101);
        StillFile.write(luma, 40, picture);
        interact(() -> ((StillsPanel) look("#stills")).compare(reference, picture));
        settle();
        until(() -> assertThat(text("#psnr")).isEqualTo("48.13"));
        interact(() -> ((StillsPanel) look("#stills")).compare(reference, folder.resolve("none.png")));
        settle();
        until(() -> assertThat(text("#message")).contains("none.png"));
    }
}
