package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Section;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.Planner;
import app.fluss.core.plan.Wish;
import app.fluss.core.reading.Impression;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.reading.TypedReading;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ReadingsFile;
import java.io.BufferedReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BenchAndCaptureTest {
    @TempDir
    Path folder;

    private static Fact fact(FactKey key, String value) {
        return new Fact(key, value, FactSource.TYPED, LocalDate.of(2026, 11, 25));
    }

    private static Item item(Study study, BenchPart part, String name) throws StudyException {
        study.bench().add(part, OptionalLong.empty(), name);
        return study.bench().read().items(part).getLast();
    }

    @Test
    void whatIsInUseMakesTheSetup() throws Exception {
        try (Study study = Study.open(folder.resolve("bench.fluss"))) {
            Item first = item(study, BenchPart.DISPLAY, "desk");
            Item second = item(study, BenchPart.DISPLAY, "sofa");
            study.bench().state(first, List.of(fact(FactKey.OUTPUT_HZ, "144")));
            study.bench().state(second, List.of(fact(FactKey.OUTPUT_HZ, "60"), fact(FactKey.MODE_IN_USE, "game")));
            study.bench().add(BenchPart.PICTURE_MODE, OptionalLong.of(second.id()), "game");
            Item mode = study.bench().read().items(BenchPart.PICTURE_MODE).getFirst();
            study.bench().state(mode, List.of(fact(FactKey.LAG_MS, "12.5")));
            long scene = study.bench().addScene("Tidewarden", "marsh", 45);
            Game game = study.games().getFirst();
            study.bench().state(game, List.of(fact(FactKey.QUALITY, "high")));
            Setup before = study.bench().read().setup(game.id(), Chain.NATIVE);
            assertThat(before.number(FactKey.OUTPUT_HZ))
                    .as("the first of a part is in use")
                    .isEqualTo(144);
            study.bench().use(second);
            Chain chain = new Chain(List.of(new Stage(StageKind.ENGINE_GENERATION, Map.of(FactKey.MULTIPLIER, "2"))));
            Setup setup = study.bench().read().setup(game.id(), chain);
            assertThat(setup.named())
                    .containsEntry("output_hz", "60")
                    .containsEntry("lag_ms", "12.5")
                    .containsEntry("quality", "high")
                    .containsEntry("multiplier", "2");
            assertThat(study.scenes()).extracting(Scene::id).containsExactly(scene);
            study.bench().remove(second);
            assertThat(study.bench().read().items(BenchPart.PICTURE_MODE)).isEmpty();
            study.undo();
            assertThat(study.bench().read().setup(game.id(), chain))
                    .usingRecursiveComparison()
                    .isEqualTo(setup);
        }
    }

    @Test
    void aDuplicateHasTheSameFactsAndIsNotInUse() throws Exception {
        try (Study study = Study.open(folder.resolve("twice.fluss"))) {
            Item sofa = item(study, BenchPart.DISPLAY, "sofa");
            study.bench().state(sofa, List.of(fact(FactKey.OUTPUT_HZ, "60")));
            study.bench().add(BenchPart.PICTURE_MODE, OptionalLong.of(sofa.id()), "game");
            study.bench()
                    .state(
                            study.bench().read().items(BenchPart.PICTURE_MODE).getFirst(),
                            List.of(fact(FactKey.LAG_MS, "12.5")));
            long copied = study.bench().duplicate(sofa, "sofa (2)");
            Item copy = study.bench().read().items(BenchPart.DISPLAY).getLast();
            assertThat(copy.id()).isEqualTo(copied);
            assertThat(copy.name()).isEqualTo("sofa (2)");
            assertThat(copy.inUse()).isFalse();
            assertThat(copy.facts().get(FactKey.OUTPUT_HZ)).isEqualTo(fact(FactKey.OUTPUT_HZ, "60"));
            Item mode = study.bench().read().items(BenchPart.PICTURE_MODE).getLast();
            assertThat(mode.parent()).hasValue(copied);
            assertThat(mode.facts().get(FactKey.LAG_MS)).isEqualTo(fact(FactKey.LAG_MS, "12.5"));

            study.bench().addScene("Tidewarden", "marsh 2", 45);
            Scene marsh = study.scenes().getFirst();
            study.bench().describe(marsh.described(90, "at the mill", "down to the ford", Section.Weight.WORST));
            study.bench().duplicate(study.scenes().getFirst(), "marsh 10");
            assertThat(study.scenes()).extracting(Scene::name).containsExactly("marsh 2", "marsh 10");
            Scene second = study.scenes().getLast();
            assertThat(second)
                    .isEqualTo(new Scene(
                            second.id(),
                            marsh.gameId(),
                            "marsh 10",
                            90,
                            "at the mill",
                            "down to the ford",
                            Section.Weight.WORST));
        }
    }

    @Test
    void aPathThatHasRunsKeepsItsStages() throws Exception {
        try (Study study = Study.open(folder.resolve("paths.fluss"))) {
            Chain engine = Chain.of(StageKind.ENGINE_GENERATION);
            Chain twice = engine.with(0, engine.stages().getFirst().with(FactKey.MULTIPLIER, "2"));
            Chain thrice = engine.with(0, engine.stages().getFirst().with(FactKey.MULTIPLIER, "3"));
            study.bench().addPath("engine", engine);
            study.addRun(draft("run"), List.of(), Progress.NONE);
            DeliveryPath path = study.bench().read().paths().getFirst();
            study.bench().changePath(path, "engine 2×", twice);
            DeliveryPath stated = study.bench().read().paths().getFirst();
            assertThat(stated.multiplier())
                    .as("what was not stated can be stated later")
                    .isEqualTo(2);
            assertThatThrownBy(() -> study.bench().changePath(stated, "engine 3×", thrice))
                    .isInstanceOf(StudyException.class)
                    .hasMessageContaining("Duplicate it");
            assertThatThrownBy(() -> study.bench().removePath(stated)).hasMessageContaining("has runs");
        }
    }

    private static RunDraft draft(String name) {
        return new RunDraft(
                "Tidewarden", "marsh", "engine", Chain.NATIVE, name, false, Setup.EMPTY, Double.NaN, Taking.UNRECORDED);
    }

    private static Attempt begin(Study study) throws StudyException {
        if (study.scenes().isEmpty()) {
            study.bench().addPath("engine", Chain.of(StageKind.ENGINE_GENERATION));
            study.bench().addScene("Tidewarden", "marsh", 45);
        }
        Scene scene = study.scenes().getFirst();
        DeliveryPath path = study.bench().read().paths().getFirst();
        Wish wish = new Wish(scene.gameId(), scene.id(), scene.seconds(), path.id(), path.chain(), 2);
        study.plan().replaceOpen(Planner.plan(List.of(wish), PlanSettings.DEFAULT, Chain.NATIVE));
        SheetRow row = study.plan().read().sheet().stream()
                .filter(line -> line.isOpen() && line.role().isMeasured())
                .findFirst()
                .orElseThrow();
        study.capture().begin(row, 1_000);
        return study.capture().open().orElseThrow();
    }

    @Test
    void aRunEndsItsLineAndComesAgainIfItIsToBeRepeated() throws Exception {
        try (Study study = Study.open(folder.resolve("capture.fluss"))) {
            Attempt attempt = begin(study);
            study.capture().note(attempt, new PadEntry.Counted(1_000, new TypedReading.Read(33, 40)));
            study.capture().note(attempt, new PadEntry.Counted(2_000, new TypedReading.Read(41, 41)));
            study.capture().note(attempt, new PadEntry.Marked(2_500, PadMark.WORST));
            study.capture().feel(attempt, new Impression(4, 2, 3, "drags in the reeds"));
            Attempt typed = study.capture().open().orElseThrow();
            Path readings = folder.resolve("pad.csv");
            ReadingsFile.writePad(typed.entries(), readings);
            ReadingSeries read = ReadingsFile.read(readings);
            assertThat(read.mean().orNaN()).isEqualTo(38.75);
            assertThat(read.lowest().orNaN()).as("the end of a range").isEqualTo(33);
            Taking taking = new Taking(OptionalLong.of(1_000), Outcome.REPEAT, "door was shut", typed.impression());
            Run run = study.finish(
                    typed,
                    draft("one").taken(taking),
                    List.of(new RunEvidence<>(EvidenceKinds.READINGS, readings, read)),
                    List.of(new Taking.Checked(
                            "same-route", app.fluss.core.path.Outcome.State.UNKNOWN, "only you can tell", false)),
                    List.of(),
                    Progress.NONE);
            assertThat(run.isKept()).isFalse();
            assertThat(run.grade()).isEqualTo(Grade.D);
            assertThat(run.taking()).isEqualTo(taking);
            assertThat(study.capture().checks(run)).hasSize(1);
            assertThat(study.capture().open()).isEmpty();
            assertThatThrownBy(() -> study.finish(
                            typed, draft("two").taken(taking), List.of(), List.of(), List.of(), Progress.NONE))
                    .as("nothing is kept twice")
                    .hasMessageContaining("ended already");
            List<SheetRow> runs = study.plan().read().sheet().stream()
                    .filter(row -> row.role().isMeasured())
                    .toList();
            assertThat(runs)
                    .extracting(SheetRow::state)
                    .as("done, again, and the second one wished")
                    .containsExactly(SheetRow.State.DONE, SheetRow.State.OPEN, SheetRow.State.OPEN);
            assertThat(study.check()).isEmpty();
        }
    }

    @Test
    void planningAnewKeepsWhatIsDone() throws Exception {
        try (Study study = Study.open(folder.resolve("again.fluss"))) {
            Attempt attempt = begin(study);
            study.finish(attempt, draft("one"), List.of(), List.of(), List.of(), Progress.NONE);
            List<SheetRow> before = study.plan().read().sheet();
            begin(study);
            List<SheetRow> after = study.plan().read().sheet();
            assertThat(after)
                    .containsAll(before.stream().filter(row -> !row.isOpen()).toList());
            assertThat(after.getLast().isOpen()).isTrue();
        }
    }

    /// What was typed stays when a run is left, and the line comes again.
    @Test
    void leavingARunLosesNothing() throws Exception {
        try (Study study = Study.open(folder.resolve("left.fluss"))) {
            Attempt attempt = begin(study);
            study.capture().note(attempt, new PadEntry.Marked(5, PadMark.LAG));
            Attempt typed = study.capture().open().orElseThrow();
            int lines = study.plan().read().sheet().size();
            study.capture().leave(typed);
            assertThat(study.capture().open()).isEmpty();
            assertThat(study.plan().read().sheet()).hasSize(lines + 1);
            study.undo();
            assertThat(study.capture().open()).contains(typed);
        }
    }

    @Test
    void whatWasTypedSaysHowGoodTheEvidenceIs() throws Exception {
        try (Study study = Study.open(folder.resolve("grade.fluss"))) {
            Attempt attempt = begin(study);
            assertThat(attempt.hasEvidence(false, false)).isFalse();
            assertThat(attempt.grade(true, false)).isEqualTo(Grade.B);
            study.capture().feel(attempt, new Impression(0, 0, 0, "smooth enough"));
            Attempt felt = study.capture().open().orElseThrow();
            assertThat(felt.grade(false, false)).isEqualTo(Grade.E);
            assertThat(felt.hasEvidence(false, false)).isTrue();
            study.capture().note(attempt, new PadEntry.Counted(1, new TypedReading.Read(60, 60)));
            assertThat(study.capture().open().orElseThrow().grade(false, false)).isEqualTo(Grade.D);
            study.capture().summarise(attempt, new Attempt.TypedSummary("about 60", "", ""));
            assertThat(study.capture().open().orElseThrow().grade(false, false))
                    .as("kept as it was typed, and no summary yet")
                    .isEqualTo(Grade.D);
            study.capture().summarise(attempt, new Attempt.TypedSummary("61,5", "40", ""));
            Attempt told = study.capture().open().orElseThrow();
            assertThat(told.grade(false, false)).isEqualTo(Grade.C);
            assertThat(told.summary().summary(40).orElseThrow().claimed().mean().orNaN())
                    .isEqualTo(61.5);
        }
    }

    /// The program is killed, as by the system, while readings are typed; each that was reported as kept
    /// is there.
    @Test
    void killedWhileReadingsAreTypedNoneIsLost() throws Exception {
        Path file = folder.resolve("killed.fluss");
        Process typist = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Typist.class.getName(),
                        file.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        int kept = 0;
        try (BufferedReader out = typist.inputReader()) {
            for (String line = out.readLine(); line != null && kept < 40; line = out.readLine()) {
                kept = Integer.parseInt(line);
            }
            typist.destroyForcibly().waitFor();
        }
        assertThat(kept).isEqualTo(40);
        try (Study study = Study.open(file)) {
            assertThat(study.isReadOnly()).isFalse();
            List<PadEntry> entries = study.capture().open().orElseThrow().entries();
            assertThat(entries).hasSizeGreaterThanOrEqualTo(kept);
            assertThat(entries.get(kept - 1))
                    .isEqualTo(new PadEntry.Counted(kept * 100L, new TypedReading.Read(kept, kept)));
            assertThat(study.check()).isEmpty();
        }
        assertThat(Files.exists(file)).isTrue();
    }

    /// Types readings without end, and says how many the study has reported as kept.
    static final class Typist {
        private Typist() {}

        public static void main(String... args) throws Exception {
            Study study = Study.open(Path.of(args[0]));
            Attempt attempt = begin(study);
            for (int i = 1; ; i++) {
                study.capture().note(attempt, new PadEntry.Counted(i * 100L, new TypedReading.Read(i, i)));
                System.out.println(i);
            }
        }
    }

    /// A row does not hold how smooth it felt: that stays when the rest is corrected, and so does the evidence of
    /// others.
    @Test
    void correctingATypedRunKeepsWhatARowDoesNotHold() throws Exception {
        try (Study study = Study.open(folder.resolve("corrected.fluss"))) {
            Impression felt = new Impression(4, 2, 3, "drags");
            Taking taking = new Taking(OptionalLong.empty(), Outcome.KEPT, "", felt);
            Run run = study.addRun(draft("noted 1").taken(taking), List.of(), Progress.NONE);
            assertThat(QuickRun.isOne(run)).isTrue();
            Taking again = new Taking(OptionalLong.empty(), Outcome.KEPT, "", new Impression(0, 5, 0, "follows"));
            Run corrected = study.correct(run, new NewRun(draft("noted 1").taken(again), List.of()), Progress.NONE);
            assertThat(corrected.taking().impression()).isEqualTo(new Impression(4, 5, 3, "follows"));
            Path summary = Files.writeString(folder.resolve("summary.csv"), "duration_s,average_fps\n40,60\n");
            Run told =
                    study.add(corrected, RunEvidence.of(EvidenceKinds.SUMMARY, summary, Progress.NONE), Progress.NONE);
            assertThat(QuickRun.isOne(told)).as("a summary with a length").isFalse();
        }
    }
}
