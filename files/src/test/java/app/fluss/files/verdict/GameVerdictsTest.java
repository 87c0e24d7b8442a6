package app.fluss.files.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.attribute.Part;
import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.reading.Impression;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.verdict.Verdict;
import app.fluss.core.work.Progress;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.report.VerdictJson;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.StoredSchools.Chosen;
import app.fluss.files.study.Study;
import app.fluss.files.study.Taking;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.SplittableRandom;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/// Verdicts of whole studies whose logs are written here, frame by frame, at known rates.
class GameVerdictsTest {
    private static final int FRAMES = 500;

    @TempDir
    Path folder;

    private Study study;
    private final SplittableRandom random = new SplittableRandom(7);
    private int added;

    @BeforeEach
    void make() throws Exception {
        study = Study.open(folder.resolve("s.fluss"));
    }

    @AfterEach
    void close() throws Exception {
        study.close();
    }

    private static Chain engine(int multiplier) {
        return new Chain(List.of(
                new Stage(StageKind.ENGINE_GENERATION, Map.of(FactKey.MULTIPLIER, Integer.toString(multiplier)))));
    }

    private static Setup on(String display, Map<String, String> facts) {
        return Setup.EMPTY
                .withNamed(facts, FactSource.TYPED)
                .withDisplay(new DisplayMode(240, SyncMode.VRR, 40), FactSource.TYPED)
                .withItem(BenchPart.DISPLAY, display);
    }

    /// A run of so many rendered images a second and of made ones between them, with latency trials if a mean
    /// is given.
    private void add(String scene, String path, Chain chain, Setup setup, double fps, double latencyMs)
            throws Exception {
        add(scene, path, chain, setup, fps, latencyMs, Impression.NONE);
    }

    private void add(
            String scene, String path, Chain chain, Setup setup, double fps, double latencyMs, Impression impression)
            throws Exception {
        int each = (int) Math.max(1, chain.multiplier());
        double own = fps * (1 + 0.004 * random.nextGaussian());
        StringBuilder log = new StringBuilder("present_ms,displayed_ms,cpu_ms,gpu_ms,kind\n");
        double now = 0;
        for (int i = 0; i < FRAMES * each; i++) {
            now += 1000 / own / each * (1 + 0.02 * random.nextGaussian());
            log.append("%.3f,%.3f,3,8,%s%n".formatted(now, now + 3, i % each == 0 ? "rendered" : "generated"));
        }
        Path file = Files.writeString(folder.resolve("log%d.csv".formatted(++added)), log);
        List<RunEvidence<?>> evidence =
                new ArrayList<>(List.of(RunEvidence.of(EvidenceKinds.FRAME_LOG, file, Progress.NONE)));
        if (!Double.isNaN(latencyMs)) {
            StringBuilder trials = new StringBuilder("trial,input_ms,photon_ms\n");
            double mean = latencyMs + 0.1 * random.nextGaussian();
            for (int t = 1; t <= 30; t++) {
                trials.append("%d,%d,%.3f%n".formatted(t, t * 500, t * 500 + mean + 2 * (random.nextDouble() - 0.5)));
            }
            evidence.add(RunEvidence.of(
                    EvidenceKinds.LATENCY,
                    Files.writeString(folder.resolve("latency%d.csv".formatted(added)), trials),
                    Progress.NONE));
        }
        study.addRun(
                new RunDraft(
                        "Reedlight",
                        scene,
                        path,
                        chain,
                        "run " + added,
                        false,
                        setup,
                        Double.NaN,
                        new Taking(OptionalLong.of(added * 300_000L), Outcome.KEPT, "", impression)),
                evidence,
                Progress.NONE);
    }

    private void three(String path, Chain chain, Setup setup, double fps, double latencyMs) throws Exception {
        for (int i = 0; i < 3; i++) {
            add("weir", path, chain, setup, fps, latencyMs);
        }
    }

    private GameVerdicts judged(School school) throws Exception {
        return GameVerdicts.of(study, Optional.empty(), Optional.of(school.id()))
                .getFirst();
    }

    /// 2× adds 7 ms and is used; 4× adds 20 and is not, but the ladder holds 2×.
    @Test
    void aLadderNamesTheSettingsThatHold() throws Exception {
        Setup desk = on("Tideglass", Map.of());
        three("native", Chain.NATIVE, desk, 70, 40);
        three("engine 2×", engine(2), desk, 66, 47);
        three("engine 4×", engine(4), desk, 62, 60);
        GameVerdicts game = judged(School.RESPONSE_FIRST);
        assertThat(game.verdict("engine 2×").word()).isEqualTo(Verdict.Word.USE);
        Verdict four = game.verdict("engine 4×");
        assertThat(four.word()).isEqualTo(Verdict.Word.USE_WITH_SETTINGS);
        assertThat(four.settings().orElseThrow().path()).isEqualTo("engine 2×");
        assertThat(four.settings().orElseThrow().words()).isEqualTo("multiplier 2 ×");
        assertThat(game.primary()).contains("engine 2×");
        GainOverGames gains = GainOverGames.of(List.of(game.cases()));
        assertThat(gains.games().getFirst().paths())
                .extracting(GainOverGames.OfPath::path)
                .containsExactly("engine 2×", "engine 4×");
        assertThat(gains.games().getFirst().paths().getFirst().value()).isCloseTo(2 * 66 / 70.0, within(0.02));
        assertThat(gains.overall()).as("one game is no mean over games").isEmpty();
    }

    /// What is measured on two displays is judged on each, against the native runs of that display.
    @Test
    void displaysAreJudgedApart() throws Exception {
        for (String display : List.of("Tideglass", "Estuary")) {
            three("native", Chain.NATIVE, on(display, Map.of()), 70, 40);
            three("engine 2×", engine(2), on(display, Map.of()), 66, display.equals("Estuary") ? 58 : 46);
        }
        GameVerdicts game = judged(School.RESPONSE_FIRST);
        assertThat(game.verdict("engine 2×, on Tideglass").word()).isEqualTo(Verdict.Word.USE);
        assertThat(game.verdict("engine 2×, on Estuary").word()).isEqualTo(Verdict.Word.LEAVE_OFF);
    }

    /// Runs that do not name their display stand with those of the only display that is named.
    @Test
    void whatDoesNotSayWhereItWasMeasuredIsNotTornApart() throws Exception {
        Setup unnamed = Setup.EMPTY.withDisplay(new DisplayMode(240, SyncMode.VRR, 40), FactSource.TYPED);
        add("weir", "native", Chain.NATIVE, unnamed, 70, 40);
        three("native", Chain.NATIVE, on("Tideglass", Map.of()), 70, 40);
        three("engine 2×", engine(2), unnamed, 66, 47);
        GameVerdicts game = judged(School.RESPONSE_FIRST);
        assertThat(game.paths()).containsOnlyKeys("engine 2×");
        assertThat(game.verdict("engine 2×")
                        .claim(Rule.DELIVERED_GAIN)
                        .orElseThrow()
                        .held()
                        .runsA())
                .isEqualTo(4);
    }

    @Test
    void aGameWithoutNativeRunsSaysWhatToDo() throws Exception {
        three("engine 2×", engine(2), on("Tideglass", Map.of()), 66, 47);
        GameVerdicts game = judged(School.SMOOTH_FIRST);
        assertThat(game.paths()).isEmpty();
        assertThat(game.cases().without())
                .isEqualTo("Reedlight has no native run: measure the native path in weir first");
        add("mill", "native", Chain.NATIVE, on("Tideglass", Map.of()), 70, Double.NaN);
        assertThat(judged(School.SMOOTH_FIRST).cases().without()).contains("measure both in one scene");
    }

    /// The native path on battery against mains, for those who ask for hours. 80 Wh of which nine tenths can be
    /// used,
    /// at 30 W, last 2.4 h; such logs have a column of power.
    @Test
    void onlySchoolsOfHoursJudgeTheBattery() throws Exception {
        three("native", Chain.NATIVE, on("Tideglass", Map.of("power_source", "mains")), 70, Double.NaN);
        three("native", Chain.NATIVE, on("Tideglass", Map.of("power_source", "battery")), 55, Double.NaN);
        assertThat(judged(School.SMOOTH_FIRST).paths()).isEmpty();
        GameVerdicts hours = judged(School.HOURS_FIRST);
        Verdict battery = hours.verdict("native, on battery");
        assertThat(battery.claim(Rule.HOURS).orElseThrow().state()).isEqualTo(Claim.State.NO_FIGURE);
        assertThat(battery.claim(Rule.DELIVERED_RATE)
                        .orElseThrow()
                        .held()
                        .value()
                        .orNaN())
                .isCloseTo(55, within(1.0));
    }

    @Test
    void heavyMarksMakeItUnlikelyAtMost() throws Exception {
        Setup desk = on("Tideglass", Map.of());
        three("native", Chain.NATIVE, desk, 70, Double.NaN);
        for (int i = 0; i < 3; i++) {
            add("weir", "engine 2×", engine(2), desk, 66, Double.NaN, new Impression(4, 4, i == 0 ? 2 : 4, ""));
        }
        Verdict heavy = judged(School.PICTURE_FIRST).verdict("engine 2×");
        assertThat(heavy.claim(Rule.HEAVY_MARKS).orElseThrow().state()).isEqualTo(Claim.State.UNLIKELY);
        assertThat(heavy.word()).isEqualTo(Verdict.Word.PROBABLY_LEAVE_OFF);
    }

    /// A second card's supply is worked out of the stated facts: 300 + 250 + 150 W, with what they take for
    /// moments,
    /// of 450 W is not enough, whatever the figures say.
    @Test
    void aSupplyThatIsTooSmallFails() throws Exception {
        Setup desk = on(
                "Tideglass",
                Map.of("first_board_w", "300", "second_board_w", "250", "rest_w", "150", "supply_w", "450"));
        Chain second = new Chain(List.of(new Stage(StageKind.SECOND_GPU, Map.of(FactKey.MULTIPLIER, "2"))));
        three("native", Chain.NATIVE, desk, 70, 40);
        three("second card", second, desk, 69, 46);
        Verdict verdict = judged(School.SMOOTH_FIRST).verdict("second card");
        assertThat(verdict.claim(Rule.SUPPLY_AND_SLOT).orElseThrow().state()).isEqualTo(Claim.State.FAILS);
        assertThat(verdict.word()).isEqualTo(Verdict.Word.LEAVE_OFF);
    }

    /// The school of a game is the one that was chosen for it, with its own bounds; by name it is found too.
    @Test
    void aSchoolOfOnesOwnJudges() throws Exception {
        Setup desk = on("Tideglass", Map.of());
        three("native", Chain.NATIVE, desk, 70, 40);
        three("engine 2×", engine(2), desk, 66, 47);
        School strict =
                School.RESPONSE_FIRST.named("Arena at night").with(new Asked(Rule.ADDED_LATENCY, 4, 4, "what I felt"));
        study.schools().keep(strict);
        study.schools().choose(study.games().getFirst(), new Chosen(Optional.of(strict.id()), Optional.empty()));
        GameVerdicts chosen =
                GameVerdicts.of(study, Optional.empty(), Optional.empty()).getFirst();
        assertThat(chosen.school()).isEqualTo(strict);
        assertThat(chosen.verdict("engine 2×").word()).isEqualTo(Verdict.Word.LEAVE_OFF);
        assertThat(judged(School.RESPONSE_FIRST).verdict("engine 2×").word()).isEqualTo(Verdict.Word.USE);
        study.schools().choose(study.games().getFirst(), Chosen.NOTHING);
        study.bench()
                .state(
                        study.games().getFirst(),
                        List.of(new Fact(FactKey.GAME_KIND, "racing", FactSource.TYPED, LocalDate.of(2026, 11, 27))));
        assertThat(GameVerdicts.of(study, Optional.empty(), Optional.empty())
                        .getFirst()
                        .school())
                .as("what the bench says of the game now, though its runs were measured before")
                .isEqualTo(School.RESPONSE_FIRST);
        assertThatThrownBy(() -> GameVerdicts.of(study, Optional.empty(), Optional.of("fastest")))
                .hasMessageContaining("arena-at-night");
    }

    /// A package of an upscaler and generation, taken apart by the runs in between: the parts are those that
    /// the logs
    /// were written with.
    @Test
    void aPackageIsTakenApart() throws Exception {
        Setup none = on("Tideglass", Map.of("upscaler", "none"));
        Setup own = on("Tideglass", Map.of("upscaler", "own"));
        three("native", Chain.NATIVE, none, 50, 40);
        three("engine 2×", engine(2), own, 65, 44);
        PathAttribution together = attribution();
        assertThat(together.rate().steps().steps()).isEmpty();
        assertThat(together.missing())
                .as("generation is tied to the upscaler, so only the upscaler can be on alone")
                .containsExactly("one run with engine generation 2× off, upscaler own");
        assertThat(together.rate().effects().aliases().get("engine generation 2×"))
                .contains("upscaler");
        three("native, upscaler", Chain.NATIVE, own, 70, 36);
        PathAttribution apart = attribution();
        assertThat(apart.missing()).isEmpty();
        JsonNode json = VerdictJson.of(List.of(judged(School.SMOOTH_FIRST))).at("/games/Reedlight/paths/engine 2×");
        assertThat(json.at("/attribution/1/factor").asString()).isEqualTo("engine generation 2× on");
        assertThat(json.at("/attribution/1/ci/0").asDouble())
                .isLessThan(json.at("/attribution/1/ratio").asDouble());
        assertThat(apart.rate().steps().steps())
                .extracting(Part::name)
                .containsExactly("upscaler own", "engine generation 2× on");
        covers(apart.rate().steps().steps().get(0), 70 / 50.0);
        covers(apart.rate().steps().steps().get(1), 130 / 70.0);
        covers(apart.latency().orElseThrow().steps().steps().get(0), -4);
        assertThat(judged(School.SMOOTH_FIRST).verdict("engine 2×").doubts())
                .anyMatch(words -> words.contains("upscaler"));
    }

    private PathAttribution attribution() throws Exception {
        return judged(School.SMOOTH_FIRST).path("engine 2×").attribution().orElseThrow();
    }

    /// Within the interval, widened by a half: the draw is one of many.
    private static void covers(Part part, double truth) {
        double half = part.interval().orElseThrow().high() - part.value();
        assertThat(part.value()).isCloseTo(truth, within(1.5 * half));
    }

    @Test
    void aPathInOneSceneOnlyIsJudgedThere() throws Exception {
        Setup desk = on("Tideglass", Map.of());
        three("native", Chain.NATIVE, desk, 70, 40);
        three("engine 2×", engine(2), desk, 66, 47);
        add("mill", "native", Chain.NATIVE, desk, 60, 40);
        Verdict verdict = judged(School.RESPONSE_FIRST).verdict("engine 2×");
        assertThat(verdict.doubts())
                .singleElement()
                .asString()
                .contains("measured in this scene only")
                .contains("mill");
        assertThat(verdict.claims())
                .allSatisfy(claim -> assertThat(claim.scene()).isEqualTo("weir"));
    }
}
