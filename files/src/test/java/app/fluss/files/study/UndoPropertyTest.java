package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.Planner;
import app.fluss.core.plan.Wish;
import app.fluss.core.reading.Impression;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.TypedReading;
import app.fluss.core.work.Progress;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.LogImport;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Whatever is done to a study, undo and redo walk through the states that it had; and what was put in comes out.
class UndoPropertyTest {
    @TempDir
    Path folder;

    private RunEvidence<?> log(int frames) throws Exception {
        StringBuilder text = new StringBuilder("present_ms,kind\n");
        for (int i = 0; i < frames; i++) {
            text.append(i * 10).append(i % 2 == 0 ? ",rendered\n" : ",generated\n");
        }
        Path raw = Files.writeString(folder.resolve("log" + frames + ".csv"), text);
        return new RunEvidence<>(
                EvidenceKinds.FRAME_LOG, raw, LogImport.read(raw, ImportOptions.guess(), Progress.NONE));
    }

    /// Everything that a study shows, as text.
    private static String state(Study study) throws StudyException {
        StringBuilder state = new StringBuilder();
        study.games().forEach(game -> state.append(game).append('\n'));
        study.scenes().forEach(scene -> state.append(scene).append('\n'));
        for (Run run : study.runs()) {
            state.append(run)
                    .append(run.setup().named())
                    .append(run.setup().items())
                    .append(study.sections(run))
                    .append('\n');
        }
        return state.append(study.bench().read())
                .append(study.plan().read())
                .append(study.capture().open())
                .toString();
    }

    private void change(Study study, SplittableRandom random, int step) throws Exception {
        List<Run> runs = study.runs();
        Run run = runs.isEmpty() ? null : runs.get(random.nextInt(runs.size()));
        int what = run == null ? 0 : random.nextInt(12);
        List<StoredSection> sections = run == null ? List.of() : study.sections(run);
        switch (what) {
            case 0, 1 -> study.addRun(draft(random, step), List.of(log(5 + random.nextInt(20))), Progress.NONE);
            case 2 -> study.gamesAndRuns().remove(List.of(run));
            case 3 -> study.addSection(run, new Section("s" + step, Section.Weight.TYPICAL, step, step + 10));
            case 4 ->
                study.setSetup(
                        run, run.setup().withDisplay(new DisplayMode(60 + step, SyncMode.LATEST), FactSource.TYPED));
            case 5 -> study.setSetup(run, run.setup().with(Map.of(FactKey.DRIVER, "d" + step), FactSource.READ));
            case 6 -> study.gamesAndRuns().setOutcome(List.of(run), Outcome.DISCARDED, "step " + step);
            case 7 -> study.bench().add(BenchPart.RIG, OptionalLong.empty(), "rig " + step);
            case 8 -> bench(study, random, step);
            case 9 ->
                study.plan()
                        .want(Map.of(new Planned.Cell(run.sceneId(), run.path().id()), step % 4));
            case 10 -> capture(study, run, random, step);
            default -> {
                if (sections.isEmpty()) {
                    study.setSetup(run, Setup.EMPTY.withItem(BenchPart.RIG, "rig " + step));
                } else if (random.nextBoolean()) {
                    study.removeSection(sections.getFirst());
                } else {
                    study.renameSection(sections.getFirst(), "renamed " + step);
                }
            }
        }
    }

    private static void bench(Study study, SplittableRandom random, int step) throws StudyException {
        List<Item> items = study.bench().read().items();
        if (items.isEmpty()) {
            study.bench().addPath("path " + step, Chain.of(StageKind.HOME_STREAM));
        } else {
            Item item = items.get(random.nextInt(items.size()));
            switch (random.nextInt(4)) {
                case 0 -> study.bench().remove(item);
                case 1 -> study.bench().use(item);
                case 2 -> study.bench().duplicate(item, "copy " + step);
                default ->
                    study.bench()
                            .state(
                                    item,
                                    List.of(new Fact(
                                            FactKey.DRIVER,
                                            "driver " + step,
                                            FactSource.TYPED,
                                            LocalDate.of(2026, 1, 1))));
            }
        }
    }

    private static void capture(Study study, Run run, SplittableRandom random, int step) throws StudyException {
        Optional<Attempt> open = study.capture().open();
        Optional<SheetRow> line =
                study.plan().read().sheet().stream().filter(SheetRow::isOpen).findFirst();
        if (open.isEmpty() && line.isPresent()) {
            study.capture().begin(line.get(), step);
        } else if (open.isEmpty()) {
            Wish wish =
                    new Wish(1, run.sceneId(), 60, run.path().id(), run.path().chain(), 1);
            study.plan().replaceOpen(Planner.plan(List.of(wish), PlanSettings.DEFAULT, Chain.NATIVE));
        } else {
            switch (random.nextInt(4)) {
                case 0 -> study.capture().takeBack(open.get());
                case 1 -> study.capture().leave(open.get());
                case 2 -> study.capture().feel(open.get(), new Impression(step % 6, 2, 3, "step " + step));
                default ->
                    study.capture().note(open.get(), new PadEntry.Counted(step, new TypedReading.Read(step, step + 2)));
            }
        }
    }

    private static RunDraft draft(SplittableRandom random, int step) {
        return new RunDraft(
                "game " + random.nextInt(3),
                "scene " + random.nextInt(2),
                random.nextBoolean() ? "native" : "engine 2×",
                new Chain(List.of(new Stage(StageKind.ENGINE_GENERATION, Map.of(FactKey.MULTIPLIER, "2")))),
                "run " + step,
                random.nextBoolean(),
                Setup.EMPTY.withNamed(Map.of("step", Integer.toString(step)), FactSource.TYPED),
                Double.NaN,
                Taking.UNRECORDED);
    }

    @Test
    void undoAndRedoWalkThroughTheStates() throws Exception {
        for (int seed = 1; seed <= 4; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            Path file = folder.resolve("walk" + seed + ".fluss");
            List<String> states = new ArrayList<>();
            int at = 0;
            Study study = Study.open(file);
            try {
                states.add(state(study));
                for (int step = 0; step < 60; step++) {
                    int turn = random.nextInt(10);
                    if (turn < 2 && at > 0) {
                        study.undo();
                        at--;
                    } else if (turn < 4 && at + 1 < states.size()) {
                        study.redo();
                        at++;
                    } else {
                        change(study, random, step);
                        states.subList(at + 1, states.size()).clear();
                        states.add(state(study));
                        at++;
                    }
                    assertThat(state(study)).as("seed %d, step %d", seed, step).isEqualTo(states.get(at));
                    if (turn == 9) {
                        study.close();
                        study = Study.open(file);
                    }
                }
                while (at > 0) {
                    study.undo();
                    assertThat(state(study)).isEqualTo(states.get(--at));
                }
                study.undo();
                assertThat(study.runs()).as("nothing was there at first").isEmpty();
            } finally {
                study.close();
            }
        }
    }

    /// Columns of any kind come back bit by bit, in several parts of evidence, with breaks and without time stamps.
    @Test
    void logsComeBackBitByBit() throws Exception {
        Path restarted = Files.writeString(
                folder.resolve("restarted.csv"), "present_ms,gpu_ms\n5000,1.5\n5010,\n5020,2\n100,3\n110,4.25\n");
        Path times = Files.writeString(folder.resolve("times.csv"), "frame_time_ms\n16.7\n16.6\n33.4\n");
        SplittableRandom random = new SplittableRandom(3);
        double[] present = new double[400_000];
        double[] power = new double[present.length];
        byte[] kinds = new byte[present.length];
        for (int i = 1; i < present.length; i++) {
            present[i] = present[i - 1] + 5 + random.nextDouble();
            power[i] = random.nextInt(5) == 0 ? Double.NaN : 100 * random.nextDouble();
            kinds[i] = (i % 3 == 0 ? FrameKind.GENERATED : FrameKind.RENDERED).code();
        }
        Path large = folder.resolve("large.csv");
        FrameLogWriter.write(
                FrameLog.presentedAt(present, present.length)
                        .channel(Channel.POWER, power)
                        .kinds(kinds)
                        .build(),
                large);
        assertThat(Files.size(large)).as("more than one part of 8 MiB").isGreaterThan(9L << 20);
        Path file = folder.resolve("bits.fluss");
        List<FrameLog> read = new ArrayList<>();
        try (Study study = Study.open(file)) {
            for (Path raw : List.of(restarted, times, large)) {
                ImportedLog imported = LogImport.read(raw, ImportOptions.guess(), Progress.NONE);
                read.add(imported.log());
                study.addRun(
                        draft(random, read.size()),
                        List.of(new RunEvidence<>(EvidenceKinds.FRAME_LOG, raw, imported)),
                        Progress.NONE);
            }
        }
        try (Study study = Study.open(file)) {
            List<Run> runs = study.runs();
            for (int i = 0; i < runs.size(); i++) {
                assertSame(study.log(runs.get(i)), read.get(i));
            }
            assertThat(study.check()).isEmpty();
        }
    }

    private static void assertSame(FrameLog a, FrameLog b) {
        assertThat(a.size()).isEqualTo(b.size());
        assertThat(a.segmentStarts()).isEqualTo(b.segmentStarts());
        assertThat(a.hasLeadIn()).isEqualTo(b.hasLeadIn());
        for (Channel channel : Channel.values()) {
            assertThat(a.has(channel)).as(channel.header()).isEqualTo(b.has(channel));
            if (a.has(channel)) {
                Values left = a.channel(channel).orElseThrow();
                Values right = b.channel(channel).orElseThrow();
                for (int i = 0; i < a.size(); i++) {
                    if (Double.doubleToRawLongBits(left.at(i)) != Double.doubleToRawLongBits(right.at(i))) {
                        assertThat(left.at(i)).as(channel.header() + " " + i).isEqualTo(right.at(i));
                    }
                }
            }
        }
        for (int i = 0; i < a.size(); i++) {
            if (a.kind(i) != b.kind(i)) {
                assertThat(a.kind(i)).as("kind " + i).isEqualTo(b.kind(i));
            }
        }
    }
}
