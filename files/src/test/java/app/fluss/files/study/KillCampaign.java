package app.fluss.files.study;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;

/// Kills processes that write a study, again and again, and looks whether everything that they acknowledged is there.
/// `bench/kill-study.sh` runs it for two hundred times.
final class KillCampaign {
    private static final int LONGEST_MS = 900;
    private static final int RUNS_KEPT = 6;
    private static final int LITTLE = 4096;

    private final Path study;
    private final SplittableRandom random;
    private final Set<String> acknowledged = new HashSet<>();

    private KillCampaign(Path study, long seed) {
        this.study = study;
        this.random = new SplittableRandom(seed);
    }

    /// What came of a campaign.
    ///
    /// @param hot how many kills left a write that had to be taken back
    /// @param acknowledged commits that were told
    /// @param lost those that were not there afterwards
    record Result(int kills, int hot, int acknowledged, List<String> lost) {}

    /// Kills as often.
    static Result run(Path study, int kills, long seed) throws Exception {
        KillCampaign campaign = new KillCampaign(study, seed);
        Study.open(study).close();
        int hot = 0;
        int acknowledged = 0;
        List<String> lost = new ArrayList<>();
        for (int kill = 1; kill <= kills; kill++) {
            campaign.writeAndKill(kill);
            Path journal = study.resolveSibling(study.getFileName() + "-journal");
            hot += Files.exists(journal) && Files.size(journal) > 0 ? 1 : 0;
            acknowledged += campaign.acknowledged.size();
            lost.addAll(campaign.missing());
            campaign.acknowledged.clear();
        }
        return new Result(kills, hot, acknowledged, lost);
    }

    private void writeAndKill(int number) throws IOException, InterruptedException {
        Path said = Files.createTempFile("fluss-writer", ".txt");
        Process writer = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"),
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        System.getProperty("java.class.path"),
                        StudyWriter.class.getName(),
                        study.toString(),
                        Integer.toString(number))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .redirectOutput(said.toFile())
                .start();
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (writer.isAlive() && Files.size(said) == 0 && System.nanoTime() < end) {
            Thread.sleep(5);
        }
        Thread.sleep(random.nextInt(LONGEST_MS));
        if (number % 2 == 0) {
            waitForWrite();
        }
        boolean wrote = writer.isAlive();
        writer.destroyForcibly(); // SIGKILL
        writer.waitFor(10, TimeUnit.SECONDS);
        String all = Files.readString(said);
        Files.delete(said);
        if (!wrote || all.isEmpty()) {
            throw new IOException("the writer ended by itself, or could not open the study");
        }
        // A line that broke off was not told whole, so it was not acknowledged.
        all.substring(0, all.lastIndexOf('\n') + 1).lines().forEach(acknowledged::add);
    }

    /// Waits until the writer is in the middle of a write, so that every second kill falls into one.
    private void waitForWrite() throws IOException {
        Path journal = study.resolveSibling(study.getFileName() + "-journal");
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(3);
        while (System.nanoTime() < end) {
            try {
                if (Files.size(journal) > LITTLE) {
                    return;
                }
            } catch (NoSuchFileException e) {
                Thread.onSpinWait(); // between two writes
            }
        }
    }

    /// Opens the study, which takes back what was cut off, and looks for what was acknowledged.
    private List<String> missing() throws StudyException {
        try (Study opened = Study.open(study)) {
            Set<String> there = new HashSet<>();
            for (Run run : opened.runs()) {
                String number = run.name().substring("run ".length());
                there.add("run " + number);
                opened.sections(run)
                        .forEach(section -> there.add(section.section().name()));
                if (!run.isKept()) {
                    there.add("outcome " + number);
                }
                for (Attached attached : run.evidence()) {
                    opened.evidence(run, attached.kind());
                }
            }
            List<Run> runs = opened.runs();
            for (Run old : runs.subList(0, Math.max(0, runs.size() - RUNS_KEPT))) {
                opened.gamesAndRuns().remove(List.of(old));
            }
            return acknowledged.stream().filter(one -> !there.contains(one)).toList();
        }
    }

    /// @param arguments how many kills
    static void main(String[] arguments) throws Exception {
        Path study = Files.createTempDirectory("fluss-kill").resolve("study.fluss");
        Result result = run(study, Integer.parseInt(arguments[0]), System.nanoTime());
        System.out.printf(
                "%d kills, %d with a hot journal, %d commits acknowledged, %d lost%n",
                result.kills, result.hot, result.acknowledged, result.lost.size());
        result.lost.forEach(System.out::println);
        System.exit(result.lost.isEmpty() ? 0 : 1);
    }
}
